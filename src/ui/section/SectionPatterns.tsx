/** Our hatches for the section's materials; ids carry a prefix so that two drawings on a page do not clash. */
export function SectionPatterns({ prefix }: { prefix: string }) {
  return (
    <defs>
      <pattern
        id={`${prefix}-case`}
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0v6" stroke="var(--mui-palette-section-metal)" strokeWidth="1" opacity="0.6" />
      </pattern>
      <pattern id={`${prefix}-bezel`} width="5" height="5" patternUnits="userSpaceOnUse">
        <circle cx="1.2" cy="1.2" r="0.8" fill="var(--mui-palette-section-metal)" />
        <path d="M3.7 2.7v2M2.7 3.7h2" stroke="var(--mui-palette-section-metal)" strokeWidth="0.7" />
      </pattern>
      <pattern id={`${prefix}-gasket`} width="4" height="4" patternUnits="userSpaceOnUse">
        <circle cx="1" cy="1" r="0.55" fill="var(--mui-palette-text-primary)" opacity="0.7" />
        <circle cx="3" cy="3" r="0.55" fill="var(--mui-palette-text-primary)" opacity="0.7" />
      </pattern>
    </defs>
  )
}
