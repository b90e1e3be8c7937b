// The run: a block of the day is moved by keys or by hand, and what its new turn would score is told meanwhile.

const clock = document.querySelector('.kf-clock');
const blocks = () => [...document.querySelectorAll('.day .b')];
const box = (el) => el.querySelector('.bx').getBoundingClientRect();

/**
 * The nearest box in the direction of an arrow.
 * @param {{left: number, top: number}} from
 * @param {{left: number, top: number}[]} others
 * @param {string} key ArrowLeft, ArrowRight, ArrowUp or ArrowDown
 * @returns {number} its place among the others; -1 where there is none
 */
export function nearest(from, others, key) {
  const across = key === 'ArrowLeft' || key === 'ArrowRight';
  const ahead = key === 'ArrowRight' || key === 'ArrowDown';
  const isThere = (b) => {
    if (across) return Math.abs(b.top - from.top) < 4 && (ahead ? b.left > from.left : b.left < from.left);
    return ahead ? b.top > from.top + 4 : b.top < from.top - 4;
  };
  const far = (b) => {
    const left = Math.abs(b.left - from.left);
    return across ? left : Math.abs(b.top - from.top) * 100 + left;
  };
  const there = others.filter(isThere).sort((a, b) => far(a) - far(b));
  return others.indexOf(there[0]);
}

function say(words, aloud) {
  const line = document.querySelector('.kf-moves');
  line.classList.toggle('visually-hidden', !aloud);
  line.textContent = words;
}

// one block takes part in the tab order; the arrows go on from it
function settle(block) {
  blocks().forEach((b) => b.setAttribute('tabindex', b === block ? '0' : '-1'));
}

/** Goes from a block of the day to the next in an arrow's direction. */
export function move(event) {
  event.preventDefault();
  const others = blocks().filter((b) => b !== event.target);
  const next = others[nearest(box(event.target), others.map(box), event.key)];
  if (!next) return;
  settle(next);
  next.focus();
}

/**
 * Gives a batch another turn.
 * @param {string} dish its dish's key
 * @param {string} to its turn from 0, or `earlier`, or `later`
 */
export function moveTurn(dish, to) {
  const form = document.createElement('form');
  form.method = 'post';
  form.action = '/run/move';
  const fields = { run: clock.dataset.run, dish, to, open: dish, _csrf: clock.dataset.csrf };
  for (const [name, value] of Object.entries(fields)) {
    const field = document.createElement('input');
    field.type = 'hidden';
    field.name = name;
    field.value = value;
    form.append(field);
  }
  document.body.append(form);
  form.submit();
}

function dragging() {
  let drag = null;
  const dropped = (event) =>
    document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((el) => el.closest('.day .b'))
      .find((b) => b && b !== drag.block && b.dataset.dish !== drag.block.dataset.dish);
  clock.addEventListener('pointerdown', (event) => {
    const block = event.target.closest('.b');
    if (block && event.button === 0) drag = { block, x: event.clientX, on: false, over: null };
  });
  document.addEventListener('pointermove', (event) => {
    if (!drag || (!drag.on && Math.abs(event.clientX - drag.x) < 8)) return;
    drag.on = true;
    blocks().forEach((b) => b.classList.toggle('dragged', b.dataset.dish === drag.block.dataset.dish));
    const over = dropped(event);
    if (over === drag.over) return;
    drag.over?.classList.remove('under');
    drag.over = over ?? null;
    over?.classList.add('under');
    if (!over) {
      say('Drop it on the batch whose turn it takes', true);
      return;
    }
    fetch(`/run/score?dish=${drag.block.dataset.dish}&to=${over.dataset.turn}`)
      .then((answer) => answer.text())
      .then((words) => {
        if (drag?.over === over) say(words, true);
      });
  });
  document.addEventListener('pointerup', () => {
    if (!drag) return;
    const { block, on, over } = drag;
    drag = null;
    if (!on) return;
    clock.addEventListener('click', (event) => event.preventDefault(), { once: true, capture: true });
    blocks().forEach((b) => b.classList.remove('dragged', 'under'));
    say('', false);
    if (over) moveTurn(block.dataset.dish, over.dataset.turn);
  });
}

if (clock && blocks().length) {
  settle(document.querySelector('.day .b.open') ?? blocks()[0]);
  if (new URL(location.href).searchParams.has('open'))
    document.querySelector('.day .b.open')?.focus({ preventScroll: true });
  document
    .querySelector('.day .arc[aria-current], .day .b.open')
    ?.scrollIntoView({ block: 'nearest', inline: 'center' });
  clock.addEventListener('dragstart', (event) => event.preventDefault());
  if (clock.dataset.yours === 'true') dragging();
}
