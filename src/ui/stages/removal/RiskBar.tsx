const WIDTH = 160

/** How risky, as a length; the order says the same. */
export function RiskBar({ risk, isShut }: { readonly risk: number; readonly isShut: boolean }) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 6`}
      width="100%"
      height="6"
      preserveAspectRatio="none"
      role="img"
      aria-label={isShut ? 'blocked' : `risk ${Math.round(risk * 10)} of 10`}
      style={{ display: 'block' }}
    >
      <rect width={WIDTH} height="6" fill="var(--mui-palette-divider)" />
      <rect
        width={isShut ? WIDTH : Math.round(WIDTH * risk)}
        height="6"
        fill={isShut ? 'var(--mui-palette-error-main)' : 'var(--mui-palette-warning-main)'}
      />
    </svg>
  )
}
