import type { PlaceHref } from './places'

/** Our own line drawings for the rail, on a 24 grid: bench with tray, stacked trays, sheet with section, drawer chest, gauge. */
const PATHS: Readonly<Record<PlaceHref, string>> = {
  '/': 'M3 17h18M5 17v4M19 17v4M6 13h12l-1.5 4h-9zM12 4v5M9.5 9h5',
  '/trays': 'M4 8h16l-2 4H6zM4 15h16l-2 4H6z',
  '/sheets': 'M6 3h9l4 4v14H6zM9 13h7M9 13c0 3 7 3 7 0M12.5 9v2',
  '/drawers': 'M4 4h16v16H4zM4 12h16M10.5 8h3M10.5 16h3',
  '/settings': 'M4 18a8 8 0 1 1 16 0M12 18l4-6M4 18h3M17 18h3',
}

export function PlaceIcon({ href }: { href: PlaceHref }) {
  return (
    <svg
      width="26"
      height="26"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      <path d={PATHS[href]} />
    </svg>
  )
}
