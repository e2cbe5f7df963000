import { areSoundsOn } from './soundsOn'

interface Beep {
  readonly hertz: number
  /** from the start, and how long, s */
  readonly at: number
  readonly lasts: number
}

/** Told apart without looking: a figure taken is short and high, one refused low and twice, a wait that is over long. */
const TONES = {
  taken: [{ hertz: 1320, at: 0, lasts: 0.09 }],
  refused: [
    { hertz: 220, at: 0, lasts: 0.16 },
    { hertz: 220, at: 0.22, lasts: 0.16 },
  ],
  over: [
    { hertz: 880, at: 0, lasts: 0.35 },
    { hertz: 880, at: 0.5, lasts: 0.35 },
  ],
} as const satisfies Record<string, readonly Beep[]>

const VOLUME = 0.15
const SILENT = 0.001

/** Made on the spot: nothing has to be loaded. Silent where it is switched off, or where the browser lets no page sound yet. */
export function sound(tone: keyof typeof TONES): void {
  if (typeof AudioContext === 'undefined' || !areSoundsOn()) return
  const audio = new AudioContext()
  const beeps: readonly Beep[] = TONES[tone]
  for (const { hertz, at, lasts } of beeps) {
    const [wave, volume] = [audio.createOscillator(), audio.createGain()]
    wave.frequency.value = hertz
    volume.gain.setValueAtTime(VOLUME, audio.currentTime + at)
    volume.gain.exponentialRampToValueAtTime(SILENT, audio.currentTime + at + lasts)
    wave.connect(volume).connect(audio.destination)
    wave.start(audio.currentTime + at)
    wave.stop(audio.currentTime + at + lasts)
  }
  const length = Math.max(...beeps.map(({ at, lasts }) => at + lasts))
  setTimeout(() => void audio.close(), 1000 * (length + 0.5))
}
