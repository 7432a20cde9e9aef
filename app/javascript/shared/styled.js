// Styles that are fetched when they are first wanted: the page's head says where they are.
const fetched = {}

export function styled(name) {
  return (fetched[name] ??= new Promise(done => {
    const { content: href } = document.querySelector(`meta[name="${name}"]`)
    const link = Object.assign(document.createElement("link"), { rel: "stylesheet", href })
    link.onload = link.onerror = done
    document.head.append(link)
  }))
}
