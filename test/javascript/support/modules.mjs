// The browser's modules by their own names ("surface/track"), as its import map has them; the live connection is a
// stand-in.
import { register } from "node:module"

register("./resolve.mjs", import.meta.url)
