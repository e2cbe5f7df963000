'use client'
import Button from '@mui/material/Button'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import TextField from '@mui/material/TextField'
import type { GridColDef } from '@mui/x-data-grid'
import { useState } from 'react'
import type { Die } from '@/core/dies/Die'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { CRYSTAL_FIELDS, DIE_FIELDS, GASKET_FIELDS } from '@/core/records/stockFields'
import type { Drawers } from '@/services/listings'
import { PageFrame } from '../shell/PageFrame'
import { codeColumn, countColumn, mmColumn, wordColumn } from './columns'
import { ListGrid } from './ListGrid'
import { matchesWords } from './matchesWords'
import type { EditedRecord } from './RecordDialog'
import { RecordDialog } from './RecordDialog'
import type { SaveRecord } from './SaveRecord'

const CRYSTAL_COLUMNS: readonly GridColDef<StockCrystal>[] = [
  mmColumn('diameterMm', 'Diameter'),
  mmColumn('edgeThicknessMm', 'Edge'),
  mmColumn('centreThicknessMm', 'Centre'),
  wordColumn('material', 'Material'),
  wordColumn('profile', 'Profile'),
  codeColumn('drawer', 'Drawer', 0.5),
  countColumn('quantity', 'In stock'),
  codeColumn('code', 'Code'),
]
const GASKET_COLUMNS: readonly GridColDef<StockGasket>[] = [
  mmColumn('outerDiameterMm', 'Outside'),
  mmColumn('wallMm', 'Wall', 0.01),
  mmColumn('heightMm', 'Height'),
  wordColumn('section', 'Section', 0.4),
  wordColumn('material', 'Material'),
  wordColumn('colour', 'Colour'),
  codeColumn('drawer', 'Drawer', 0.5),
  countColumn('quantity', 'In stock'),
  codeColumn('code', 'Code'),
]
const DIE_COLUMNS: readonly GridColDef<Die>[] = [
  wordColumn('role', 'Role'),
  mmColumn('outerDiameterMm', 'Outside'),
  mmColumn('openingMm', 'Opening'),
  mmColumn('recessDepthMm', 'Recess'),
  wordColumn('material', 'Material'),
  codeColumn('place', 'Place'),
  codeColumn('code', 'Code'),
]

type TabName = 'crystals' | 'gaskets' | 'dies'

/** A new part starts from what is most often right. */
const NEW_PART: Readonly<Record<TabName, Readonly<Record<string, FieldValue>>>> = {
  crystals: {
    undersideRiseMm: 0,
    bevelMm: 0.2,
    material: 'mineral',
    profile: 'flat',
    quantity: 1,
    priceCents: 0,
  },
  gaskets: { footMm: 0, section: 'I', material: 'nylon', quantity: 1, priceCents: 0 },
  dies: { role: 'pusher', material: 'nylon', openingMm: 0, recessDepthMm: 0 },
}
const KINDS = { crystals: 'crystal', gaskets: 'gasket', dies: 'die' } as const
const FIELDS: Readonly<Record<TabName, readonly Field[]>> = {
  crystals: CRYSTAL_FIELDS,
  gaskets: GASKET_FIELDS,
  dies: DIE_FIELDS,
}

/** What the shop has: crystals, gaskets and dies, with where they lie and how many are left. */
export function DrawersPage({ drawers, save }: { drawers: Drawers; save: SaveRecord }) {
  const [tab, setTab] = useState<TabName>('crystals')
  const [find, setFind] = useState('')
  const [edited, setEdited] = useState<EditedRecord | null>(null)
  const open = (row: { id: number; code: string }) =>
    setEdited({ kind: KINDS[tab], id: row.id, title: row.code, fields: FIELDS[tab], initial: { ...row } })
  const found = <R extends object>(rows: readonly R[]) => rows.filter((row) => matchesWords(row, find))
  const low =
    drawers.crystals.filter((c) => c.quantity === 0).length +
    drawers.gaskets.filter((g) => g.quantity === 0).length
  return (
    <PageFrame
      title="Drawers"
      subtitle={`${drawers.crystals.length} crystals, ${drawers.gaskets.length} gaskets, ${drawers.dies.length} dies; ${low} sizes run out`}
      actions={
        <>
          <TextField
            label="Find"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            placeholder="30.0 mineral"
          />
          <Button
            variant="contained"
            onClick={() =>
              setEdited({
                kind: KINDS[tab],
                id: null,
                title: `New ${KINDS[tab]}`,
                fields: FIELDS[tab],
                initial: NEW_PART[tab],
              })
            }
          >
            New {KINDS[tab]}
          </Button>
        </>
      }
    >
      <Tabs value={tab} onChange={(_, next: TabName) => setTab(next)} aria-label="Kinds of part">
        <Tab value="crystals" label="Crystals" />
        <Tab value="gaskets" label="Gaskets" />
        <Tab value="dies" label="Dies" />
      </Tabs>
      {tab === 'crystals' && (
        <ListGrid label="Crystals" rows={found(drawers.crystals)} columns={CRYSTAL_COLUMNS} onOpen={open} />
      )}
      {tab === 'gaskets' && (
        <ListGrid label="Gaskets" rows={found(drawers.gaskets)} columns={GASKET_COLUMNS} onOpen={open} />
      )}
      {tab === 'dies' && (
        <ListGrid label="Dies" rows={found(drawers.dies)} columns={DIE_COLUMNS} onOpen={open} />
      )}
      {edited && <RecordDialog record={edited} save={save} onClose={() => setEdited(null)} />}
    </PageFrame>
  )
}
