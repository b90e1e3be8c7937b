// Keys, and forms that go by themselves. Everything here also works without it.
(() => {
  const typing = (el) => el.closest('input, textarea, select, [contenteditable]');

  document.documentElement.classList.add('has-js');

  document.addEventListener('change', (event) => {
    if (event.target.matches('select[data-submit]')) event.target.form.submit();
  });

  const moveInMap = (event, cell) => {
    const row = cell.closest('tr');
    const at = [...row.children].indexOf(cell.closest('td, th'));
    const dishes = [...document.querySelectorAll('.kf-map tbody tr.dish')];
    const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
    const next = dishes[dishes.indexOf(row) + step[0]]?.children[at + step[1]]?.querySelector('a');
    if (!next) return;
    event.preventDefault();
    next.focus();
  };

  const peel = (back) => {
    const peels = [...document.querySelectorAll('.kf-peels a')];
    const at = peels.findIndex((a) => a.hasAttribute('aria-current'));
    peels[at + (back ? -1 : 1)]?.click();
  };

  document.addEventListener('keydown', (event) => {
    if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key.startsWith('Arrow') && event.target.matches('.kf-map tbody a')) moveInMap(event, event.target);
    else if (event.key.toLowerCase() === 'p' && document.querySelector('.kf-peels')) peel(event.shiftKey);
    else document.querySelector(`.kf-rail a[data-key="${CSS.escape(event.key)}"]`)?.click();
  });

  // the chosen mark keeps the focus after its page has loaded
  const chosen = document.querySelector('.kf-cell.is-sel');
  if (chosen) chosen.focus({ preventScroll: false });
})();
