// How something is done is told to each builder once: on the next page that tells it again, it is folded away.
const kept = (key) => `how-${key}`;
let arrived = null;

/** Whether an answer would unfold what was folded, or fold what was unfolded. */
export const isHint = (name, node) => name === "open" && node instanceof HTMLDetailsElement && node.dataset.how !== undefined;

function fold() {
  if (arrived === location.pathname) return;
  arrived = location.pathname;
  for (const hint of document.querySelectorAll("[data-how]")) {
    hint.open = localStorage.getItem(kept(hint.dataset.how)) === null;
    localStorage.setItem(kept(hint.dataset.how), "told");
  }
}

export function tellOnce() {
  fold();
  // The address is changed before the new page is put in.
  document.addEventListener("htmx:afterSwap", fold);
}
