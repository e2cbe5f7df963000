import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { ReturnedView } from '@/services/tray/returnedView'

/** A piece that was here within a year: what was done then, beside what is found now. */
export function ReturnedPanel({ returned }: { readonly returned: ReturnedView | null }) {
  if (!returned) return null
  const { trayNumber, handedBack, daysAfter, maybe, rows } = returned
  return (
    <Box
      component="section"
      aria-label="Here before"
      sx={{ mt: 2, borderTop: 2, borderColor: 'warning.main', pt: 1 }}
    >
      <Typography variant="h2" component="h2">
        Here before: <Link href={`/trays/${trayNumber}/report`}>tray {trayNumber}</Link>, handed back{' '}
        {handedBack}, {daysAfter} {daysAfter === 1 ? 'day' : 'days'} before
      </Typography>
      {maybe && (
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
          Same owner and same case, but no mark tells it from others: it may be another piece.
        </Typography>
      )}
      <Box
        component="table"
        sx={{
          ...{ width: '100%', borderCollapse: 'collapse', mt: 1, fontSize: 14.5, lineHeight: 1.4 },
          '& th, & td': {
            textAlign: 'left',
            verticalAlign: 'top',
            py: 0.5,
            pr: 1.5,
            borderTop: 1,
            borderColor: 'divider',
          },
          '& thead th': { borderTop: 0, color: 'text.secondary', fontWeight: 400 },
        }}
      >
        <thead>
          <tr>
            <td />
            <th scope="col">then</th>
            <th scope="col">now</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ what, then, now }) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <Told lines={then} />
              <Told lines={now} />
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  )
}

function Told({ lines }: { readonly lines: readonly string[] }) {
  return (
    <td style={{ width: '44%' }}>
      {lines.length === 0 ? '–' : lines.map((line, at) => <div key={at}>{line}</div>)}
    </td>
  )
}
