// Between a change and its save lies a moment in which the answer to an earlier save may arrive, and would put the old words back.
const unsent = new Set();

const savesItself = (element) => element instanceof HTMLFormElement && /\bchange\b/.test(element.getAttribute("hx-trigger") ?? "");

/** Whether a field holds what has not been sent yet. */
export const isUnsent = (node) => node instanceof Element && node.matches("input:not([type=hidden]), select, textarea") && unsent.has(node.form);

/** Says that a field of a form was changed by other means than typing, and will be sent. */
export const willSend = (form) => unsent.add(form);

export function watchSaves() {
  document.addEventListener("change", (event) => {
    if (savesItself(event.target.form)) unsent.add(event.target.form);
  }, true);
  // htmx has collected the values by now.
  document.addEventListener("htmx:configRequest", (event) => unsent.delete(event.detail.elt));
  window.addEventListener("beforeunload", (event) => {
    if ([...unsent].some((form) => form.isConnected)) event.preventDefault();
  });
}
