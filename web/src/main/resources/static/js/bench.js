// The bench: answers put into the text, and nothing typed is lost by going away.
import * as parts from './parts.js';

// only a bullet or a number may stand before a line: "14 tbsp honey" is not the line "4 tbsp honey"
const BULLET = /^[\s\-–—*•·▪◦+➢→●○■□☐☑✓✔]*(?:\[[ x]?\]\s*|\d{1,3}[.)]\s+)?$/;

/**
 * Where an answer goes.
 * @param {string} text the recipe as it stands
 * @param {string} line the line that is asked about, as it was read
 * @param {string} words what stands there once it is answered
 * @returns {{start: number, end: number, words: string}?} what is taken out, and what goes in; null where the line is
 *     not there any more
 */
export function place(text, line, words) {
  const lines = text.split('\n');
  const at = lines.findIndex((one) => {
    const whole = one.trimEnd();
    return whole.endsWith(line) && BULLET.test(whole.slice(0, whole.length - line.length));
  });
  if (at < 0) return null;
  const start = lines.slice(0, at).join('\n').length + (at > 0 ? 1 : 0);
  const whole = lines[at].trimEnd();
  return { start, end: start + whole.length, words: whole.slice(0, whole.length - line.length) + words };
}

// an answer is written into its line, in the box where it can be seen and taken back
function answer(button) {
  const box = document.querySelector('#text');
  const found = place(box.value, button.dataset.line, button.dataset.with);
  if (!found) return false;
  box.focus();
  box.setSelectionRange(found.start, found.end);
  // written as if typed, so that the browser's own undo takes it back
  if (!document.execCommand('insertText', false, found.words))
    box.setRangeText(found.words, found.start, found.end, 'end');
  box.dispatchEvent(new Event('input', { bubbles: true }));
  return true;
}

document.addEventListener('click', (event) => {
  const button = event.target.closest('button[data-line]');
  if (button && answer(button)) event.preventDefault();
});

// what was typed before the scripts were there, or is put back by the browser on the way back, is read as well: a
// reading of other words must not stand beside it
window.addEventListener('pageshow', () => {
  for (const box of document.querySelectorAll('[hx-trigger$="typed"]'))
    if ([...(box.form?.elements ?? [box])].some(parts.isTyped)) window.htmx.trigger(box, 'typed');
});

let leaving = false;
document.addEventListener('submit', () => {
  leaving = true;
});
window.addEventListener('beforeunload', (event) => {
  const box = document.querySelector('#text');
  if (box && !leaving && parts.isTyped(box)) event.preventDefault();
});
