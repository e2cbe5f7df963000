'use client'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'

export interface FeedChoiceProps {
  /** whose lines the bar takes by itself; null for none */
  readonly feed: FeedSource | null
  readonly onFeed: (feed: FeedSource | null) => void
}

const FEEDS: readonly { readonly value: FeedSource | ''; readonly words: string }[] = [
  { value: '', words: 'typed or data key' },
  { value: 'simulated', words: 'simulated instruments' },
  { value: 'bridge', words: 'instrument bridge' },
]

/** Where readings come from besides the keyboard. */
export function FeedChoice({ feed, onFeed }: FeedChoiceProps) {
  return (
    <select
      aria-label="Readings from"
      title="i switches the simulated instruments on and off"
      value={feed ?? ''}
      onChange={(event) => onFeed(FEEDS.find((f) => f.value === event.target.value)?.value || null)}
      style={{
        font: 'inherit',
        fontSize: 13,
        color: 'inherit',
        background: 'transparent',
        border: 0,
        borderBottom: '1px solid',
        minHeight: 24,
        marginBottom: 3,
      }}
    >
      {FEEDS.map(({ value, words }) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </select>
  )
}
