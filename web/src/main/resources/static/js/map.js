// The map: a mark opens its thread beside it, arrows go from mark to mark, one key peels the dishes.

const STEPS = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };

const shown = () => [...document.querySelectorAll('.kf-map tbody tr.dish')].filter((row) => !row.hidden);

/** Goes from a mark to the one beside it, past rows that are hidden. */
export function move(event) {
  const cell = event.target;
  const row = cell.closest('tr');
  const at = [...row.children].indexOf(cell.closest('td, th'));
  const [down, right] = STEPS[event.key];
  const rows = shown();
  const next = rows[rows.indexOf(row) + down]?.children[at + right]?.querySelector('a');
  if (!next) return;
  event.preventDefault();
  next.focus();
}

/** Peels the dishes one step, or puts it back. */
export function peel(back) {
  const peels = [...document.querySelectorAll('.kf-peels a')];
  const at = peels.findIndex((a) => a.hasAttribute('aria-current'));
  peels[at + (back ? -1 : 1)]?.click();
}

function unchoose() {
  document
    .querySelectorAll('.kf-cell.is-sel, .kf-map .is-col')
    .forEach((el) => el.classList.remove('is-sel', 'is-col'));
}

function choose(cell) {
  unchoose();
  cell.classList.add('is-sel');
  const at = [...cell.closest('tr').children].indexOf(cell.closest('td'));
  document.querySelectorAll('.kf-map tr').forEach((row) => row.children[at]?.classList.add('is-col'));
}

// the address can still be shared or gone back to
document.addEventListener('click', (event) => {
  const cell = event.target.closest('.kf-map a.kf-cell');
  if (!cell || event.ctrlKey || event.metaKey || event.shiftKey || !window.htmx) return;
  event.preventDefault();
  choose(cell);
  const address = new URL(cell.href);
  window.htmx.ajax('GET', address.pathname + '/why' + address.search, { target: '#why', swap: 'outerHTML' });
  history.replaceState(null, '', cell.href);
  cell.focus();
});

/** Closes the thread that is open; where none is, nothing happens. */
export function closeWhy() {
  const cell = document.querySelector('.kf-cell.is-sel');
  if (!cell) return;
  unchoose();
  window.htmx?.ajax('GET', '/map/why', { target: '#why', swap: 'outerHTML' });
  history.replaceState(null, '', '/map' + (document.querySelector('.kf-map').dataset.query || ''));
  cell.focus();
}

// what a narrow screen hides to the right is told, and one press brings it in
document.querySelectorAll('[data-more]').forEach((button) => {
  const tray = button.parentElement.querySelector('.scroll');
  const tell = () => {
    button.hidden = tray.scrollWidth - tray.clientWidth - tray.scrollLeft < 8;
  };
  tray.addEventListener('scroll', tell, { passive: true });
  button.addEventListener('click', () => tray.scrollBy({ left: tray.clientWidth / 2 }));
  new ResizeObserver(tell).observe(tray);
  tell();
});

// a mark named in the address is shown as chosen, with its column, and keeps the focus
const address = new URL(location.href);
if (address.searchParams.get('group')) {
  const cell = [...document.querySelectorAll('.kf-map a.kf-cell')].find((a) => {
    const there = new URL(a.href).searchParams;
    return ['dish', 'group', 'member'].every((name) => there.get(name) === address.searchParams.get(name));
  });
  if (cell) {
    choose(cell);
    cell.focus();
  }
}
