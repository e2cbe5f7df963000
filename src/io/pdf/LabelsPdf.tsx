import { Document, Page, Path, renderToBuffer, Svg, Text, View } from '@react-pdf/renderer'
import QRCode from 'qrcode'
import { PDF_FONTS, pt } from './fonts'

/** What stands on one label. */
export interface Label {
  readonly title: string
  readonly lines: readonly string[]
  /** what its scannable code says */
  readonly code: string
}

/** Three by eight labels of 70 × 37 mm on A4: the commonest sheet there is. */
const LABEL = { widthMm: 70, heightMm: 37, paddingMm: 4, codeMm: 24 }
const PER_PAGE = 24

/** Labels as PDF at true size, twenty-four a page. */
export async function labelsPdf(labels: readonly Label[]): Promise<Buffer> {
  const pages = Array.from({ length: Math.ceil(labels.length / PER_PAGE) }, (_, page) =>
    labels.slice(page * PER_PAGE, (page + 1) * PER_PAGE),
  )
  return renderToBuffer(
    <Document title="Labels" creator="Whyalon" producer="Whyalon">
      {pages.map((onPage, page) => (
        <Page
          key={page}
          size="A4"
          style={{
            flexDirection: 'row',
            flexWrap: 'wrap',
            alignContent: 'flex-start',
            fontFamily: PDF_FONTS,
          }}
        >
          {onPage.map((label) => (
            <LabelView key={`${label.code} ${label.title}`} label={label} />
          ))}
        </Page>
      ))}
    </Document>,
  )
}

function LabelView({ label }: { label: Label }) {
  return (
    <View
      style={{
        width: pt(LABEL.widthMm),
        height: pt(LABEL.heightMm),
        padding: pt(LABEL.paddingMm),
        flexDirection: 'row',
        alignItems: 'center',
      }}
      wrap={false}
    >
      <CodeView text={label.code} />
      <View style={{ marginLeft: pt(3), flex: 1 }}>
        <Text style={{ fontSize: 13, fontWeight: 700 }}>{label.title}</Text>
        {label.lines.map((line) => (
          <Text key={line} style={{ fontSize: 9, marginTop: 2 }}>
            {line}
          </Text>
        ))}
      </View>
    </View>
  )
}

function CodeView({ text }: { text: string }) {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' })
  return (
    <Svg width={pt(LABEL.codeMm)} height={pt(LABEL.codeMm)} viewBox={`0 0 ${modules.size} ${modules.size}`}>
      <Path d={codePath(modules.size, (row, column) => modules.get(row, column) === 1)} fill="#000" />
    </Svg>
  )
}

/** Dark squares of a code as one path, a run of neighbours at a time. */
function codePath(size: number, isDark: (row: number, column: number) => boolean): string {
  const runs: string[] = []
  for (let row = 0; row < size; row++) {
    for (let column = 0; column < size; column++) {
      if (!isDark(row, column)) continue
      const from = column
      while (column + 1 < size && isDark(row, column + 1)) column++
      const wide = column - from + 1
      runs.push(`M${from} ${row}h${wide}v1h${-wide}z`)
    }
  }
  return runs.join('')
}
