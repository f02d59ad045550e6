// The shell on its plan: a tool puts things down by a press or a drag; what is chosen is moved by dragging or by arrows and taken away by Delete.
const STEP = { ArrowUp: [0, 1], ArrowDown: [0, -1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };
const LEAST_DRAG = 4;

const planOf = (node) => node instanceof Element ? node.closest("[data-plan][data-shell]") : null;
const thingOf = (node) => node instanceof Element ? node.closest("a.thing") : null;
const toolOf = () => document.querySelector("[data-tools] input:checked")?.value ?? "";
const chosen = () => document.querySelector("[data-chosen]")?.dataset.chosen.split(" ").filter(Boolean) ?? [];
const round = (value) => String(Math.round(value * 10) / 10);
let isPut = false;

// In the drawing's own units: a narrow screen shows it smaller.
function pixelOf(plan, event) {
  const box = plan.getBoundingClientRect();
  const shrunk = box.width / plan.viewBox.baseVal.width;
  return [(event.clientX - box.left) / shrunk, (event.clientY - box.top) / shrunk];
}

function millimetres(plan, [x, y]) {
  const { left, front, edge, scale } = plan.dataset;
  return [Number(left) + (x - Number(edge)) / Number(scale), Number(front) - (y - Number(edge)) / Number(scale)];
}

// The acts of the hand are sent by forms of their own, whatever is chosen.
function send(selector, things, fields) {
  const form = document.querySelector(selector);
  for (const [name, value] of Object.entries({ ...fields, things: things.join(" ") })) form.elements[name].value = value;
  form.requestSubmit();
}

const nodesOf = (things) => things.map((thing) => document.querySelector(`a.thing[data-thing="${CSS.escape(thing)}"]`)).filter(Boolean);

// What the hand has moved so far and the server does not know yet.
let resting;
let pending = null;
function nudge(things, dx, dy) {
  const scale = Number(document.querySelector("[data-plan]").dataset.scale);
  pending = pending && pending.things.join() === things.join() ? pending : { things, x: 0, y: 0 };
  pending.x += dx;
  pending.y += dy;
  for (const node of nodesOf(things)) node.setAttribute("transform", `translate(${pending.x * scale} ${-pending.y * scale})`);
  clearTimeout(resting);
  resting = setTimeout(() => {
    const { x, y } = pending;
    pending = null;
    send("[data-shift-form]", things, { across: round(x), deep: round(y) });
  }, 300);
}

function begin(event) {
  const plan = planOf(event.target);
  if (!plan || event.button !== 0) return null;
  const from = pixelOf(plan, event);
  if (toolOf()) {
    const shape = document.createElementNS("http://www.w3.org/2000/svg", toolOf() === "Lead" ? "line" : "rect");
    shape.classList.add("drawn");
    plan.append(shape);
    event.preventDefault();
    return { plan, from, to: from, shape };
  }
  const thing = thingOf(event.target)?.dataset.thing;
  if (!thing) return null;
  const all = chosen();
  return { plan, from, to: from, things: all.includes(thing) ? all : [thing] };
}

function follow(drag, event) {
  drag.to = pixelOf(drag.plan, event);
  const [dx, dy] = [drag.to[0] - drag.from[0], drag.to[1] - drag.from[1]];
  drag.isMoved ||= Math.hypot(dx, dy) >= LEAST_DRAG;
  if (drag.things) {
    if (drag.isMoved) for (const node of nodesOf(drag.things)) node.setAttribute("transform", `translate(${dx} ${dy})`);
    return;
  }
  const line = { x1: drag.from[0], y1: drag.from[1], x2: drag.to[0], y2: drag.to[1] };
  const area = { x: Math.min(line.x1, line.x2), y: Math.min(line.y1, line.y2), width: Math.abs(dx), height: Math.abs(dy) };
  for (const [name, value] of Object.entries(drag.shape.tagName === "line" ? line : area)) drag.shape.setAttribute(name, value);
}

function end(drag) {
  const [from, to] = [millimetres(drag.plan, drag.from), millimetres(drag.plan, drag.isMoved ? drag.to : drag.from)];
  if (drag.things) {
    if (drag.isMoved) send("[data-shift-form]", drag.things, { across: round(to[0] - from[0]), deep: round(to[1] - from[1]) });
    return;
  }
  drag.shape.remove();
  const form = document.querySelector("[data-put-form]");
  [form.elements.x.value, form.elements.y.value] = from.map(round);
  [form.elements.toX.value, form.elements.toY.value] = drag.isMoved ? to.map(round) : ["", ""];
  isPut = true;
  form.requestSubmit();
  [form.elements.toX.value, form.elements.toY.value] = ["", ""];
}

// Pressed, a thing is chosen; with Shift it is added to the others or taken from them.
function choose(thing, adds) {
  const all = chosen();
  const things = !adds ? [thing] : all.includes(thing) ? all.filter((other) => other !== thing) : [...all, thing];
  const [source] = nodesOf([thing]);
  const address = new URL(source.getAttribute("href"), location.href);
  if (things.length > 0) address.searchParams.set("things", things.join(" "));
  else address.searchParams.delete("things");
  // From within the bench, whose answers are morphed into it.
  htmx.ajax("GET", address.pathname + address.search, { source, target: "#bench", select: "#bench", swap: "morph:outerHTML" })
    .then(() => history.replaceState(history.state, "", address));
}

function press(event, node) {
  const thing = node.dataset.thing;
  const all = chosen();
  const things = all.includes(thing) ? all : [thing];
  if (event.key in STEP && !event.ctrlKey && !event.metaKey) {
    const far = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
    nudge(things, ...STEP[event.key].map((part) => part * far));
  } else if (event.key === "Delete" || event.key === "Backspace") send("[data-away-form]", things, {});
  else if (event.key === " ") choose(thing, event.shiftKey);
  else return;
  event.preventDefault();
}

export const isDescribing = (event) => planOf(event.target) !== null && (toolOf() !== "" || thingOf(event.target) !== null);

export function followShell() {
  let drag = null;
  let wasDragged = false;
  document.addEventListener("pointerdown", (event) => {
    wasDragged = false;
    drag = begin(event);
  });
  document.addEventListener("pointermove", (event) => drag && follow(drag, event));
  document.addEventListener("pointerup", () => {
    if (!drag) return;
    wasDragged = Boolean(drag.isMoved) || Boolean(drag.shape);
    const ended = drag;
    drag = null;
    end(ended);
  });
  document.addEventListener("pointercancel", () => {
    drag?.shape?.remove();
    for (const node of nodesOf(drag?.things ?? [])) node.removeAttribute("transform");
    drag = null;
  });
  document.addEventListener("click", (event) => {
    const node = thingOf(event.target);
    if (!node) return;
    event.preventDefault();
    if (!wasDragged) choose(node.dataset.thing, event.shiftKey);
  });
  document.addEventListener("keydown", (event) => {
    const node = thingOf(event.target);
    if (node) press(event, node);
    const first = event.key === "Escape" && toolOf() ? document.querySelector("[data-tools] input") : null;
    if (first) first.click();
  });
  // What was put down is gone on with: moved by arrows, or its figures typed.
  document.addEventListener("htmx:afterSettle", () => {
    for (const node of document.querySelectorAll("a.thing[transform]")) if (!pending) node.removeAttribute("transform");
    if (isPut) document.querySelector("a.thing.is-chosen")?.focus({ preventScroll: true });
    isPut = false;
  });
}
