// Everything is pointed at at once; then each piece of text, and each example in a field, is weighed against what lies behind it (WCAG 2.2, 1.4.3).
const parse = (text) => (text.match(/[\d.]+/g) ?? []).map(Number);
const channel = (value) => (value / 255 <= 0.04045 ? value / 255 / 12.92 : ((value / 255 + 0.055) / 1.055) ** 2.4);
const luminance = ([r, g, b]) => 0.2126 * channel(r) + 0.7152 * channel(g) + 0.0722 * channel(b);
const over = (top, alpha, below) => top.map((part, index) => part * alpha + below[index] * (1 - alpha));

function behind(element) {
  const layers = [];
  for (let node = element; node; node = node.parentElement) {
    const [r, g, b, a = 1] = parse(getComputedStyle(node).backgroundColor);
    if (r !== undefined && a > 0) layers.push([[r, g, b], a]);
    if (a === 1) break;
  }
  return layers.reverse().reduce((below, [colour, alpha]) => over(colour, alpha, below), [255, 255, 255]);
}

// Each rule again right behind itself, with a class that nothing has, which weighs as much as being pointed at: what it beat and what beats it stays so.
function point(rules, sheet) {
  for (let index = rules.length - 1; index >= 0; index--) {
    const rule = rules[index];
    if (rule.cssRules && !rule.selectorText) point(rule.cssRules, rule);
    if (rule.selectorText?.includes(":hover")) sheet.insertRule(`${rule.selectorText.replaceAll(":hover", ":not(.never)")} { ${rule.style.cssText} }`, index + 1);
  }
}
// Nothing is on its way from one colour to another.
document.styleSheets[0].insertRule("* { transition: none !important; animation: none !important; }", document.styleSheets[0].cssRules.length);
for (const sheet of document.styleSheets) point(sheet.cssRules, sheet);

const faint = new Set();
function weigh(element, pseudo, what) {
  const style = getComputedStyle(element, pseudo);
  const [r, g, b, a = 1] = parse(style.color);
  const ground = behind(element);
  const text = over([r, g, b], a * Number(style.opacity), ground);
  const [light, dark] = [luminance(text), luminance(ground)].sort((one, other) => other - one);
  const size = parseFloat(style.fontSize);
  const least = size >= 24 || (size >= 18.66 && Number(style.fontWeight) >= 700) ? 3 : 4.5;
  const ratio = (light + 0.05) / (dark + 0.05);
  if (ratio < least - 0.01) faint.add(`${what} ${element.tagName.toLowerCase()}.${[...element.classList].join(".")} ${ratio.toFixed(2)}`);
}
for (const field of document.querySelectorAll("input[placeholder], textarea[placeholder]")) {
  if (field.checkVisibility() && !field.disabled) weigh(field, "::placeholder", "example in");
}
const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
while (walk.nextNode()) {
  const element = walk.currentNode.parentElement;
  if (!walk.currentNode.data.trim() || element.closest("svg, option, script, style, :disabled, .is-sr-only") || !element.checkVisibility()) continue;
  weigh(element, null, "text of");
}
return [...faint].join("\n");
