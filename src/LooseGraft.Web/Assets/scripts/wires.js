// Wires of a joint's drawing: followed by pointer, focus or Shift with an arrow, and led elsewhere by dragging from contact to contact.
const pinOf = (node) => node instanceof Element ? node.closest("[data-drag] a.pin") : null;
const sideOf = (pin) => pin.dataset.pin.split("-");

// What belongs to a contact: its wires in the drawing and its rows in the table.
function belonging(pin) {
  const [side, position] = sideOf(pin);
  return document.querySelectorAll(`.joint [data-${side}="${position}"]`);
}

function follow(pin) {
  document.querySelectorAll(".joint .is-followed").forEach((each) => each.classList.remove("is-followed"));
  const drawing = document.querySelector("[data-drag]");
  const own = pin ? belonging(pin) : [];
  own.forEach((each) => each.classList.add("is-followed"));
  drawing?.classList.toggle("is-following", own.length > 0);
}

function otherEnd(pin) {
  const [side, position] = sideOf(pin);
  const wire = document.querySelector(`[data-drag] .wire[data-${side}="${position}"]`);
  const far = side === "from" ? "to" : "from";
  return wire && document.querySelector(`[data-drag] a.pin[data-pin="${far}-${wire.dataset[far]}"]`);
}

function lead(one, other) {
  const form = document.querySelector("[data-wire-form]");
  const ends = Object.fromEntries([sideOf(one), sideOf(other)]);
  if (!form || !ends.from || !ends.to) return;
  form.elements.wireFrom.value = ends.from;
  form.elements.wireTo.value = ends.to;
  form.requestSubmit();
}

// Where a contact has no page of its own, one press chooses the one end of a wire and the next the other.
function choose(event) {
  const pin = pinOf(event.target);
  const form = pin?.closest(".part-map")?.querySelector("[data-wire-form]");
  if (!form) return;
  event.preventDefault();
  const [side, position] = sideOf(pin);
  const { wireFrom, wireTo } = form.elements;
  (side === "from" ? wireFrom : wireTo).value = position;
  for (const each of document.querySelectorAll(".part-map a.pin")) {
    const [itsSide, its] = sideOf(each);
    each.classList.toggle("is-chosen", its === (itsSide === "from" ? wireFrom : wireTo).value);
  }
  if (wireFrom.value && wireTo.value) form.requestSubmit();
}

function drawFrom(pin) {
  const line = document.createElementNS("http://www.w3.org/2000/svg", "path");
  line.classList.add("drag-wire");
  pin.ownerSVGElement.append(line);
  return { pin, line, moved: false };
}

function stretch(drag, event) {
  const box = drag.pin.ownerSVGElement.getBoundingClientRect();
  drag.moved = true;
  drag.line.setAttribute("d", `M${drag.pin.dataset.x} ${drag.pin.dataset.y}L${event.clientX - box.left} ${event.clientY - box.top}`);
}

export function followWires() {
  let drag = null;
  document.addEventListener("click", choose);
  document.addEventListener("pointerdown", (event) => {
    const pin = pinOf(event.target);
    if (pin && event.button === 0) drag = drawFrom(pin);
  });
  document.addEventListener("pointermove", (event) => drag && stretch(drag, event));
  document.addEventListener("pointerup", (event) => {
    if (!drag) return;
    const { pin, line, moved } = drag;
    drag = null;
    line.remove();
    const target = moved ? pinOf(document.elementFromPoint(event.clientX, event.clientY)) : null;
    if (target && target !== pin) lead(pin, target);
  });
  document.addEventListener("pointercancel", () => {
    drag?.line.remove();
    drag = null;
  });
  for (const kind of ["pointerover", "focusin"]) document.addEventListener(kind, (event) => follow(pinOf(event.target) ?? pinOf(document.activeElement)));
  document.addEventListener("keydown", (event) => {
    const pin = event.shiftKey && event.key.startsWith("Arrow") ? pinOf(event.target) : null;
    if (!pin) return;
    event.preventDefault();
    otherEnd(pin)?.focus();
  });
}
