// Keys that act on whatever the page marks with data-key-act.
const STORE = "loose-graft-single-keys";
const ACTS = { k: "keep", u: "undo", r: "redo", n: "next", f: "flip-from", g: "flip-to" };

const areSingleKeysOn = () => localStorage.getItem(STORE) !== "off";

export const singleKeys = () => ({
  on: areSingleKeysOn(),
  toggle() {
    this.on = !this.on;
    localStorage.setItem(STORE, this.on ? "on" : "off");
  },
});

const isTyping = (element) => element instanceof HTMLElement && element.matches("input, textarea, select, [contenteditable]");

// What is chosen or slid leaves the browser nothing to undo: there the graft's own undo is meant.
const isChoice = (element) => element.matches("select, input[type=checkbox], input[type=radio], input[type=range]");

function act(name) {
  const target = document.querySelector(`[data-key-act="${name}"]`);
  if (target instanceof HTMLFormElement) target.requestSubmit();
  else target?.click();
  return target !== null;
}

function actFor(event) {
  const key = event.key.toLowerCase();
  if ((event.ctrlKey || event.metaKey) && !event.altKey) {
    if (key === "z") return event.shiftKey ? "redo" : "undo";
    return key === "y" ? "redo" : undefined;
  }
  return event.ctrlKey || event.metaKey || event.altKey || !areSingleKeysOn() ? undefined : ACTS[key];
}

export function listenForKeys() {
  document.addEventListener("keydown", (event) => {
    // Inside a field the browser's own undo belongs to what is being typed.
    if (isTyping(event.target) && !((event.ctrlKey || event.metaKey) && isChoice(event.target))) return;
    const name = actFor(event);
    if (name && act(name)) event.preventDefault();
  });
}
