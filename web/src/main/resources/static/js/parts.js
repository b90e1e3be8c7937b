// What more than one station uses: forms that go by themselves, finding, copying, asking before something is taken out.

document.addEventListener('change', (event) => {
  if (event.target.matches('select[data-submit], input[data-submit]')) event.target.form.submit();
  // a label shows at once what is typed onto it
  const picture = event.target.matches('[data-shows]') && document.querySelector('img[data-preview]');
  if (!picture) return;
  const address = new URL(picture.src);
  address.searchParams.set(event.target.name, event.target.value);
  picture.src = address.href;
});

// rows are found while a word is typed; the rows of a dish's parts go with it
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

async function copyText(button) {
  const box = document.getElementById(button.dataset.copy);
  box.select();
  try {
    await navigator.clipboard.writeText(box.value);
    button.textContent = 'Copied';
  } catch {
    // where the browser forbids it, the text stands selected
    button.textContent = 'Press Ctrl and C';
  }
}

const OPEN = '.kf-avoid[open], .kf-take[open]';

document.addEventListener('click', (event) => {
  const copy = event.target.closest('button[data-copy]');
  if (copy) copyText(copy);
  if (event.target.closest('[data-print]')) window.print();
  const asks = event.target.closest('button[data-ask]');
  if (asks && !window.confirm(asks.dataset.ask)) event.preventDefault();
  document.querySelectorAll(OPEN).forEach((open) => {
    if (!open.contains(event.target)) open.removeAttribute('open');
  });
});

/** Closes what is folded out over the page; false where nothing is. */
export function foldIn() {
  const open = document.querySelector(OPEN);
  if (!open) return false;
  open.removeAttribute('open');
  open.querySelector('summary').focus();
  return true;
}

/**
 * Whether a field holds something else than the page came with.
 * @param {Element} field of a form
 */
export function isTyped(field) {
  if (field instanceof HTMLSelectElement) {
    const came = [...field.options].findIndex((option) => option.defaultSelected);
    return field.selectedIndex !== Math.max(0, came);
  }
  if (field.type === 'checkbox' || field.type === 'radio') return field.checked !== field.defaultChecked;
  return field.type !== 'hidden' && 'defaultValue' in field && field.value !== field.defaultValue;
}
