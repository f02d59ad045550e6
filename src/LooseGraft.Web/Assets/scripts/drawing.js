// Positions of a drawing: arrows go from one to the next, Enter or a click opens what is known of it.
const STEP = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };

const pinOf = (event) => event.target instanceof Element ? event.target.closest("a.pin") : null;
const placeOf = (pin) => [Number(pin.dataset.x), Number(pin.dataset.y)];

// The nearest position in the direction, sideways distance counting double so that a row or column is followed first.
function nearest(from, [dx, dy]) {
  const [x, y] = placeOf(from);
  let best = null;
  let least = Infinity;
  for (const pin of from.ownerSVGElement.querySelectorAll("a.pin")) {
    const [px, py] = placeOf(pin);
    const along = (px - x) * dx + (py - y) * dy;
    const aside = Math.abs((px - x) * dy) + Math.abs((py - y) * dx);
    const distance = along + 2 * aside;
    if (along > 0.5 && distance < least) [best, least] = [pin, distance];
  }
  return best;
}

function open(pin) {
  const href = pin.getAttribute("href");
  htmx.ajax("GET", href, { source: pin, target: "#bench", select: "#bench", swap: "morph:outerHTML" })
    .then(() => document.getElementById("pin-signal")?.focus());
}

export function followDrawings() {
  document.addEventListener("click", (event) => {
    const pin = pinOf(event);
    // Of what has no page of its own there is nothing to open.
    if (!pin || pin.getAttribute("href").startsWith("#") || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    open(pin);
  });
  document.addEventListener("keydown", (event) => {
    const pin = pinOf(event);
    if (!pin || event.shiftKey || !(event.key in STEP)) return;
    event.preventDefault();
    nearest(pin, STEP[event.key])?.focus();
  });
}
