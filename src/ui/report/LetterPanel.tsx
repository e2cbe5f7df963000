'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import { OWN_LINE } from '@/core/letter/OwnerLetter'
import { withDecimals } from '@/core/units/decimals'
import type { Calls } from '@/services/actions'
import type { ShopPaper } from '@/services/shop/shopPaper'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'
import { LineEditor } from './LineEditor'
import { LetterLineRow } from './LetterLineRow'
import { MessageToOwner } from './MessageToOwner'

export interface LetterPanelProps {
  readonly letter: OwnerLetter
  readonly paper: ShopPaper
  readonly trayId: number
  readonly trayNumber: number
  /** what is worded stays as it is once a tray was handed back */
  readonly inHand: boolean
  readonly word: Calls['wordForOwner']
  readonly onWorded: () => void
}

const AWAY = 'Not known whether it is stored: Whyalon does not answer. What you typed is still here.'

/** What an owner is told, as it stands on paper: drafted from the record, worded by the technician. */
export function LetterPanel(props: LetterPanelProps) {
  const { letter, paper, trayId, trayNumber, inHand, word, onWorded } = props
  const { dayText } = useTimes()
  const [error, setError] = useState<string | null>(null)
  const [adding, setAdding] = useState(false)
  const [name, ...rest] = paper.letterhead.split('\n').filter(Boolean)
  const inShopsWay = (text: string) => withDecimals(text, paper.decimals)
  const onWord = async (key: string, words: string | null): Promise<boolean> => {
    const answer = await word({ trayId, key, words }).catch(() => null)
    setError(answer === null ? AWAY : answer.ok ? null : Object.values(answer.errors).join(' '))
    if (answer?.ok) onWorded()
    return answer?.ok ?? false
  }
  const hasOwn = letter.parts.some(({ lines }) => lines.some(({ key }) => key === OWN_LINE))
  return (
    <Box
      component="section"
      aria-label="For the owner"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', lg: 'minmax(0,1fr) 300px' },
        gap: 3,
        mb: 4,
      }}
    >
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.4rem', gridColumn: '1 / -1', mb: -1.5 }}>
        For the owner
      </Typography>
      <Box
        sx={{ background: 'var(--mui-palette-background-paper)', border: 1, borderColor: 'divider', p: 3 }}
      >
        {name && (
          <Box
            sx={{
              ...{ display: 'flex', justifyContent: 'space-between', alignItems: 'flex-end', gap: 2 },
              ...{ borderBottom: 2, borderColor: 'text.primary', pb: 0.75, mb: 2 },
            }}
          >
            <Typography sx={{ fontSize: 20, fontWeight: 700 }}>{name}</Typography>
            <Box sx={{ fontSize: 13, color: 'text.secondary', textAlign: 'right' }}>
              {rest.map((line, at) => (
                <div key={at}>{line}</div>
              ))}
            </Box>
          </Box>
        )}
        {letter.parts
          .filter(({ lines }) => lines.length > 0)
          .map(({ id, title, lines }) => (
            <Box key={id} sx={{ mb: 1.5 }}>
              <Typography variant="h3" component="h3">
                {title}
              </Typography>
              {lines.map((line) => (
                <LetterLineRow
                  key={line.key}
                  line={line}
                  inWords={inShopsWay}
                  onWord={inHand ? (words) => onWord(line.key, words) : null}
                />
              ))}
            </Box>
          ))}
        {letter.nextSealAt !== null && (
          <Typography sx={{ fontWeight: 650 }} suppressHydrationWarning>
            Seals to be looked at again by {dayText(letter.nextSealAt)}.
          </Typography>
        )}
        {inHand && !hasOwn && !adding && (
          <Button size="small" sx={{ mt: 1 }} onClick={() => setAdding(true)}>
            Add a line of your own
          </Button>
        )}
        {adding && !hasOwn && (
          <LineEditor
            label="A line of your own"
            initial=""
            onKeep={(words) => onWord(OWN_LINE, words)}
            onClose={() => setAdding(false)}
          />
        )}
        <WorkError text={error} />
      </Box>
      <Box>
        <MessageToOwner message={inShopsWay(letter.message)} />
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.15rem', mt: 3 }}>
          Labels
        </Typography>
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
          One for the bag with its old parts, one for inside the back: day, test, seals.
        </Typography>
        <Button component="a" href={`/api/trays/${trayNumber}/labels`} target="_blank" rel="noopener">
          Print the labels
        </Button>
      </Box>
    </Box>
  )
}
