import { Text, View } from '@react-pdf/renderer'
import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import { pt } from './fonts'

interface LetterViewProps {
  readonly letter: OwnerLetter
  /** figures in the shop's way */
  readonly inWords: (text: string) => string
  readonly dayText: (iso: string) => string
}

/** What an owner is told, on the first page. */
export function LetterView({ letter, inWords, dayText }: LetterViewProps) {
  const parts = letter.parts
    .map(({ lines, ...part }) => ({ ...part, lines: lines.filter(({ leftOut }) => !leftOut) }))
    .filter(({ lines }) => lines.length > 0)
  return (
    <View style={{ marginTop: pt(4), marginBottom: pt(3), fontSize: 10.5, lineHeight: 1.4 }}>
      {parts.map(({ id, title, lines }) => (
        <View key={id} style={{ marginTop: pt(3.5) }} wrap={false}>
          <Text style={{ fontSize: 11, fontWeight: 700 }}>{title}</Text>
          {lines.map(({ key, words }) => (
            <Text key={key} style={{ marginTop: 2 }}>
              {inWords(words)}
            </Text>
          ))}
        </View>
      ))}
      {letter.nextSealAt !== null && (
        <Text style={{ fontWeight: 700, marginTop: pt(4) }}>
          Seals to be looked at again by {dayText(letter.nextSealAt)}.
        </Text>
      )}
    </View>
  )
}
