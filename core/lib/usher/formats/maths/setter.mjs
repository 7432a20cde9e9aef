// Sets formulas: reads one JSON line {"source": AsciiMath} after the other and answers each with one
// line {"svg", "problem"}. Kept running by Formats::Maths, because MathJax takes half a second to load.
import { createInterface } from "node:readline"
import { mathjax } from "mathjax-full/js/mathjax.js"
import { AsciiMath } from "mathjax-full/js/input/asciimath.js"
import { SVG } from "mathjax-full/js/output/svg.js"
import { liteAdaptor } from "mathjax-full/js/adaptors/liteAdaptor.js"
import { RegisterHTMLHandler } from "mathjax-full/js/handlers/html.js"

const adaptor = liteAdaptor()
RegisterHTMLHandler(adaptor)
const page = mathjax.document("", { InputJax: new AsciiMath(), OutputJax: new SVG({ fontCache: "none" }) })

for await (const line of createInterface({ input: process.stdin })) {
  let answer
  try {
    const set = page.convert(JSON.parse(line).source, { display: true })
    answer = { svg: adaptor.innerHTML(set) }
  } catch (problem) {
    answer = { problem: String(problem.message ?? problem) }
  }
  process.stdout.write(JSON.stringify(answer) + "\n")
}
