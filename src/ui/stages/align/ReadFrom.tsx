import Box from '@mui/material/Box'
import Link from '@mui/material/Link'

const HEIGHT_PX = 88

/** The pictures a look was read from, each opened large by a click; words where they were taken off the tray. */
export function ReadFrom({ pictures }: { readonly pictures: readonly number[] }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1, mt: 0.75, fontSize: 14.5 }}>
      <span>Read from {pictures.length === 0 ? 'a picture that is no more with this tray' : ''}</span>
      {pictures.map((id, at) => (
        <Link
          key={id}
          href={`/api/photos/${id}`}
          target="_blank"
          rel="noopener"
          aria-label={`Picture ${at + 1} it was read from, large`}
          sx={{ lineHeight: 0 }}
        >
          {/* Stored small and served from this machine: the framework's own image server would only copy it. */}
          {/* eslint-disable-next-line @next/next/no-img-element */}
          <img src={`/api/photos/${id}`} alt="" height={HEIGHT_PX} />
        </Link>
      ))}
    </Box>
  )
}
