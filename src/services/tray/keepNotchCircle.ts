import Joi from 'joi'
import { chordSkip } from '@/core/notches/chordSkip'
import { circleFromChordText } from '@/core/opening/circleFromChordText'
import { setNotchCircle } from '@/data/queries/caseSheets'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

interface KeptChord {
  readonly trayId: number
  /** as it was typed */
  readonly chord: string
}

const schema = Joi.object<KeptChord>({
  trayId: idSchema.required(),
  chord: Joi.string().max(20).required(),
})

/** Keeps the notch circle that follows from a chord read on this piece: the case sheet knows it from then on. */
export const keepNotchCircle = trayChange(schema, async (tx, { chord }, { kept }) => {
  const { id, backKind, notchCount, caseDiameterMm } = kept.sheet
  if (backKind !== 'screw-notched' || notchCount === null)
    return refuse('This back has no notches that were counted: write their number on the sheet first.')
  const found = circleFromChordText(chord, notchCount, chordSkip(notchCount), caseDiameterMm)
  if (!found.ok) return refuse(found.message, 'chord')
  await setNotchCircle(tx, id, found.circleMm)
  return null
})
