/** An open square, or a full one with its tick. */
export function TickMark({ done }: { done: boolean }) {
  return (
    <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
      <rect
        x="2"
        y="2"
        width="18"
        height="18"
        rx="3"
        fill={done ? 'var(--mui-palette-success-main)' : 'none'}
        stroke={done ? 'var(--mui-palette-success-main)' : 'currentColor'}
        strokeWidth="1.6"
      />
      {done && (
        <path
          d="M6 11.5l3.4 3.4L16 8"
          fill="none"
          stroke="var(--mui-palette-success-contrastText)"
          strokeWidth="2.4"
        />
      )}
    </svg>
  )
}
