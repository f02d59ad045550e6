// Makes what browsers are sent, under wwwroot/lib, from the styles, scripts and fonts here and in packages. Run by the build.
import { copyFileSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { build } from "esbuild";
import { compile } from "sass";
import subsetFont from "subset-font";

const MADE = "obj/assets";
const SENT = "wwwroot/lib";
const packages = createRequire(import.meta.url);

// Plain text and what the product itself writes is in the first file of a face; the other letters of western Europe, and those
// of central Europe, are fetched only by a page that shows one.
const PLAIN = [[0x20, 0x7e], 0xa0, [0xb0, 0xb2], 0xb7, 0xd7, 0x2013, 0x2014, 0x2019, 0x201c, 0x201d, 0x2026, 0x20ac, 0x2212];
const WESTERN = [[0xa1, 0xaf], [0xb3, 0xb6], [0xb8, 0xd6], [0xd8, 0xff], 0x152, 0x153, 0x178, 0x2018, 0x201a, 0x201e, 0x2022, 0x2122];
const CENTRAL = [[0x100, 0x151], [0x154, 0x177], [0x179, 0x2ba], [0x1e00, 0x1e9f]];
const FACES = [
  ["Atkinson Hyperlegible", 400, true],
  ["Atkinson Hyperlegible", 700],
  ["Bricolage Grotesque", 600],
  ["Spline Sans Mono", 400],
  ["Spline Sans Mono", 600],
];

const hex = (code) => code.toString(16).toUpperCase();
const rangeOf = (codes) => codes.map((code) => Array.isArray(code) ? `U+${hex(code[0])}-${hex(code[1])}` : `U+${hex(code)}`).join(", ");
const lettersOf = (codes) => codes.flatMap((code) => Array.isArray(code) ? Array.from({ length: code[1] - code[0] + 1 }, (_, step) => code[0] + step) : [code])
  .map((code) => String.fromCodePoint(code)).join("");

async function face(family, weight, codes, script) {
  const name = family.toLowerCase().replaceAll(" ", "-");
  const source = readFileSync(packages.resolve(`@fontsource/${name}/files/${name}-${script}-${weight}-normal.woff2`));
  const file = `${name}-${weight}-${hex([codes[0]].flat()[0])}.woff2`;
  writeFileSync(`${MADE}/${file}`, await subsetFont(source, lettersOf(codes), { targetFormat: "woff2" }));
  return `@font-face { font-family: "${family}"; font-weight: ${weight}; font-display: swap; unicode-range: ${rangeOf(codes)}; src: url("./${file}") format("woff2"); }\n`;
}

async function fonts() {
  const faces = [];
  for (const [family, weight, hasCentral] of FACES) {
    faces.push(await face(family, weight, PLAIN, "latin"), await face(family, weight, WESTERN, "latin"));
    if (hasCentral) faces.push(await face(family, weight, CENTRAL, "latin-ext"));
  }
  writeFileSync(`${MADE}/fonts.css`, faces.join(""));
}

rmSync(SENT, { recursive: true, force: true });
mkdirSync(SENT, { recursive: true });
mkdirSync(MADE, { recursive: true });
writeFileSync(`${MADE}/bulma.css`, compile("Assets/styles/bulma.scss", { loadPaths: ["node_modules"], quietDeps: true }).css);
await fonts();
// Names that hold a hash of their content may be kept for ever.
await build({ entryPoints: { bench: "Assets/styles/all.css" }, bundle: true, minify: true, outdir: SENT, assetNames: "kept/[name]-[hash]", loader: { ".woff2": "file", ".svg": "file" }, logLevel: "warning" });
await build({ entryPoints: { bench: "Assets/scripts/bench.js" }, bundle: true, minify: true, format: "esm", outdir: SENT, logLevel: "warning" });
copyFileSync("node_modules/htmx.org/dist/htmx.min.js", `${SENT}/htmx.js`);
copyFileSync("node_modules/idiomorph/dist/idiomorph-ext.min.js", `${SENT}/idiomorph.js`);
