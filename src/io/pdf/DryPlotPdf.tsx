import { Circle, Line, Path, Svg, Text, View } from '@react-pdf/renderer'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { DryPlot, PlotPoint } from '@/core/dry-test/dryPlot'
import { flowText } from '@/core/dry-test/dryWords'
import { formatMm } from '@/core/units/formatMm'
import { pt } from './fonts'

const WIDTH_MM = 174
const HEIGHT_MM = 46
const LEFT_MM = 12
/** The last figure of the scale has its half outside. */
const RIGHT_MM = 169
const FOOT_MM = 6
const [FIT, LIMIT, SHOWN, RULE] = ['#1d5c63', '#a8571a', '#7c8582', '#d3ccba']
const FIGURE = { fontSize: 7.5 }
const ROOM = 0.1

/** A dry test on paper: what was shown, what explains it, what a leak at the limit would have shown. */
export function DryPlotPdf({ plot }: { readonly plot: DryPlot }) {
  const { shown, fit, atLimit, limitUgPerMin } = plot
  const values = [...shown, ...fit, ...atLimit].map(([, um]) => um)
  const [least, most] = [Math.min(...values), Math.max(...values)]
  const room = Math.max(0.2, most - least) * ROOM
  const lastS = shown.at(-1)?.[0] ?? 1
  const x = scaleLinear([0, lastS], [pt(LEFT_MM), pt(RIGHT_MM)])
  const y = scaleLinear([least - room, most + room], [pt(HEIGHT_MM - FOOT_MM), pt(2)])
  const path = (points: readonly PlotPoint[]) =>
    line<PlotPoint>()
      .x(([t]) => x(t))
      .y(([, um]) => y(um))([...points]) ?? ''
  return (
    <View style={{ marginTop: pt(2) }} wrap={false}>
      <Svg width={pt(WIDTH_MM)} height={pt(HEIGHT_MM)}>
        {y.ticks(3).map((um) => (
          <Line
            key={um}
            x1={pt(LEFT_MM)}
            x2={pt(RIGHT_MM)}
            y1={y(um)}
            y2={y(um)}
            stroke={RULE}
            strokeWidth={0.5}
          />
        ))}
        {y.ticks(3).map((um) => (
          <Text key={um} x={0} y={y(um) + 3} style={FIGURE}>
            {String(um)}
          </Text>
        ))}
        {x.ticks(6).map((t) => (
          <Text key={t} x={x(t) - 4} y={pt(HEIGHT_MM - 1)} style={FIGURE}>
            {formatMm(t, 1)}
          </Text>
        ))}
        {shown.map(([t, um]) => (
          <Circle key={t} cx={x(t)} cy={y(um)} r={0.8} fill={SHOWN} />
        ))}
        <Path d={path(atLimit)} stroke={LIMIT} strokeWidth={1.2} strokeDasharray="5 3" fill="none" />
        <Path d={path(fit)} stroke={FIT} strokeWidth={1.5} fill="none" />
      </Svg>
      <Text style={{ ...FIGURE, color: '#525d5c' }}>
        {`How far the case stood in, µm, over seconds of pressure. Dots: what the tester showed; line: what explains it; dashes: a case that lets in ${flowText(limitUgPerMin)} µg of air a minute.`}
      </Text>
    </View>
  )
}
