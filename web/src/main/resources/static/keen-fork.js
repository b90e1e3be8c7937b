// Keys, answers put into the text, and forms that go by themselves. Everything here also works without it.
(() => {
  const typing = (el) => el.closest('input, textarea, select, [contenteditable]');

  document.documentElement.classList.add('has-js');

  document.addEventListener('change', (event) => {
    if (event.target.matches('select[data-submit], input[data-submit]')) event.target.form.submit();
    // a label shows at once what is typed onto it
    const picture = event.target.matches('[data-shows]') && document.querySelector('img[data-preview]');
    if (picture) {
      const address = new URL(picture.src);
      address.searchParams.set(event.target.name, event.target.value);
      picture.src = address.href;
    }
  });

  // --- the map -------------------------------------------------------------------------------------------------------

  // what a narrow screen hides to the right is told, and one press brings it in
  const more = () =>
    document.querySelectorAll('[data-more]').forEach((button) => {
      const tray = button.parentElement.querySelector('.scroll');
      const left = () => tray.scrollWidth - tray.clientWidth - tray.scrollLeft;
      const tell = () => {
        button.hidden = left() < 8;
      };
      tray.addEventListener('scroll', tell, { passive: true });
      button.addEventListener('click', () => tray.scrollBy({ left: tray.clientWidth / 2 }));
      new ResizeObserver(tell).observe(tray);
      tell();
    });
  document.addEventListener('DOMContentLoaded', more);

  const shown = () => [...document.querySelectorAll('.kf-map tbody tr.dish')].filter((row) => !row.hidden);

  const moveInMap = (event, cell) => {
    const row = cell.closest('tr');
    const at = [...row.children].indexOf(cell.closest('td, th'));
    const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
    const rows = shown();
    const next = rows[rows.indexOf(row) + step[0]]?.children[at + step[1]]?.querySelector('a');
    if (!next) return;
    event.preventDefault();
    next.focus();
  };

  const peel = (back) => {
    const peels = [...document.querySelectorAll('.kf-peels a')];
    const at = peels.findIndex((a) => a.hasAttribute('aria-current'));
    peels[at + (back ? -1 : 1)]?.click();
  };

  const choose = (cell) => {
    document
      .querySelectorAll('.kf-cell.is-sel, .kf-map .is-col')
      .forEach((el) => el.classList.remove('is-sel', 'is-col'));
    cell.classList.add('is-sel');
    const at = [...cell.closest('tr').children].indexOf(cell.closest('td'));
    document.querySelectorAll('.kf-map tr').forEach((row) => row.children[at]?.classList.add('is-col'));
  };

  // a mark opens its thread beside the map; the address can still be shared or gone back to
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

  const closeWhy = () => {
    const cell = document.querySelector('.kf-cell.is-sel');
    if (!cell) return false;
    document
      .querySelectorAll('.kf-cell.is-sel, .kf-map .is-col')
      .forEach((el) => el.classList.remove('is-sel', 'is-col'));
    window.htmx?.ajax('GET', '/map/why', { target: '#why', swap: 'outerHTML' });
    history.replaceState(null, '', '/map' + (document.querySelector('.kf-map').dataset.query || ''));
    cell.focus();
    return true;
  };

  // rows are found while a word is typed
  document.addEventListener('input', (event) => {
    const into = event.target.dataset?.rows;
    if (!into) return;
    const words = event.target.value.trim().toLowerCase();
    let open = false;
    document.querySelectorAll(`${into} tr`).forEach((row) => {
      if (!row.classList.contains('part')) open = row.querySelector('th').textContent.toLowerCase().includes(words);
      row.hidden = !open;
    });
  });

  // --- the bench -----------------------------------------------------------------------------------------------------

  // an answer is written into its line, in the box where it can be seen and taken back
  const answer = (button) => {
    const box = document.querySelector('#text');
    const lines = box.value.split('\n');
    // only a bullet or a number may stand before it: "14 tbsp honey" is not the line "4 tbsp honey"
    const bullet = /^[\s\-–—*•·▪◦+➢→●○■□☐☑✓✔]*(?:\[[ x]?\]\s*|\d{1,3}[.)]\s+)?$/;
    const isIt = (line) =>
      line.trimEnd().endsWith(button.dataset.line) && bullet.test(line.trimEnd().slice(0, -button.dataset.line.length));
    const at = lines.findIndex(isIt);
    if (at < 0) return false;
    const end = lines[at].trimEnd();
    lines[at] = end.slice(0, end.length - button.dataset.line.length) + button.dataset.with;
    const start = lines.slice(0, at).join('\n').length + (at > 0 ? 1 : 0);
    box.focus();
    box.setSelectionRange(start, start + end.length);
    // written as if typed, so that the browser's own undo takes it back
    if (!document.execCommand('insertText', false, lines[at])) box.value = lines.join('\n');
    box.dispatchEvent(new Event('input', { bubbles: true }));
    return true;
  };

  document.addEventListener('click', (event) => {
    const button = event.target.closest('button[data-line]');
    if (button && answer(button)) event.preventDefault();
    const copy = event.target.closest('button[data-copy]');
    if (copy) copyText(copy);
    if (event.target.closest('[data-print]')) window.print();
    const asks = event.target.closest('button[data-ask]');
    if (asks && !window.confirm(asks.dataset.ask)) event.preventDefault();
    document.querySelectorAll('.kf-avoid[open], .kf-take[open]').forEach((open) => {
      if (!open.contains(event.target)) open.removeAttribute('open');
    });
  });

  const copyText = async (button) => {
    const box = document.getElementById(button.dataset.copy);
    box.select();
    try {
      await navigator.clipboard.writeText(box.value);
      button.textContent = 'Copied';
    } catch {
      // where the browser forbids it, the text stands selected
      button.textContent = 'Press Ctrl and C';
    }
  };

  // what was typed is not lost by going away
  const kept = document.querySelector('#text')?.value;
  let leaving = false;
  document.addEventListener('submit', () => {
    leaving = true;
  });
  window.addEventListener('beforeunload', (event) => {
    const box = document.querySelector('#text');
    if (box && !leaving && box.value !== kept) event.preventDefault();
  });

  // --- the run -------------------------------------------------------------------------------------------------------

  const clock = document.querySelector('.kf-clock');
  const blocks = () => [...document.querySelectorAll('.day .b')];
  const box = (el) => el.querySelector('.bx').getBoundingClientRect();
  const say = (words, aloud) => {
    const line = document.querySelector('.kf-moves');
    line.classList.toggle('visually-hidden', !aloud);
    line.textContent = words;
  };

  // one block takes part in the tab order; the arrows go on from it
  const settle = (block) => {
    blocks().forEach((b) => b.setAttribute('tabindex', b === block ? '0' : '-1'));
  };

  const moveInDay = (event, block) => {
    const from = box(block);
    const across = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
    const ahead = event.key === 'ArrowRight' || event.key === 'ArrowDown';
    const far = (b) =>
      across
        ? Math.abs(box(b).left - from.left)
        : Math.abs(box(b).top - from.top) * 100 + Math.abs(box(b).left - from.left);
    const there = blocks().filter(
      (b) =>
        b !== block &&
        (across
          ? Math.abs(box(b).top - from.top) < 4 && (ahead ? box(b).left > from.left : box(b).left < from.left)
          : ahead
            ? box(b).top > from.top + 4
            : box(b).top < from.top - 4),
    );
    const next = there.sort((a, b) => far(a) - far(b))[0];
    event.preventDefault();
    if (!next) return;
    settle(next);
    next.focus();
  };

  const moveTurn = (dish, to) => {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = '/run/move';
    for (const [name, value] of Object.entries({
      run: clock.dataset.run,
      dish,
      to,
      open: dish,
      _csrf: clock.dataset.csrf,
    })) {
      const field = document.createElement('input');
      field.type = 'hidden';
      field.name = name;
      field.value = value;
      form.append(field);
    }
    document.body.append(form);
    form.submit();
  };

  if (clock && blocks().length) {
    settle(document.querySelector('.day .b.open') ?? blocks()[0]);
    if (new URL(location.href).searchParams.has('open'))
      document.querySelector('.day .b.open')?.focus({ preventScroll: true });
    document
      .querySelector('.day .arc[aria-current], .day .b.open')
      ?.scrollIntoView({ block: 'nearest', inline: 'center' });
    let drag = null;
    const dropped = (event) =>
      document
        .elementsFromPoint(event.clientX, event.clientY)
        .map((el) => el.closest('.day .b'))
        .find((b) => b && b !== drag.block && b.dataset.dish !== drag.block.dataset.dish);
    clock.addEventListener('dragstart', (event) => event.preventDefault());
    if (clock.dataset.yours === 'true') {
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
        if (!over) return say('Drop it on the batch whose turn it takes', true);
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
  }

  // --- keys ----------------------------------------------------------------------------------------------------------

  document.addEventListener('keydown', (event) => {
    if (document.querySelector('.kf-keys[open]')) return;
    if (event.key === 'Escape') {
      const open = document.querySelector('.kf-avoid[open], .kf-take[open]');
      if (open) {
        open.removeAttribute('open');
        open.querySelector('summary').focus();
      } else if (!typing(event.target)) closeWhy();
      return;
    }
    if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key.startsWith('Arrow') && event.target.matches('.kf-map tbody a')) moveInMap(event, event.target);
    else if (
      event.shiftKey &&
      (event.key === 'ArrowLeft' || event.key === 'ArrowRight') &&
      event.target.matches('.kf-clock[data-yours=true] .b')
    ) {
      event.preventDefault();
      moveTurn(event.target.dataset.dish, event.key === 'ArrowLeft' ? 'earlier' : 'later');
    } else if (event.key.startsWith('Arrow') && event.target.matches('.day .b')) moveInDay(event, event.target);
    else if (event.key === '/' && document.querySelector('[data-find]')) {
      event.preventDefault();
      document.querySelector('[data-find]').focus();
    } else if (event.key.toLowerCase() === 'p' && document.querySelector('.kf-peels')) peel(event.shiftKey);
    else if (event.key === '?') document.querySelector('.kf-keys').showModal();
    else document.querySelector(`.kf-rail a[data-key="${CSS.escape(event.key)}"]`)?.click();
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
})();
