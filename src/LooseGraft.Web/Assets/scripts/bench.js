// What a page does beyond its forms and links. Pages name what acts in them (x-data); what acts everywhere listens here.
import Alpine from "@alpinejs/csp";
import { keepDrafts } from "./drafts.js";
import { followDrawings } from "./drawing.js";
import { isHint, tellOnce } from "./hints.js";
import { grid, isBeingTyped, takeOffers } from "./grid.js";
import { listenForKeys, singleKeys } from "./keys.js";
import { followLines } from "./lines.js";
import { photo } from "./photos.js";
import { isUnsent, watchSaves } from "./saves.js";
import { followSeats } from "./seat.js";
import { tellRoom } from "./narrow.js";
import { keepClosedOrOpen, stayInPlace } from "./places.js";
import { followShell } from "./shell.js";
import { trouble } from "./trouble.js";
import { followWires } from "./wires.js";

document.documentElement.classList.add("htmx-ready");
// What is being typed is never overwritten by an answer that arrives meanwhile.
Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, node, change) =>
  (name !== "value" || node !== document.activeElement) && !keepClosedOrOpen(name, node, change) && !isHint(name, node);
Idiomorph.defaults.callbacks.beforeNodeMorphed = (node) => !isBeingTyped(node) && !isUnsent(node);

keepDrafts();
followDrawings();
followLines();
followSeats();
stayInPlace();
followShell();
takeOffers();
tellOnce();
tellRoom();
followWires();
watchSaves();
listenForKeys();

for (const [name, component] of Object.entries({ grid, photo, singleKeys, trouble })) Alpine.data(name, component);
Alpine.start();
