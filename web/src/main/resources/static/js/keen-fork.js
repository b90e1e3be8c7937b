// Keys, and what each station adds. Everything here also works without it.
import './bench.js';
import * as map from './map.js';
import * as parts from './parts.js';
import * as run from './run.js';

document.documentElement.classList.add('has-js');

const typing = (el) => el.closest('input, textarea, select, [contenteditable]');

function escape(event) {
  if (!parts.foldIn() && !typing(event.target)) map.closeWhy();
}

function arrow(event) {
  const sideways = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
  if (event.target.matches('.kf-map tbody a')) map.move(event);
  else if (event.shiftKey && sideways && event.target.matches('.kf-clock[data-yours=true] .b')) {
    event.preventDefault();
    run.moveTurn(event.target.dataset.dish, event.key === 'ArrowLeft' ? 'earlier' : 'later');
  } else if (event.target.matches('.day .b')) run.move(event);
}

function letter(event) {
  const find = document.querySelector('[data-find]');
  if (event.key === '/' && find) {
    event.preventDefault();
    find.focus();
  } else if (event.key.toLowerCase() === 'p' && document.querySelector('.kf-peels')) map.peel(event.shiftKey);
  else if (event.key === '?') document.querySelector('.kf-keys').showModal();
  else document.querySelector(`.kf-rail a[data-key="${CSS.escape(event.key)}"]`)?.click();
}

document.addEventListener('keydown', (event) => {
  if (document.querySelector('.kf-keys[open]')) return;
  if (event.key === 'Escape') escape(event);
  else if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
  else if (event.key.startsWith('Arrow')) arrow(event);
  else letter(event);
});
