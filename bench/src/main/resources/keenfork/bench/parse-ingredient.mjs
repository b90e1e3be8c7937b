// The peer of the line benchmark, on one thread: lines in a second, the best of twenty rounds after as many to warm up.
import { readFileSync } from 'node:fs';
import { parseIngredient } from 'parse-ingredient';
const text = readFileSync(process.argv[2], 'utf8');
const lines = text.split('\n').length;
let best = 0;
for (let round = 0; round < 40; round++) {
  const start = process.hrtime.bigint();
  for (let i = 0; i < 10; i++) parseIngredient(text);
  const perSecond = (10 * lines) / (Number(process.hrtime.bigint() - start) / 1e9);
  if (round >= 20) best = Math.max(best, perSecond);
}
console.log(Math.round(best));
