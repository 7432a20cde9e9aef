#!/usr/bin/env node
// Copies the few files of npm packages that Usher serves into vendor/npm (never committed), and makes
// one sprite of the icons in use. Run by script/setup.
import { execFile } from "node:child_process"
import { copyFileSync, mkdirSync, readFileSync, writeFileSync, rmSync } from "node:fs"
import { cpus } from "node:os"
import { dirname, join } from "node:path"
import { fileURLToPath } from "node:url"
import { promisify } from "node:util"
import subset from "subset-font"

const root = join(dirname(fileURLToPath(import.meta.url)), "..")
const from = join(root, "node_modules")
const to = join(root, "vendor/npm")

const files = {
  "alpine-csp.js": "@alpinejs/csp/dist/module.esm.min.js",
  "atkinson.woff2":
    "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2",
  "atkinson-ext.woff2":
    "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2",
  "atkinson-italic.woff2":
    "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-italic.woff2",
  "andika.ttf": "@expo-google-fonts/andika/Andika_400Regular.ttf",
  "andika-bold.ttf": "@expo-google-fonts/andika/Andika_700Bold.ttf",
  "noto-math.ttf": "@expo-google-fonts/noto-sans-math/400Regular/NotoSansMath_400Regular.ttf",
  "noto-hebrew.ttf": "@expo-google-fonts/noto-sans-hebrew/400Regular/NotoSansHebrew_400Regular.ttf",
  "noto-hebrew-bold.ttf": "@expo-google-fonts/noto-sans-hebrew/700Bold/NotoSansHebrew_700Bold.ttf",
  "noto-arabic.ttf": "@expo-google-fonts/noto-sans-arabic/400Regular/NotoSansArabic_400Regular.ttf",
  "noto-arabic-bold.ttf": "@expo-google-fonts/noto-sans-arabic/700Bold/NotoSansArabic_700Bold.ttf",
  "idb.js": "idb/build/index.js",
  "idiomorph.js": "idiomorph/dist/idiomorph.esm.js",
  "simple-keyboard.js": "simple-keyboard/build/index.modern.esm.js",
  "bricolage.woff2": "@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-700-normal.woff2",
  "bricolage-regular.woff2": "@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-400-normal.woff2"
}

const layouts = [
  "english",
  "german",
  "french",
  "spanish",
  "italian",
  "polish",
  "swedish",
  "greek",
  "russian",
  "ukrainian",
  "turkish",
  "hebrew",
  "arabic"
]
for (const name of layouts) files[`layout-${name}.js`] = `simple-keyboard-layouts/build/layouts/${name}.js`

rmSync(to, { recursive: true, force: true })
mkdirSync(to, { recursive: true })
for (const [name, source] of Object.entries(files)) copyFileSync(join(from, source), join(to, name))

// The figures that stand in for those of the reading face (Usher::Text::Faces::FIGURES): a few hundred bytes of a
// font each, for browsers and, as TrueType, for the server.
for (const [name, weight] of [
  ["figures", 400],
  ["figures-bold", 700]
]) {
  const face = readFileSync(join(from, `@fontsource/noto-sans/files/noto-sans-latin-${weight}-normal.woff2`))
  for (const [ending, targetFormat] of [
    ["woff2", "woff2"],
    ["ttf", "truetype"]
  ])
    writeFileSync(join(to, `${name}.${ending}`), await subset(face, "0123456789", { targetFormat }))
}

// Letters that the house's faces lack, script by script, under one name (Usher::Text::Faces::TOGETHER): each is fetched by a page that needs it.
const letters = JSON.parse(readFileSync(join(root, "config/letters.json"), "utf8"))
const signs = range =>
  range.split(", ").flatMap(part => {
    const [first, last = first] = part
      .slice(2)
      .split("-")
      .map(code => parseInt(code, 16))
    return Array.from({ length: last - first + 1 }, (_, index) => String.fromCodePoint(first + index))
  })
const faces = []
for (const { package: name, stem, bold, range } of letters)
  for (const cut of bold ? ["400Regular", "700Bold"] : ["400Regular"]) {
    const file = `letters-${name}${cut === "700Bold" ? "-bold" : ""}.ttf`
    const face = readFileSync(join(from, "@expo-google-fonts", name, cut, `${stem}_${cut}.ttf`))
    writeFileSync(join(to, file), await subset(face, signs(range).join(""), { targetFormat: "truetype" }))
    const weight = bold ? `font-weight:${cut === "700Bold" ? "600 900" : "100 500"};` : ""
    faces.push(
      `@font-face{font-family:"Usher Letters";src:url("/${file}") format("truetype");${weight}font-display:swap;unicode-range:${range}}`
    )
  }

// The families that what comes from outside is written in, from Debian: their measures are those of the usual faces of
// offices. A page fetches the cuts that it needs. What is typed in them stands on the same line as what is drawn
// (Usher::Text::Layout::ASCENT).
const stance = "ascent-override:95%;descent-override:29%;line-gap-override:0%;"
const { range, cuts, families } = JSON.parse(readFileSync(join(root, "config/families.json"), "utf8"))
const written = []
for (const { font, family, files } of families)
  for (const [index, cut] of cuts.entries()) {
    const face = readFileSync(join("/usr/share/fonts", files[index]))
    const file = join(to, `${font}${cut}.ttf`)
    writeFileSync(file, await subset(face, signs(range).join(""), { targetFormat: "truetype" }))
    written.push(file)
    const style =
      (cut.includes("bold") ? "font-weight:700;" : "") + (cut.includes("italic") ? "font-style:italic;" : "")
    faces.push(`@font-face{font-family:"${family}";src:url("/${font}${cut}.woff2");${style}${stance}font-display:swap}`)
  }

// Debian's program does in one second what takes three in here; as many at a time as there are processors.
const compress = promisify(execFile)
const compressing = async () => {
  for (let file; (file = written.pop());) await compress("woff2_compress", [file])
}
await Promise.all(cpus().map(compressing))
writeFileSync(join(to, "letters.css"), faces.join("\n") + "\n")

// htmx ships its small build as a classic script only; one export line makes it a module.
writeFileSync(
  join(to, "htmx.esm.js"),
  readFileSync(join(from, "htmx.org/dist/htmx.min.js"), "utf8") + "\nexport default htmx\n"
)

const icons = readFileSync(join(root, "config/icons.txt"), "utf8")
  .split("\n")
  .map(line => line.trim())
  .filter(line => line && !line.startsWith("#"))
const symbols = icons.map(name => {
  const svg = readFileSync(join(from, "lucide-static/icons", `${name}.svg`), "utf8")
  const body = svg
    .replace(/^[\s\S]*?<svg[^>]*>/, "")
    .replace(/<\/svg>\s*$/, "")
    .replace(/\s+/g, " ")
    .trim()
  return `<symbol id="${name}" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${body}</symbol>`
})
writeFileSync(join(to, "icons.svg"), `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join("")}</svg>\n`)
console.log(`vendor/npm: ${Object.keys(files).length + faces.length + 6} files, ${icons.length} icons`)
