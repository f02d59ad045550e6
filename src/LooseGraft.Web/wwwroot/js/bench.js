// What a page does beyond its forms and links: keys, drafts, the way through a drawing, and words when the application does not answer.
import { keepDrafts } from "./drafts.js";
import { followDrawings } from "./drawing.js";
import { followGrids, isBeingTyped } from "./grid.js";
import { areSingleKeysOn, listenForKeys, setSingleKeys } from "./keys.js";
import { followPhotos } from "./photos.js";
import { isUnsent, watchSaves } from "./saves.js";
import { followSeats } from "./seat.js";
import { followWires } from "./wires.js";

document.documentElement.classList.add("htmx-ready");
// What is being typed is never overwritten by an answer that arrives meanwhile.
Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, node) => name !== "value" || node !== document.activeElement;
Idiomorph.defaults.callbacks.beforeNodeMorphed = (node) => !isBeingTyped(node) && !isUnsent(node);

function tell(words) {
  const trouble = document.getElementById("trouble");
  trouble.textContent = words;
  trouble.hidden = words === "";
}

document.addEventListener("htmx:sendError", () => tell("Not saved: the application does not answer. What you typed is kept here; try again when it runs."));
document.addEventListener("htmx:responseError", (event) => tell(event.detail.xhr.status === 413
  ? "Not saved: that is too large."
  : "Not saved: the application could not take this. What you typed is kept here; load the page again and repeat the step."));
document.addEventListener("htmx:afterOnLoad", (event) => {
  if (event.detail.xhr.status < 400) tell("");
});

document.addEventListener("alpine:init", () => {
  Alpine.data("singleKeys", () => ({
    on: areSingleKeysOn(),
    toggle() {
      this.on = !this.on;
      setSingleKeys(this.on);
    },
  }));
});

keepDrafts();
followDrawings();
followGrids();
followPhotos();
followSeats();
followWires();
watchSaves();
listenForKeys();
