// All modules of a room by their file names: { undo: its default export, ... }. The import map names them, so that
// adding a file is all it takes.
const { imports } = JSON.parse(document.querySelector("script[type=importmap]").textContent)

export async function room(folder) {
  const names = Object.keys(imports).filter(
    name => name.startsWith(`${folder}/`) && !name.slice(folder.length + 1).includes("/")
  )
  return Object.fromEntries(
    await Promise.all(names.map(async name => [name.slice(folder.length + 1), (await import(name)).default]))
  )
}
