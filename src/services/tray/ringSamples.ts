import Joi from 'joi'
import { SAMPLE_RINGS } from '@/devices/simulated-ring/sampleRings'
import { action } from '../action'

export interface RingSample {
  readonly id: string
  readonly title: string
  /** address of the picture */
  readonly src: string
}

export interface RingSamples {
  readonly ok: true
  readonly samples: readonly RingSample[]
}

/** Simulated photographs of heads from above, to try the reading with. */
export const ringSamples = action(Joi.object({}), (): Promise<RingSamples> =>
  Promise.resolve({
    ok: true,
    samples: SAMPLE_RINGS.map(({ id, title }) => ({ id, title, src: `/photographs/rings/${id}.jpg` })),
  }),
)
