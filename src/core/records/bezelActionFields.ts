import { OTHER_WAYS, TURN_FEELS } from '../bezel/bezelAction'
import type { BezelKind } from '../construction/kinds'
import type { Field } from './Field'
import { optionsOf } from './Field'

/** A bezel has no more: finer ones turn by friction. From memory. */
const MOST_CLICKS = 240
const MOST_PLAY_DEG = 30

const OF_CLICKS: readonly Field[] = [
  { kind: 'count', name: 'clicks', label: 'Clicks counted', required: true, least: 4, most: MOST_CLICKS },
  {
    kind: 'choice',
    name: 'otherWay',
    label: 'The other way it',
    required: true,
    options: optionsOf(OTHER_WAYS),
  },
  {
    kind: 'figure',
    name: 'backPlayDeg',
    label: 'Back play',
    required: false,
    leastMm: 0,
    mostMm: MOST_PLAY_DEG,
    unit: '°',
    help: 'from the first click that holds',
  },
]

const OF_BOTH: readonly Field[] = [
  { kind: 'choice', name: 'feel', label: 'It turns', required: true, options: optionsOf(TURN_FEELS) },
  { kind: 'flag', name: 'zeroOnMark', label: 'Zero on its mark' },
]

/** What is asked of a turning bezel that was tried; nothing of one that does not turn. */
export function bezelActionFields(kind: BezelKind): readonly Field[] {
  if (kind === 'rotating-click') return [...OF_CLICKS, ...OF_BOTH]
  return kind === 'rotating-friction' ? OF_BOTH : []
}
