// A form that was sent moves neither the page nor the focus; a link to another page begins at its top.
let isSent = false;
let acted = null;
let actedFor;
let left = location.pathname;
let stoodAt = 0;
let near;

/** Whether an answer to a form would close what the builder has opened. */
export const keepClosedOrOpen = (name, node, change) => isSent && name === "open" && change === "remove" && node instanceof HTMLDetailsElement;

const addressOf = (form) => form.getAttribute("action")?.match(/handler=(\w+)/)?.[1];
const fieldsOf = (form) => [...form.elements].filter((field) => field.matches("input:not([type=hidden]), select, textarea, button") && !field.disabled);

// The same form as it stands now: another may have taken its place, and its place may have become another's.
function standing(form, handler) {
  if (form.isConnected && addressOf(form) === handler) return form;
  return handler ? [...document.forms].find((other) => addressOf(other) === handler) : null;
}

// Where something is wrong one goes on there; where what one worked at is gone, at the first field of its form.
function goOn(form) {
  // What saves itself while one types in it is not left by its answer.
  if (form?.contains(document.activeElement) && /\bchange\b/.test(form.getAttribute("hx-trigger") ?? "")) return undefined;
  const problem = form?.querySelector(".problem:not(:empty)");
  const wrong = problem && (problem.id && form.querySelector(`[aria-describedby="${problem.id}"]`)
    || fieldsOf(form).findLast((field) => field.compareDocumentPosition(problem) & Node.DOCUMENT_POSITION_FOLLOWING));
  if (wrong) return wrong.focus();
  if (document.activeElement && document.activeElement !== document.body) return undefined;
  const first = form && fieldsOf(form).find((field) => !field.matches("button") || field.type !== "button");
  return (first ?? document.getElementById("bench"))?.focus({ preventScroll: true });
}

// On a narrow screen a row is longer than the screen: where one is, is seen.
function showStage() {
  for (const row of document.querySelectorAll(".bench-row, .tabs-line")) {
    const here = row.querySelector("[aria-current]");
    if (here && (here.offsetLeft < row.scrollLeft || here.offsetLeft + here.offsetWidth > row.scrollLeft + row.clientWidth)) row.scrollLeft = here.offsetLeft - 16;
  }
}

function beginAtHeading() {
  const heading = document.querySelector("#bench .joint h2") ?? document.querySelector("#bench h2");
  if (!heading || (document.activeElement && document.activeElement !== document.body)) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

// What one works at stays where it is on the screen, whatever came or went above it; where it is gone, the page does.
function stay() {
  const now = near && document.getElementById(near.id);
  if (now) window.scrollBy({ top: now.getBoundingClientRect().top - near.top, behavior: "instant" });
  else window.scrollTo({ top: stoodAt, behavior: "instant" });
}

export function stayInPlace() {
  showStage();
  document.addEventListener("htmx:beforeSwap", (event) => {
    const { requestConfig } = event.detail;
    isSent = requestConfig?.verb === "post";
    stoodAt = window.scrollY;
    acted = isSent && requestConfig.elt instanceof Element ? requestConfig.elt.closest("form") : null;
    actedFor = acted && addressOf(acted);
    const round = acted?.parentElement?.closest("[id]:not(#bench)");
    near = round && { id: round.id, top: round.getBoundingClientRect().top };
  });
  // At once, so that nobody sees it move; and again when all has settled.
  document.addEventListener("htmx:afterSwap", () => {
    if (isSent && acted) stay();
  });
  document.addEventListener("htmx:afterSettle", (event) => {
    const isElsewhere = location.pathname !== left;
    left = location.pathname;
    showStage();
    // Another page begins at its top, unless the address names a place in it; who goes on by keys begins at its heading.
    if (isElsewhere && !event.detail.pathInfo?.anchor) {
      window.scrollTo(0, 0);
      beginAtHeading();
    }
    else if (isSent && acted) {
      const form = standing(acted, actedFor);
      goOn(form);
      stay();
    }
  });
}
