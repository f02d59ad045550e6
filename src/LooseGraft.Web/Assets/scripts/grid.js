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

// What was typed stays as it was typed; one letter or a sign alone may yet become anything.
function complete(event, cell) {
  if (event.inputType !== "insertText" || cell.selectionEnd !== cell.value.length || cell.value.length < 2) return;
  const typed = cell.value.toLowerCase();
  if (cell.form.dataset.whole?.split("|").includes(typed)) return;
  const known = cell.form.dataset.signals.split("|").find((signal) => signal.toLowerCase().startsWith(typed));
  if (!known || known.length === cell.value.length) return;
  const begun = cell.value.length;
  cell.value += known.slice(begun);
  cell.setSelectionRange(begun, known.length);
}

// What is offered for a contact is taken as if it had been typed, and the next contact is gone to.
function take(button) {
  const cell = button.form.elements[`signal-${button.closest("[data-offer]").dataset.offer}`];
  if (!cell) return false;
  cell.value = button.value;
  cell.dispatchEvent(new Event("change", { bubbles: true }));
  return go(following(cell)) || go(cell);
}

// The cells of a grid that is being typed into are left alone by answers: what was understood is put into those that still say what was sent.
function showReadings() {
  const told = document.querySelector("[data-own]");
  if (!told) return;
  const { elements } = told.closest("form");
  for (const read of told.querySelectorAll("[data-cell]")) {
    const cell = elements[`signal-${read.dataset.cell}`];
    if (cell !== document.activeElement && cell.value.trim() === read.dataset.typed) cell.value = read.dataset.meant;
  }
  const own = told.dataset.own.split(" ");
  for (const cell of told.closest("form").querySelectorAll("[data-grid-cells] input")) cell.closest("td").classList.toggle("is-own", own.includes(cell.name.split("-")[1]));
}

export function takeOffers() {
  document.addEventListener("htmx:afterSettle", showReadings);
  document.addEventListener("click", (event) => {
    const button = event.target.closest("[data-offer] button");
    if (button && take(button)) event.preventDefault();
  });
  document.addEventListener("keydown", (event) => {
    if (!event.altKey || event.ctrlKey || event.metaKey || !/^Digit[1-9]$/.test(event.code)) return;
    const button = document.querySelectorAll("[data-offer]")[0]?.querySelectorAll("button")[Number(event.code[5]) - 1];
    if (button && take(button)) event.preventDefault();
  });
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
