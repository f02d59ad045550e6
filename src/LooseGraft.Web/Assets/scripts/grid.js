// The grid of contacts: arrows move, Enter goes on, what is begun is completed from the known signals.
const cellOf = (event) => event.target instanceof HTMLInputElement ? event.target.closest("[data-grid-cells] input") : null;
const cellsOf = (row) => [...row.querySelectorAll("input")];

function beside(cell, down, across) {
  const row = cell.closest("tr");
  const rows = [...row.parentElement.children];
  const column = cellsOf(row).indexOf(cell);
  const target = rows[rows.indexOf(row) + down];
  return target && cellsOf(target)[column + across];
}

// Enter goes in the order of positions, wherever they lie.
function following(cell) {
  const position = Number(cell.name.split("-")[1]);
  return cell.form.elements[`signal-${position + 1}`];
}

function go(cell) {
  if (!cell) return false;
  cell.focus();
  cell.select();
  return true;
}

// Left and right leave a cell only from the end of its text, so that a slip can still be mended inside.
function step(event, cell) {
  const all = cell.selectionStart === 0 && cell.selectionEnd === cell.value.length;
  switch (event.key) {
    case "ArrowUp": return go(beside(cell, -1, 0));
    case "ArrowDown": return go(beside(cell, 1, 0));
    case "ArrowLeft": return (all || cell.selectionEnd === 0) && go(beside(cell, 0, -1));
    case "ArrowRight": return (all || cell.selectionStart === cell.value.length) && go(beside(cell, 0, 1));
    case "Enter": return go(following(cell)) || (cell.blur(), true);
    default: return false;
  }
}

function complete(event, cell) {
  if (event.inputType !== "insertText" || cell.selectionEnd !== cell.value.length) return;
  const typed = cell.value.toLowerCase();
  const known = cell.form.dataset.signals.split("|").find((signal) => signal.toLowerCase().startsWith(typed));
  if (!known || known.length === cell.value.length) return;
  const begun = cell.value.length;
  cell.value = known;
  cell.setSelectionRange(begun, known.length);
}

export const grid = () => ({
  step(event) {
    const cell = cellOf(event);
    if (!cell || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    if (step(event, cell)) event.preventDefault();
  },
  complete(event) {
    const cell = cellOf(event);
    if (cell) complete(event, cell);
  },
  choose(event) {
    cellOf(event)?.select();
  },
});

// While somebody types in a grid, answers leave its cells alone: what is typed next is on its way already.
export const isBeingTyped = (node) => node instanceof Element && node.matches("[data-grid-cells]") && node.contains(document.activeElement);
