import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import { offCentreMm } from '@/core/straight/Displacement'
import { degreesText } from '@/core/straight/degreesText'
import { enlargedBy } from '@/core/straight/enlargedBy'
import type { StraightPair } from '@/core/straight/pairs'
import { PAIR_WORDS } from '@/core/straight/pairs'
import type { JudgedLook } from '@/core/straight/standingPairs'
import { capital } from '@/core/units/capital'
import { formatMm, formatSignedMm } from '@/core/units/formatMm'
import { planPoint } from '@/core/plan-view/planViewGeometry'
import { AskewDrawing } from './AskewDrawing'
import { LookFields } from './LookFields'
import { OffsetInput } from './OffsetInput'
import { ReadFrom } from './ReadFrom'
import type { StraightForm } from './useStraightForm'

/** Of a drawing nobody measured, mm. */
const USUAL_RADIUS_MM = 14
/** Where figures stand and where they are typed, part of half the drawing: inside the rings, and round them. */
const FIGURES_AT = 0.41
const TYPED_AT = 0.85
const DEGREES_OF_HOUR = 30
/** So many standard uncertainties are told: they hold 95 %. */
const TOLD = 2

interface AskewPaneProps {
  readonly form: StraightForm
  /** the case from above, for what is no ring: a magnifier, hands */
  readonly plan: ReactNode
  /** keys of the page rest while a dialog is open */
  readonly onAsk: (isOpen: boolean) => void
}

/** The case from above is the form: offsets are typed where they are read, and what they say is drawn and told under it. */
export function AskewPane({ form, plan, onAsk }: AskewPaneProps) {
  const { shown, draft, remedy } = form
  if (!shown) return null
  const last = shown.standing?.last ?? null
  const stands = draft ? null : (last?.fit.displacement ?? null)
  const left = remedy && remedy.id !== 'leave' && remedy.against === null ? remedy.left : null
  const after = draft ? null : left
  const radiusMm = last?.radiusMm ?? shown.radiusMm ?? USUAL_RADIUS_MM
  const enlarged = enlargedBy(
    [stands, after].flatMap((one) => one ?? []),
    radiusMm,
  )
  const { label, isRing } = PAIR_WORDS[shown.pair]
  return (
    <Box component="section" aria-label="From above">
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {draft
          ? `${capital(label)}: how far ${isRing ? 'each tick stands clockwise of the one it belongs to' : 'it stands clockwise of its mark'}, mm`
          : `${capital(label)}${drawnText(shown.pair, enlarged)}${after && isRing ? `; broken: as it would be${remedy?.dotsDeg ? ', with dots of cement' : ''}` : ''}`}
      </Typography>
      <Box sx={{ position: 'relative', maxWidth: 380, mx: 'auto', mt: -0.5, mb: draft ? 1 : -2.5 }}>
        {isRing ? (
          <AskewDrawing
            label={`From above, 12 up: ${last && !draft ? `${label} ${last.judgement.words}` : `${label}, being read`}`}
            stands={stands}
            after={after}
            dotsDeg={after ? (remedy?.dotsDeg ?? []) : []}
            isTyped={draft !== null}
            radiusMm={radiusMm}
            enlarged={enlarged}
          />
        ) : (
          plan
        )}
        {(draft?.hours ?? last?.offsets.map(({ hour }) => hour) ?? []).map((hour) => (
          <Box key={hour} sx={placeOf(hour, draft || !isRing ? TYPED_AT : FIGURES_AT)}>
            {draft ? (
              <OffsetInput form={form} hour={hour} />
            ) : (
              <Box
                component="span"
                className="figure"
                sx={{ fontSize: 15, fontWeight: 700, color: 'primary.main' }}
              >
                {formatSignedMm(last?.offsets.find((one) => one.hour === hour)?.offsetMm ?? 0)}
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {draft ? (
        <LookFields form={form} draft={draft} onAsk={onAsk} />
      ) : (
        last && (
          <>
            <Told look={last} isRing={isRing} />
            {shown.pictures && <ReadFrom pictures={shown.pictures} />}
          </>
        )
      )}
    </Box>
  )
}

function drawnText(pair: StraightPair, enlarged: number): string {
  if (!PAIR_WORDS[pair].isRing) return ''
  return enlarged === 1 ? ', drawn as it is' : `, drawn ${enlarged} times as far off`
}

function placeOf(hour: number, partOfHalf: number) {
  const { xMm, yMm } = planPoint(partOfHalf * 50, hour * DEGREES_OF_HOUR)
  return {
    position: 'absolute',
    left: `${50 + xMm}%`,
    top: `${50 + yMm}%`,
    transform: 'translate(-50%, -50%)',
  } as const
}

/** Turned and off-centre, each with what it may be off by, and what these places cannot tell. */
function Told({ look, isRing }: { readonly look: JudgedLook; readonly isRing: boolean }) {
  const { fit, judgement } = look
  const colour = judgement.isStraight ? 'success.main' : 'text.primary'
  return (
    <>
      <Box sx={{ display: 'flex', columnGap: 5, flexWrap: 'wrap', mt: 0.5 }}>
        <Big
          what={fit.turnedDeg || !isRing ? 'turned' : 'turned, were it centred'}
          value={degreesText((fit.turnedDeg ?? fit.ifCentredDeg).value)}
          off={degreesText(TOLD * (fit.turnedDeg ?? fit.ifCentredDeg).standardUncertainty)}
          colour={colour}
        />
        {isRing && (
          <Big
            what="off-centre"
            value={fit.offCentreUncertaintyMm === null ? 'not seen' : formatMm(offCentreMm(fit.displacement))}
            off={fit.offCentreUncertaintyMm === null ? null : formatMm(TOLD * fit.offCentreUncertaintyMm)}
            colour={colour}
          />
        )}
        <Big
          what={isRing ? 'most at a tick' : 'off its mark'}
          value={formatMm(judgement.worstMm)}
          off={null}
          colour={colour}
        />
      </Box>
      {(isRing && look.byPicture === null ? sentencesOf(look) : []).map((sentence) => (
        <Typography key={sentence} sx={{ fontSize: 14.5, mt: 0.25 }}>
          {sentence}
        </Typography>
      ))}
    </>
  )
}

function Big({
  what,
  value,
  off,
  colour,
}: {
  readonly what: string
  readonly value: string
  readonly off: string | null
  readonly colour: string
}) {
  return (
    <Box>
      <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{what}</Box>
      <Box className="figure" sx={{ fontSize: '1.9rem', fontWeight: 700, lineHeight: 1.1, color: colour }}>
        {value}
        {off !== null && (
          <Box component="span" sx={{ fontSize: 15, fontWeight: 400, ml: 1, color: 'text.secondary' }}>
            ±{off}
          </Box>
        )}
      </Box>
    </Box>
  )
}

/** Of ticks that were read one by one: a picture reads them all. */
function sentencesOf({ fit, offsets, radiusMm }: JudgedLook): string[] {
  const twelve = offsets.find(({ hour }) => hour === 12)
  const at12 = twelve && ((twelve.offsetMm / radiusMm) * 180) / Math.PI
  const told: (string | false)[] = [
    fit.turnedDeg !== null &&
      at12 !== undefined &&
      offsets.length > 1 &&
      `At 12 alone it would have read ${degreesText(at12)}.`,
    fit.turnedDeg === null && 'These places do not tell a turn from a shift: read the opposite ones too.',
    fit.turnedDeg !== null &&
      (fit.towards3Mm === null || fit.towards12Mm === null) &&
      `A shift ${unseenWay(fit)} is not seen at these places: read two across them too.`,
    fit.doubt !== null &&
      (fit.doubt.directionDeg === null
        ? 'The places do not agree: one is misread, or a ring is oval. Read six or more to tell which.'
        : `The tick at ${hourOf(fit.doubt.directionDeg)} does not go with the others: read it again.`),
    fit.doubt === null &&
      fit.turnedDeg !== null &&
      offsets.length > 3 &&
      `${offsets.length} places, ${formatMm(Math.max(...fit.residualsMm.map(Math.abs)))} left over at most: nothing doubted.`,
  ]
  return told.filter((sentence) => sentence !== false)
}

function unseenWay({ towards3Mm, towards12Mm }: JudgedLook['fit']): string {
  if (towards3Mm === null && towards12Mm === null) return 'to one side'
  return towards3Mm === null ? 'towards 3 or 9' : 'towards 12 or 6'
}

function hourOf(directionDeg: number): number {
  return Math.round(directionDeg / DEGREES_OF_HOUR) % 12 || 12
}
