// npm with the arguments given: the machine's own, or one from its registry. (Debian's package would bring three hundred others.)
import { execFileSync, spawnSync } from "node:child_process"
import { createHash } from "node:crypto"
import { existsSync, mkdirSync, writeFileSync } from "node:fs"
import { homedir } from "node:os"
import { join } from "node:path"

const FROM = "https://registry.npmjs.org/npm/-/npm-10.9.4.tgz"
const DIGEST = "OnUG836FwboQIbqtefDNlyR0gTHzIfwRfE3DuiNewBvnMnWEpB0VEXwBlFVgqpNzIgYo/MHh3d2Hel/pszapAA=="
const folder = join(homedir(), ".cache/usher/npm-10.9.4")
const fetched = join(folder, "package/bin/npm-cli.js")

async function fetchIt() {
  const bytes = Buffer.from(await (await fetch(FROM)).arrayBuffer())
  if (createHash("sha512").update(bytes).digest("base64") !== DIGEST)
    throw new Error(`${FROM} is not the file that was meant`)
  mkdirSync(folder, { recursive: true })
  const file = join(folder, "npm.tgz")
  writeFileSync(file, bytes)
  execFileSync("tar", ["-xzf", file, "-C", folder])
}

const own = spawnSync("npm", process.argv.slice(2), { stdio: "inherit" })
if (own.error?.code !== "ENOENT") process.exit(own.status ?? 1)
if (!existsSync(fetched)) await fetchIt()
process.exit(spawnSync(process.execPath, [fetched, ...process.argv.slice(2)], { stdio: "inherit" }).status ?? 1)
