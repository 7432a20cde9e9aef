// Class tools on a screen: their clocks tick here from what the server said, so that no clock of this machine matters;
// what was drawn or rolled moves until it rests.
import { styled } from "shared/styled"

const EVERY = 200 // ms
const LATE = 1500 // ms after its end within which a countdown still rings

let clocks = []
let ticking = null

// target: what was swapped.
export async function look(target) {
  await styled("plaques")
  const now = performance.now()
  clocks = clocks.filter(({ element }) => element.isConnected && !target.contains(element))
  for (const element of target.querySelectorAll("[data-clock]"))
    clocks.push({ element, at: now, from: Number(element.dataset.clock), runs: Number(element.dataset.runs) })
  ticking ??= setInterval(tick, EVERY)
  tick()
  target.querySelectorAll("[data-moves]").forEach(move)
}

function tick() {
  const now = performance.now()
  clocks = clocks.filter(({ element }) => element.isConnected)
  if (!clocks.length) ticking = clearInterval(ticking) ?? null
  for (const clock of clocks) show(clock, now)
}

function show(clock, now) {
  const { element, at, from, runs } = clock
  const seconds = Math.max(0, from + (runs * (now - at)) / 1000)
  const words = clockWords(runs > 0 ? Math.floor(seconds) : Math.ceil(seconds))
  if (element.textContent !== words) element.textContent = words
  const meter = element.parentElement.querySelector("[data-meter]")
  meter?.setAttribute("width", Math.min(100, (seconds * 100) / Number(meter.dataset.meter)))
  if (runs >= 0 || seconds > 0 || clock.over) return
  clock.over = true
  element.classList.add("is-over")
  if (now - at < from * 1000 + LATE) ring(element)
}

export const clockWords = seconds => {
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60]
  const two = number => String(number).padStart(2, "0")
  return hours ? `${hours}:${two(minutes)}:${two(rest)}` : `${minutes}:${two(rest)}`
}

// Time is up: said, seen, and at the board heard too: three strokes of a bell, each two tones with their octave.
function ring(element) {
  document.getElementById("spoken").textContent = "Time is up."
  element.closest(".plaque").classList.add("is-flashing")
  if (!element.closest("#class-tools")) return
  try {
    const sound = new AudioContext()
    for (const [delay, tone] of [
      [0, 587],
      [0.5, 784],
      [1, 587]
    ])
      for (const [times, loud] of [
        [1, 0.22],
        [2, 0.08]
      ])
        stroke(sound, delay, tone * times, loud)
    setTimeout(() => sound.close(), 4000)
  } catch {
    // a machine without sound: it is seen
  }
}

function stroke(sound, delay, tone, loud) {
  const [from, bell, volume] = [sound.currentTime + delay, sound.createOscillator(), sound.createGain()]
  bell.frequency.value = tone
  volume.gain.setValueAtTime(0, from)
  volume.gain.linearRampToValueAtTime(loud, from + 0.01)
  volume.gain.exponentialRampToValueAtTime(0.001, from + 1.6)
  bell.connect(volume).connect(sound.destination)
  bell.start(from)
  bell.stop(from + 1.7)
}

function move(plaque) {
  const seconds = Number(plaque.dataset.moves)
  plaque.classList.add("is-moving")
  if (!matchMedia("(prefers-reduced-motion: reduce)").matches)
    plaque.querySelectorAll("animateTransform").forEach(turning => turning.beginElement())
  setTimeout(() => plaque.classList.remove("is-moving"), seconds * 1000)
}
