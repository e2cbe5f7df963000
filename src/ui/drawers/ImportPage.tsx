'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useEffect, useMemo, useState } from 'react'
import { useDropzone } from 'react-dropzone'
import type { ListReading } from '@/core/stock-list/checkListRow'
import type { ColumnMapping } from '@/core/stock-list/listColumns'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { ImportResult } from '@/services/drawers/importParts'
import { writeBadRows } from '@/io/csv/stockList'
import { PageFrame } from '../shell/PageFrame'
import { WorkError } from '../stages/shared/WorkError'
import { KindChoice } from './KindChoice'
import { ListColumns } from './ListColumns'
import { ListPreviewPanel } from './ListPreviewPanel'
import { saveText } from './saveText'
import type { OpenList } from './useListImport'
import { startMapping, useListImport } from './useListImport'

/**
 * Takes a supplier's list into the drawers: whose it is, which column is what, what would land, then the import.
 * @param lists - kind of part to begin with
 */
export function ImportPage({ lists }: { readonly lists: PartKind }) {
  const [kind, setKind] = useState(lists)
  const [supplier, setSupplier] = useState('')
  const [prefix, setPrefix] = useState('')
  const [mapping, setMapping] = useState<ColumnMapping>({})
  const [defaults, setDefaults] = useState<Readonly<Record<string, string>>>({})
  const work = useListImport()
  const { list, preview, progress, result } = work
  const reading = useMemo<ListReading>(
    () => ({ kind, supplier: supplier.trim(), mapping, defaults, prefix }),
    [kind, supplier, mapping, defaults, prefix],
  )
  const readAnew = async (opened: OpenList, of: PartKind, whose: string) =>
    setMapping(await startMapping(opened, of, whose))

  const { check } = work
  useEffect(() => {
    if (list && Object.keys(reading.mapping).length > 0) void check(reading)
    // The worker's check stands still between renders; the list and the reading are what changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [list, reading])

  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    multiple: false,
    onDrop: ([file]) =>
      file && void work.open(file).then((opened) => opened && readAnew(opened, kind, supplier)),
  })
  return (
    <PageFrame
      title="Import a list"
      subtitle="good rows land, bad rows come back as a file, the same list twice changes nothing"
      actions={<Link href="/drawers">Back to the drawers</Link>}
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mt: 0.5 }}>
        <KindChoice
          label="What it lists"
          kind={kind}
          onKind={(next) => {
            setKind(next)
            if (list) void readAnew(list, next, supplier)
          }}
        />
        <TextField
          size="small"
          label="Supplier"
          value={supplier}
          onChange={(event) => setSupplier(event.target.value)}
          onBlur={() => list && void readAnew(list, kind, supplier)}
          sx={{ width: 240 }}
        />
        <TextField
          size="small"
          label="Before its codes"
          value={prefix}
          onChange={(event) => setPrefix(event.target.value)}
          placeholder="none"
          sx={{ width: 150 }}
        />
      </Box>
      <Box
        {...getRootProps()}
        sx={{
          mt: 1.5,
          p: 2,
          border: '2px dashed',
          borderColor: isDragActive ? 'primary.main' : 'divider',
          cursor: 'pointer',
        }}
      >
        <input {...getInputProps({ 'aria-label': 'List to import' })} />
        {list ? (
          <>
            <strong>{list.name}</strong>, {list.rows.toLocaleString('en').replaceAll(',', ' ')} rows. Drop
            another one here, or choose it.
          </>
        ) : (
          'Drop a CSV or TSV list here, or choose it. Any order of columns, decimal points or commas.'
        )}
      </Box>
      <WorkError text={work.error} />
      {list && (
        <Box
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4, mt: 1.5 }}
        >
          <ListColumns
            kind={kind}
            list={list}
            mapping={mapping}
            onMapping={setMapping}
            defaultsFor={PARTS[kind].listDefaults}
            defaults={defaults}
            onDefaults={setDefaults}
          />
          <Box>
            {result ? (
              <Landed result={result} headings={list.headings} />
            ) : (
              preview && <ListPreviewPanel preview={preview} />
            )}
            {progress ? (
              <Box sx={{ mt: 1.5 }}>
                <LinearProgress
                  variant="determinate"
                  value={(100 * progress.done) / Math.max(1, progress.total)}
                  aria-label="Import"
                />
                <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mt: 0.5 }}>
                  <span className="figure">
                    {progress.done} of {progress.total}
                  </span>
                  <Button onClick={work.stop}>Stop</Button>
                </Box>
              </Box>
            ) : (
              <Button
                variant="contained"
                sx={{ mt: 1.5 }}
                disabled={!preview || preview.good === 0 || supplier.trim() === ''}
                onClick={() => void work.start(reading)}
              >
                Import {preview?.good ?? 0} rows
              </Button>
            )}
            {supplier.trim() === '' && (
              <Typography sx={{ mt: 0.5, fontSize: 14, color: 'warning.main' }}>
                Supplier is missing: type whose list it is.
              </Typography>
            )}
          </Box>
        </Box>
      )}
    </PageFrame>
  )
}

function Landed({ result, headings }: { result: ImportResult; headings: readonly string[] }) {
  const { added, changed, same, bad, finished, done, total } = result
  return (
    <Box role="status">
      <Typography variant="h2" component="h2">
        {finished ? 'Imported' : `Stopped after ${done} of ${total}`}
      </Typography>
      <Box component="ul" className="figure" sx={{ m: 0, pl: 2.2 }}>
        <li>{added} new</li>
        <li>{changed} changed</li>
        <li>{same} as they were</li>
        <li>{bad.length} not taken</li>
      </Box>
      {bad.length > 0 && (
        <>
          <Button
            variant="outlined"
            sx={{ mt: 1 }}
            onClick={() => saveText('not-taken.csv', writeBadRows(headings, bad))}
          >
            Save the rows not taken
          </Button>
          <Box component="ul" sx={{ mt: 1, pl: 2.2, fontSize: 14 }}>
            {bad.slice(0, 8).map(({ line, reason }) => (
              <li key={line}>
                Line {line}. {reason}
              </li>
            ))}
          </Box>
        </>
      )}
    </Box>
  )
}
