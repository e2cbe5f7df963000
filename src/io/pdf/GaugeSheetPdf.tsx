import path from 'node:path'
import { Circle, Document, Font, Line, Page, Path, renderToBuffer, Svg, Text } from '@react-pdf/renderer'
import { gaugeSheetDrawing, PAGE } from '../gaugeSheetDrawing'

/** PDF counts in points of 1/72 inch. */
const POINTS_PER_MM = 72 / 25.4

// Static files: the variable ones are not read by the PDF library.
Font.register({
  family: 'sheet',
  src: path.join(
    process.cwd(),
    'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  ),
})

/** The gauge sheet as PDF at true size, A4 on its side. */
export async function gaugeSheetPdf(): Promise<Uint8Array> {
  return new Uint8Array(await renderToBuffer(<GaugeSheetDocument />))
}

function GaugeSheetDocument() {
  const { wedges, dot, lines, texts } = gaugeSheetDrawing()
  const width = PAGE.widthMm * POINTS_PER_MM
  const height = PAGE.heightMm * POINTS_PER_MM
  return (
    <Document title="Gauge sheet" creator="Whyalon" producer="Whyalon">
      <Page size={[width, height]}>
        <Svg width={width} height={height} viewBox={`0 0 ${PAGE.widthMm} ${PAGE.heightMm}`}>
          {wedges.map((d) => (
            <Path key={d} d={d} fill="#000" />
          ))}
          <Circle cx={dot.centre.xMm} cy={dot.centre.yMm} r={dot.radiusMm} fill="#000" />
          {lines.map(({ from, to, widthMm }) => (
            <Line
              key={`${from.xMm} ${from.yMm} ${to.xMm} ${to.yMm}`}
              x1={from.xMm}
              y1={from.yMm}
              x2={to.xMm}
              y2={to.yMm}
              stroke="#000"
              strokeWidth={widthMm}
            />
          ))}
          {texts.map(({ at, sizeMm, words }) => (
            <Text
              key={words}
              x={at.xMm}
              y={at.yMm}
              style={{ fontFamily: 'sheet', fontSize: sizeMm }}
              fill="#000"
            >
              {words}
            </Text>
          ))}
        </Svg>
      </Page>
    </Document>
  )
}
