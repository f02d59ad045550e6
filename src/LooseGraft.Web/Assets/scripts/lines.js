// The stock in lines: words are completed as one types, offers take the place of what they mend, Ctrl and Enter keep it all.
let asked = "";
let offered = 0;
const fieldOf = (node) => node?.closest?.("[data-lines]")?.querySelector("textarea");

// Where a word may stand decides which words there are.
function wordsAt(field, line) {
  if (/\bpins?\b[^:]*:/i.test(line)) return field.dataset.signals;
  if (/^[^:=]*:/.test(line)) return field.dataset.connectors;
  if (/=[^;]*$/.test(line)) return field.dataset.usual;
  return /[:=;]/.test(line) ? "" : field.dataset.sorts;
}

function complete(event) {
  const field = event.target;
  const at = field.selectionEnd;
  if (event.inputType !== "insertText" || field.selectionStart !== at || !/^(\n|$)/.test(field.value.slice(at))) return;
  const line = field.value.slice(field.value.lastIndexOf("\n", at - 1) + 1, at);
  const begun = line.match(/[^,:;|=\t]*$/)[0].trimStart();
  if (begun.length < 2 || field.dataset.whole.split("|").includes(begun.toLowerCase())) return;
  const known = wordsAt(field, line).split("|").find((word) => word.toLowerCase().startsWith(begun.toLowerCase()));
  if (!known || known.length === begun.length) return;
  field.setRangeText(known.slice(begun.length), at, at, "select");
  offered = field.selectionEnd;
}

// What was offered and not taken does not stay when one turns to something else.
function refuse(event) {
  const field = event.target;
  if (field.matches?.("[data-lines] textarea") && offered && field.selectionEnd === offered && field.selectionStart < offered) {
    field.setRangeText("", field.selectionStart, field.selectionEnd, "end");
    field.dispatchEvent(new Event("input", { bubbles: true }));
  }
  offered = 0;
}

function mend(button) {
  const field = document.querySelector("[data-lines] textarea");
  const [line, column, length, instead] = button.value.match(/^(\d+):(\d+):(\d+):(.*)$/s).slice(1);
  const before = field.value.split("\n").slice(0, line - 1).reduce((sum, text) => sum + text.length + 1, 0) + Number(column) - 1;
  field.setRangeText(instead, before, before + Number(length), "end");
  field.focus();
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

// What is kept is shown back in the words of the page, though one is still in the field.
function showKept(event) {
  const { requestConfig, xhr } = event.detail;
  const field = requestConfig?.elt?.matches?.("[data-lines]") && xhr.status < 300 ? document.querySelector("[data-lines] textarea") : null;
  if (field && field.value !== field.defaultValue) field.value = field.defaultValue;
}

// A usual connector whose contacts nobody knows beforehand: one goes on by typing them.
function beginContacts(event) {
  const field = document.querySelector("[data-lines] textarea");
  if (!field || !event.detail.requestConfig?.path?.includes("handler=Usual")) return;
  const before = new Map();
  for (const line of asked.split("\n")) before.set(line, (before.get(line) ?? 0) + 1);
  let at = 0;
  for (const line of field.value.split("\n")) {
    if (!before.get(line) && line.endsWith("pins: ?")) {
      field.focus({ preventScroll: true });
      field.setSelectionRange(at + line.length - 1, at + line.length);
      return;
    }
    before.set(line, before.get(line) - 1);
    at += line.length + 1;
  }
}

export function followLines() {
  document.addEventListener("htmx:beforeRequest", () => { asked = document.querySelector("[data-lines] textarea")?.value ?? ""; });
  document.addEventListener("htmx:afterSettle", beginContacts);
  document.addEventListener("focusout", refuse);
  document.addEventListener("htmx:afterSettle", showKept);
  document.addEventListener("input", (event) => {
    if (event.target.matches?.("[data-lines] textarea")) complete(event);
  }, true);
  document.addEventListener("click", (event) => {
    const button = event.target.closest("[data-fix]");
    if (!button) return;
    event.preventDefault();
    mend(button);
  });
  document.addEventListener("keydown", (event) => {
    if (event.key !== "Enter" || !(event.ctrlKey || event.metaKey) || fieldOf(event.target) !== event.target) return;
    refuse(event);
    event.target.form.requestSubmit();
  });
}
