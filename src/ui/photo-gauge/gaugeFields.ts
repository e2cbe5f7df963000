import { formatMm } from '@/core/units/formatMm'
import { parseReading } from '@/core/units/parseReading'
import type { PhotoGaugeSettings } from '@/services/tray/photoGauge'

/** What is typed beside a picture, as typed. */
export interface GaugeTexts {
  readonly levelBar: string
  readonly uprightBar: string
  readonly edgeHeight: string
  readonly cameraHeight: string
}

export interface GaugeFigures {
  readonly levelBarMm: number
  readonly uprightBarMm: number | null
  readonly edgeHeightMm: number
  readonly cameraHeightMm: number
}

export type GaugeFiguresOutcome = { ok: true; figures: GaugeFigures } | { ok: false; message: string }

export function gaugeTexts(
  settings: Pick<PhotoGaugeSettings, 'levelBarMm' | 'uprightBarMm' | 'cameraHeightMm'>,
  edgeHeightMm: number | null,
): GaugeTexts {
  return {
    levelBar: settings.levelBarMm === null ? '' : formatMm(settings.levelBarMm),
    uprightBar: settings.uprightBarMm === null ? '' : formatMm(settings.uprightBarMm),
    edgeHeight: edgeHeightMm === null ? '' : formatMm(edgeHeightMm),
    cameraHeight: formatMm(settings.cameraHeightMm, 1),
  }
}

/** The figures typed, or the first that is none. Ranges are judged where the size is worked out. */
export function gaugeFigures(texts: GaugeTexts): GaugeFiguresOutcome {
  const level = lengthOf('Level bar', texts.levelBar)
  const upright = texts.uprightBar.trim() === '' ? null : lengthOf('Upright bar', texts.uprightBar)
  const edge = lengthOf('Edge height', texts.edgeHeight)
  const camera = lengthOf('Camera height', texts.cameraHeight)
  for (const value of [level, upright, edge, camera]) {
    if (typeof value === 'string') return { ok: false, message: value }
  }
  return {
    ok: true,
    figures: {
      levelBarMm: Number(level),
      uprightBarMm: upright === null ? null : Number(upright),
      edgeHeightMm: Number(edge),
      cameraHeightMm: Number(camera),
    },
  }
}

function lengthOf(name: string, text: string): number | string {
  if (text.trim() === '') return `${name} is missing: type it in mm.`
  const parsed = parseReading(text)
  // An edge on the paper itself stands 0 high; a reading is never 0.
  if (/^[0.,\s]+$/.test(text)) return 0
  return parsed.ok
    ? parsed.valueMm
    : `${name}: “${text.trim().slice(0, 20)}” is not a length. Type it as 1.20, in mm.`
}
