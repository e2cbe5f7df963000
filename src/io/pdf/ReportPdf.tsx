import { Document, Image as Picture, Page, renderToBuffer, Text, View } from '@react-pdf/renderer'
import { REPORT_MARK_WORDS } from '@/core/report/Report'
import type { ReportLine, ReportSection, TrayReport } from '@/core/report/Report'
import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import type { Decimals } from '@/core/units/decimals'
import { withDecimals } from '@/core/units/decimals'
import { reportInShopsWay } from '@/core/report/reportInShopsWay'
import { DryPlotPdf } from './DryPlotPdf'
import { PDF_FONTS, pt } from './fonts'
import { LetterView } from './LetterPdf'

/** A report as it is put on paper. */
export interface ReportPaper {
  readonly title: string
  /** under the title, a line each */
  readonly head: readonly string[]
  readonly report: TrayReport
  /** JPEG */
  readonly pictures: readonly Uint8Array[]
  readonly letter: OwnerLetter
  readonly paper: { readonly letterhead: string; readonly decimals: Decimals }
  /** “23 Nov 10:42” */
  readonly timeText: (iso: string) => string
  /** “23 Nov 2026” */
  readonly dayText: (iso: string) => string
}

const INK = '#1f2a2e'
const SOFT = '#525d5c'
const RULE = '#d3ccba'
const ALERT = '#9c2f25'
const WHAT_MM = 38
const TIME_MM = 36
const PICTURE_MM = 38

/** A tray's report as PDF, A4. */
export async function reportPdf(paper: ReportPaper): Promise<Buffer> {
  const { title, head, report: toldReport, letter, pictures, dayText, timeText } = paper
  const { letterhead, decimals } = paper.paper
  const inShopsWay = (text: string) => withDecimals(text, decimals)
  const report = reportInShopsWay(toldReport, decimals)
  return renderToBuffer(
    <Document title={title} creator="Whyalon" producer="Whyalon">
      <Page
        size="A4"
        style={{
          fontFamily: PDF_FONTS,
          fontSize: 9.5,
          color: INK,
          paddingVertical: pt(16),
          paddingHorizontal: pt(18),
        }}
      >
        <Text
          fixed
          style={{
            position: 'absolute',
            bottom: pt(8),
            left: pt(18),
            right: pt(18),
            textAlign: 'right',
            color: SOFT,
            fontSize: 8,
          }}
          render={({ pageNumber, totalPages }) => `${title}, page ${pageNumber} of ${totalPages}`}
        />
        {/* A line height of the page itself would leave out what is worked out page by page; it is one of the size beside it. */}
        <View style={{ fontSize: 9.5, lineHeight: 1.3 }}>
          <Letterhead lines={letterhead.split('\n').filter(Boolean)} />
          <Text style={{ fontSize: 20, fontWeight: 700, lineHeight: 1.2 }}>{title}</Text>
          {head.map((line) => (
            <Text key={line} style={{ color: SOFT }}>
              {line}
            </Text>
          ))}
          {pictures.length > 0 && (
            <View
              style={{ flexDirection: 'row', flexWrap: 'wrap', gap: pt(3), marginTop: pt(4) }}
              wrap={false}
            >
              {pictures.map((data, index) => (
                <Picture
                  key={index}
                  src={{ data: Buffer.from(data), format: 'jpg' }}
                  style={{ width: pt(PICTURE_MM), height: pt(PICTURE_MM), objectFit: 'cover' }}
                />
              ))}
            </View>
          )}
          <LetterView letter={letter} inWords={inShopsWay} dayText={dayText} />
          {report.plot && <DryPlotPdf plot={report.plot} />}
          <Text break style={{ fontSize: 15, fontWeight: 700, lineHeight: 1.2 }}>
            The record of the work
          </Text>
          {report.sections.map((section) => (
            <SectionView key={section.title} section={section} timeText={timeText} />
          ))}
          <View style={{ marginTop: pt(6) }} wrap={false}>
            {report.notes.map((note) => (
              <Text key={note} style={{ color: SOFT, fontSize: 8.5 }}>
                {note}
              </Text>
            ))}
          </View>
        </View>
      </Page>
    </Document>,
  )
}

/** The shop's name, and under it what else it says of itself. */
function Letterhead({ lines: [name, ...rest] }: { readonly lines: readonly string[] }) {
  if (name === undefined) return null
  return (
    <View
      style={{
        ...{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end' },
        ...{ borderBottom: `1.5 solid ${INK}`, paddingBottom: 4, marginBottom: pt(6) },
      }}
    >
      <Text style={{ fontSize: 14, fontWeight: 700, lineHeight: 1.2 }}>{name}</Text>
      <View>
        {rest.map((line, at) => (
          <Text key={at} style={{ textAlign: 'right', color: SOFT, fontSize: 8.5 }}>
            {line}
          </Text>
        ))}
      </View>
    </View>
  )
}

interface Told {
  readonly timeText: (iso: string) => string
}

function SectionView({ section, timeText }: Told & { readonly section: ReportSection }) {
  const { title, lines, none } = section
  return (
    <View style={{ marginTop: pt(5) }}>
      <Text
        minPresenceAhead={pt(12)}
        style={{
          fontSize: 12.5,
          lineHeight: 1.2,
          fontWeight: 700,
          borderBottom: `1 solid ${INK}`,
          paddingBottom: 3,
          marginBottom: 2,
        }}
      >
        {title}
      </Text>
      {lines.length === 0 ? (
        <Text style={{ color: SOFT }}>{none}</Text>
      ) : (
        lines.map((line, index) => <LineView key={index} line={line} timeText={timeText} />)
      )}
    </View>
  )
}

function LineView({ line, timeText }: Told & { readonly line: ReportLine }) {
  const { what, words, mark, at } = line
  const said = mark === 'left-out' || mark === 'open' ? REPORT_MARK_WORDS[mark] : null
  return (
    <View
      style={{ flexDirection: 'row', borderBottom: `0.5 solid ${RULE}`, paddingVertical: 1.5 }}
      wrap={false}
    >
      <Text style={{ width: pt(WHAT_MM), paddingRight: pt(2), fontWeight: 700 }}>{what}</Text>
      <Text style={{ flex: 1 }}>
        {said && <Text style={{ fontWeight: 700, color: mark === 'open' ? ALERT : INK }}>{said}: </Text>}
        {words}
      </Text>
      <Text style={{ width: pt(TIME_MM), textAlign: 'right', color: SOFT }}>
        {at === null ? '' : timeText(at)}
      </Text>
    </View>
  )
}
