// Makes the house's own scripts in public/assets smaller: comments, spaces and long local names go. What a browser
// loads stays a module a file, under the same name.
import { readdir, readFile, writeFile } from "node:fs/promises"
import { join } from "node:path"
import { minify } from "terser"

const ROOT = "public/assets"
const ROOMS = /^(board|device|makers|media|players|prompter|shared|surface|take|desk)(\/|-)/

const names = (await readdir(ROOT, { recursive: true })).filter(name => name.endsWith(".js") && ROOMS.test(name))
for (const name of names) {
  const path = join(ROOT, name)
  const { code } = await minify(await readFile(path, "utf8"), { module: true })
  await writeFile(path, code)
}
