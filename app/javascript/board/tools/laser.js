// The laser pointer: a dot with a trail that fades; the devices and takes see it too.
const EVERY = 60 // ms between two messages to the devices

export default {
  word: "Laser",
  icon: "circle-dot",
  key: "K",
  title: "Laser pointer (K)",

  make({ surface, recorder }) {
    let last = 0

    const point = event => {
      const [x, y] = surface.camera.toPage(event.clientX, event.clientY)
      surface.pointer.to(x, y)
      if (event.timeStamp - last < EVERY) return
      last = event.timeStamp
      surface.live?.perform("pointer", { x: Math.round(x), y: Math.round(y) })
      recorder.point(x, y)
    }

    const away = () => {
      if (!surface.pointer.shown) return
      surface.pointer.away()
      surface.live?.perform("pointer", {})
      recorder.point()
    }
    surface.events.on("turning", away)

    return {
      cursor: "none",
      hover: point,
      down: contact => point(contact.event),
      move: (_contact, events) => point(events.at(-1)),
      up: contact => contact.type === "touch" && away(),
      cancel: away,
      leave: away
    }
  }
}
