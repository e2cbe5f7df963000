import { instrumentErrors } from '../measure/InstrumentSpec'
import { DIMENSIONS } from '../readings/dimensions'
import type { TakenReading } from './measuredFigures'

export interface SoundReadings {
  readonly sound: readonly TakenReading[]
  /** what is wrong with the others, each with what to do; null where none is */
  readonly trouble: string | null
}

/** Tells readings whose instrument's errors can be reckoned with from those kept with errors that cannot be. */
export function soundReadings(readings: readonly TakenReading[]): SoundReadings {
  const troubles = readings.map((reading) => ({ reading, trouble: troubleWith(reading) }))
  const unsound = troubles.flatMap(({ trouble }) => trouble ?? [])
  return {
    sound: troubles.filter(({ trouble }) => trouble === null).map(({ reading }) => reading),
    trouble: unsound.length > 0 ? unsound.join(' ') : null,
  }
}

function troubleWith(reading: TakenReading): string | null {
  try {
    instrumentErrors(reading)
    return null
  } catch (error) {
    if (!(error instanceof RangeError)) throw error
    const { label, places } = DIMENSIONS[reading.dimension]
    const place = places[reading.placeIndex] ?? 'one place'
    return `${label}, ${place}: kept with an instrument’s error that cannot be (${error.message}). Not counted: take it back and read it again.`
  }
}
