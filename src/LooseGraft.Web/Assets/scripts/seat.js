import { willSend } from "./saves.js";
import { isDescribing } from "./shell.js";

// A board on its plan: moved by arrows or by dragging; and a tape that is laid over the plan by dragging beside it.
const STEP = { ArrowUp: [0, 1], ArrowDown: [0, -1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };

const form = () => document.querySelector("[data-seat-form]");
const tenths = (value) => Math.round(value * 100) / 100;

// What the fields would say after a move; they are sent once the hand rests.
let resting;
function move(dx, dy) {
  const fields = form()?.elements;
  if (!fields) return;
  fields.x.value = tenths(Number(fields.x.value) + dx);
  fields.y.value = tenths(Number(fields.y.value) + dy);
  // The answer to an earlier move may still be on its way.
  willSend(form());
  clearTimeout(resting);
  resting = setTimeout(() => form()?.requestSubmit(), 250);
}

// In the drawing's own units: a narrow screen shows it smaller.
const svgPoint = (plan, event) => {
  const box = plan.getBoundingClientRect();
  const shrunk = box.width / plan.viewBox.baseVal.width;
  return [(event.clientX - box.left) / shrunk, (event.clientY - box.top) / shrunk];
};

function beginDrag(event) {
  const plan = event.target instanceof Element ? event.target.closest("[data-plan]") : null;
  if (!plan || event.button !== 0 || isDescribing(event)) return null;
  const board = event.target.closest(".seated.is-chosen");
  event.preventDefault();
  board?.focus();
  const from = svgPoint(plan, event);
  if (board) return { plan, board, from };
  const line = document.createElementNS("http://www.w3.org/2000/svg", "line");
  line.classList.add("tape");
  plan.append(line);
  return { plan, line, from };
}

function follow(drag, event) {
  const [x, y] = svgPoint(drag.plan, event);
  const scale = Number(drag.plan.dataset.scale);
  drag.by = [(x - drag.from[0]) / scale, (drag.from[1] - y) / scale];
  if (drag.board) {
    drag.board.setAttribute("transform", `translate(${x - drag.from[0]} ${y - drag.from[1]})`);
    return;
  }
  for (const [name, value] of Object.entries({ x1: drag.from[0], y1: drag.from[1], x2: x, y2: y })) drag.line.setAttribute(name, value);
  const words = document.querySelector("[data-tape-words]");
  if (words) words.textContent = `${Math.hypot(...drag.by).toFixed(1)} mm: ${Math.abs(drag.by[0]).toFixed(1)} across, ${Math.abs(drag.by[1]).toFixed(1)} deep.`;
}

export function followSeats() {
  let drag = null;
  document.addEventListener("pointerdown", (event) => {
    document.querySelectorAll(".plan .tape").forEach((line) => line.remove());
    drag = beginDrag(event);
  });
  document.addEventListener("pointermove", (event) => drag && follow(drag, event));
  document.addEventListener("pointerup", () => {
    const ended = drag;
    drag = null;
    if (!ended?.board || !ended.by) return;
    ended.board.removeAttribute("transform");
    move(...ended.by.map((part) => Math.round(part * 10) / 10));
  });
  document.addEventListener("pointercancel", () => {
    drag?.board?.removeAttribute("transform");
    drag = null;
  });
  document.addEventListener("keydown", (event) => {
    const board = event.target instanceof Element ? event.target.closest(".seated.is-chosen") : null;
    if (!board || !(event.key in STEP) || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
    move(...STEP[event.key].map((part) => part * far));
  });
}
