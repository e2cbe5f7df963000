export interface TurnDialProps {
  /** from the ring's first touch until metal meets metal */
  readonly fromTouchDeg: number
  /** from where fingers stop until then, at least and at most */
  readonly pastHandDeg: { readonly low: number; readonly high: number }
}

const SIZE = 168
const MIDDLE = SIZE / 2
const INNER = 44
/** A turn lies so far outside the one before it. */
const A_TURN = 13
const STEP_DEG = 4
const HALF_TURN = 180
const FULL_TURN = 360
/** Turns that have room. */
const MOST_TURNS = 3

/** How a back turns home, seen from behind: from its ring's first touch at the top, by fingers, then by tool, to metal. */
export function TurnDial({ fromTouchDeg, pastHandDeg }: TurnDialProps) {
  if (fromTouchDeg > MOST_TURNS * FULL_TURN) return null
  const handFrom = Math.max(0, fromTouchDeg - pastHandDeg.high)
  const handTo = Math.max(0, fromTouchDeg - pastHandDeg.low)
  const home = at(fromTouchDeg)
  const start = at(0)
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      width={SIZE}
      height={SIZE}
      role="img"
      aria-label={`from the ring’s first touch the back turns ${Math.round(fromTouchDeg)}° until it stands on metal; fingers stop ${Math.round(pastHandDeg.low)} to ${Math.round(pastHandDeg.high)}° before that`}
      style={{ flex: 'none' }}
    >
      <circle
        cx={MIDDLE}
        cy={MIDDLE}
        r={INNER - 10}
        fill="var(--mui-palette-action-hover)"
        stroke="var(--mui-palette-divider)"
      />
      <Turned from={0} to={handFrom} colour="var(--mui-palette-text-secondary)" width={2.5} />
      <Turned from={handFrom} to={handTo} colour="var(--mui-palette-warning-main)" width={7} />
      <Turned from={handTo} to={fromTouchDeg} colour="var(--mui-palette-text-primary)" width={2.5} />
      <circle cx={start[0]} cy={start[1]} r={4} fill="var(--mui-palette-text-secondary)" />
      <rect
        x={home[0] - 5}
        y={home[1] - 5}
        width={10}
        height={10}
        fill="var(--mui-palette-text-primary)"
        transform={`rotate(${fromTouchDeg} ${home[0]} ${home[1]})`}
      />
      <text
        x={MIDDLE}
        y={MIDDLE}
        dy="0.35em"
        textAnchor="middle"
        fontSize="15"
        className="figure"
        fill="currentColor"
      >
        {Math.round(fromTouchDeg)}°
      </text>
    </svg>
  )
}

interface TurnedProps {
  readonly from: number
  readonly to: number
  readonly colour: string
  readonly width: number
}

/** Part of the way, along a spiral. */
function Turned({ from, to, colour, width }: TurnedProps) {
  if (to - from < 1) return null
  const steps = Math.ceil((to - from) / STEP_DEG)
  const points = Array.from({ length: steps + 1 }, (_, i) => at(from + ((to - from) * i) / steps))
  return (
    <polyline
      points={points.map((point) => point.map((px) => px.toFixed(1)).join(',')).join(' ')}
      fill="none"
      stroke={colour}
      strokeWidth={width}
      strokeLinecap="butt"
    />
  )
}

/** Where the mark on the back's rim stands after so many degrees clockwise from the top. */
function at(deg: number): readonly [number, number] {
  const angle = (deg * Math.PI) / HALF_TURN
  const radius = INNER + (A_TURN * deg) / FULL_TURN
  return [MIDDLE + radius * Math.sin(angle), MIDDLE - radius * Math.cos(angle)]
}
