// Keeps what is typed into a form marked data-draft until it is saved, so that closing the lid loses nothing. What an answer shows and has not saved counts as
// typed (data-unsaved).
const PREFIX = "loose-graft-draft:";
const fieldsOf = (form) => [...form.elements].filter((field) => field.matches("input:not([type=hidden]):not([type=file]), textarea"));
const keyOf = (form) => PREFIX + form.dataset.draft;

function keep(form) {
  const typed = fieldsOf(form).filter((field) => "unsaved" in form.dataset || field.value !== field.defaultValue).map((field) => [field.name, field.value]);
  if (typed.length > 0) localStorage.setItem(keyOf(form), JSON.stringify(typed));
  else localStorage.removeItem(keyOf(form));
}

function restore(form) {
  const kept = localStorage.getItem(keyOf(form));
  if (!kept) return;
  const typed = new Map(JSON.parse(kept));
  for (const field of fieldsOf(form)) {
    if (!typed.has(field.name) || field === document.activeElement || field.value === typed.get(field.name)) continue;
    field.value = typed.get(field.name);
    // What is being typed just now needs no word about it.
    form.classList.add("has-draft");
    // What reads along as one types has to read it too.
    field.dispatchEvent(new Event("input", { bubbles: true }));
  }
}

function drop(form) {
  localStorage.removeItem(keyOf(form));
  form.classList.remove("has-draft");
}

export function keepDrafts() {
  const begin = () => document.querySelectorAll("form[data-draft]").forEach(restore);
  // Not before htmx listens.
  if (document.readyState === "complete") begin();
  else document.addEventListener("DOMContentLoaded", begin);
  document.addEventListener("input", (event) => {
    const form = event.target.form;
    if (form?.dataset.draft) keep(form);
  });
  // Before the answer is swapped in, so that it is not greeted by a draft of itself.
  document.addEventListener("htmx:beforeSwap", (event) => {
    const form = event.detail.requestConfig?.elt;
    if (form instanceof HTMLFormElement && form.dataset.draft && event.detail.xhr.status < 300) drop(form);
  });
  document.addEventListener("htmx:afterSettle", () => {
    document.querySelectorAll("form[data-draft][data-unsaved]").forEach(keep);
    document.querySelectorAll("form[data-draft]").forEach(restore);
  });
  document.addEventListener("submit", (event) => {
    if (event.target.dataset?.draft && !window.htmx) drop(event.target);
  });
}
