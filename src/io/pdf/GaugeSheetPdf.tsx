import { Circle, Document, Line, Page, Path, renderToBuffer, Svg, Text } from '@react-pdf/renderer'
import { gaugeSheetDrawing, PAGE } from '../gaugeSheetDrawing'
import { PDF_FONTS, pt } from './fonts'

/** The gauge sheet as PDF at true size, A4 on its side. */
export async function gaugeSheetPdf(): Promise<Uint8Array> {
  return new Uint8Array(await renderToBuffer(<GaugeSheetDocument />))
}

function GaugeSheetDocument() {
  const { wedges, dot, lines, texts } = gaugeSheetDrawing()
  const width = pt(PAGE.widthMm)
  const height = pt(PAGE.heightMm)
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
              style={{ fontFamily: PDF_FONTS, fontSize: sizeMm }}
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
