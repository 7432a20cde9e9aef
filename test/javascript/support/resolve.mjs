const ROOMS = /^(board|device|makers|media|players|shared|surface|take)\//
const STANDINS = { "@rails/actioncable": "./cable.mjs" }

export function resolve(name, context, next) {
  if (STANDINS[name]) return next(new URL(STANDINS[name], import.meta.url).href, context)
  if (ROOMS.test(name)) return next(new URL(`../../../app/javascript/${name}.js`, import.meta.url).href, context)
  return next(name, context)
}

// Without a package.json of their own those files would be taken for CommonJS.
export async function load(url, context, next) {
  return url.includes("/app/javascript/") ? next(url, { ...context, format: "module" }) : next(url, context)
}
