'use client'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useColorScheme } from '@mui/material/styles'
import Link from 'next/link'
import type { GridColDef } from '@mui/x-data-grid'
import { useState } from 'react'
import type { Keeping } from '@/core/backups/keptBackups'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'
import { PageFrame } from '../shell/PageFrame'
import { switchSounds, useSoundsOn } from '../sounds/soundsOn'
import type { BridgeState } from '@/services/instruments/instrumentBridge'
import { BackupsPanel } from './BackupsPanel'
import type { BridgeActions } from './BridgePanel'
import { BridgePanel } from './BridgePanel'
import { GaugeCheckPanel } from './GaugeCheckPanel'
import type { SavePolicy } from './PolicyPanel'
import { LimitsExchange } from './LimitsExchange'
import { PolicyPanel } from './PolicyPanel'
import type { ShopPaper } from '@/services/shop/shopPaper'
import { PaperPanel } from './PaperPanel'
import { ClockChoice } from './ClockChoice'
import { ZoneChoice } from './ZoneChoice'
import { codeColumn, mmColumn, wordColumn } from '../tables/columns'
import { Heading, heightOf } from './listParts'
import { TestersList } from './TestersList'
import { ListGrid } from '../tables/ListGrid'
import type { SaveShopSchool } from './ShopSchoolsPanel'
import { ShopSchoolsPanel } from './ShopSchoolsPanel'
import type { EditedRecord } from '../tables/RecordDialog'
import { RecordDialog } from '../tables/RecordDialog'
import type { Calls } from '@/services/actions'
import type { BackupsState } from '@/services/shop/backups'
import type { ShopTools } from '@/services/shop/shopTools'

type InstrumentRow = ShopTools['instruments'][number]
type PressRow = ShopTools['presses'][number]

const INSTRUMENT_COLUMNS: readonly GridColDef<InstrumentRow>[] = [
  { ...codeColumn('name', 'Instrument', 1), cellClassName: '' },
  wordColumn('kind', 'Kind'),
  mmColumn('resolutionMm', 'Resolution', 0.001),
  mmColumn('maximumPermissibleErrorMm', 'Permissible ±', 0.001),
  mmColumn('zeroOffsetMm', 'Zero offset', 0.001),
  codeColumn('calibrationDueOn', 'Calibration due'),
]
const PRESS_COLUMNS: readonly GridColDef<PressRow>[] = [
  { ...codeColumn('name', 'Press', 1), cellClassName: '' },
  wordColumn('kind', 'Kind'),
  { field: 'gauged', headerName: 'Shows force', type: 'boolean', minWidth: 110 },
]
const NEW_INSTRUMENT = {
  resolutionMm: 0.01,
  maximumPermissibleErrorMm: 0.03,
  zeroOffsetMm: 0,
  kind: 'caliper',
}

export interface SettingsPageProps {
  readonly tools: ShopTools
  readonly save: Calls['saveRecord']
  readonly check: Calls['checkInstrument']
  readonly policy: ShopPolicy
  readonly savePolicy: SavePolicy
  readonly schools: ChosenOptions
  readonly saveSchool: SaveShopSchool
  readonly paper: ShopPaper
  readonly savePaper: Calls['saveShopPaper']
  readonly saveClock: Calls['saveShopClock']
  readonly saveZone: Calls['saveShopZone']
  readonly bridge: BridgeState
  readonly bridgeActions: BridgeActions
  readonly backups: BackupsState
  readonly backUp: Calls['backUpNow']
  readonly keeping: Keeping
  readonly saveKeeping: Calls['saveBackupKeeping']
}

/** Instruments with their errors, presses, dry testers, and the light the screen is read by. */
export function SettingsPage(props: SettingsPageProps) {
  const { tools, save, check, policy, savePolicy, schools, saveSchool, saveClock, bridge, bridgeActions } =
    props
  const [edited, setEdited] = useState<EditedRecord | null>(null)
  return (
    <PageFrame
      title="Settings"
      subtitle="instruments, presses, testers, limits, light"
      actions={
        <>
          <Button component={Link} href="/history">
            All that was done
          </Button>
          <Button component={Link} href="/history?shop">
            History of these settings
          </Button>
        </>
      }
    >
      <Heading
        title="Instruments"
        add="New instrument"
        onAdd={() =>
          setEdited({
            kind: 'instrument',
            id: null,
            title: 'New instrument',
            fields: INSTRUMENT_FIELDS,
            initial: NEW_INSTRUMENT,
          })
        }
      />
      <ListGrid
        label="Instruments"
        rows={tools.instruments}
        columns={INSTRUMENT_COLUMNS}
        height={heightOf(tools.instruments.length)}
        onOpen={({ lastCheck: _, ...row }) =>
          setEdited({
            kind: 'instrument',
            id: row.id,
            title: row.name,
            fields: INSTRUMENT_FIELDS,
            initial: row,
          })
        }
      />
      <Typography variant="h2" component="h2" sx={{ mt: 3 }}>
        Check against a gauge block or pin
      </Typography>
      <GaugeCheckPanel tools={tools} check={check} />
      <Typography variant="h2" component="h2" sx={{ mt: 3 }}>
        Instrument bridge
      </Typography>
      <BridgePanel state={bridge} instruments={tools.instruments} actions={bridgeActions} />
      <Heading
        title="Presses"
        add="New press"
        onAdd={() =>
          setEdited({
            kind: 'press',
            id: null,
            title: 'New press',
            fields: PRESS_FIELDS,
            initial: { kind: 'lever' },
          })
        }
      />
      <ListGrid
        label="Presses"
        rows={tools.presses}
        columns={PRESS_COLUMNS}
        height={heightOf(tools.presses.length)}
        onOpen={(row) =>
          setEdited({ kind: 'press', id: row.id, title: row.name, fields: PRESS_FIELDS, initial: { ...row } })
        }
      />
      <TestersList testers={tools.testers} onEdit={setEdited} />
      <Typography variant="h2" component="h2" sx={{ mt: 3 }}>
        Limits
      </Typography>
      <PolicyPanel policy={policy} save={savePolicy} />
      <Typography variant="h2" component="h2" sx={{ mt: 3 }}>
        Where practitioners differ
      </Typography>
      <ShopSchoolsPanel schools={schools} save={saveSchool} />
      <LimitsExchange />
      <Typography variant="h2" component="h2" sx={{ mt: 3 }}>
        Backups
      </Typography>
      <BackupsPanel
        state={props.backups}
        backUp={props.backUp}
        keeping={props.keeping}
        saveKeeping={props.saveKeeping}
      />
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 1 }}>
        Reports on paper
      </Typography>
      <PaperPanel paper={props.paper} save={props.savePaper} />
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 1 }}>
        Days and hours
      </Typography>
      <ClockChoice save={saveClock} />
      <ZoneChoice save={props.saveZone} />
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 1 }}>
        Light
      </Typography>
      <LightChoice />
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 1 }}>
        Sounds of this device
      </Typography>
      <SoundChoice />
      {edited && <RecordDialog record={edited} save={save} onClose={() => setEdited(null)} />}
    </PageFrame>
  )
}

/** A figure taken or refused, a wait that is over: heard while the eyes are on the jaws. */
function SoundChoice() {
  const on = useSoundsOn()
  return (
    <ToggleButtonGroup
      exclusive
      value={on ? 'on' : 'off'}
      onChange={(_, next: 'on' | 'off' | null) => next && switchSounds(next === 'on')}
      aria-label="Sounds"
    >
      <ToggleButton value="on">On</ToggleButton>
      <ToggleButton value="off">Off</ToggleButton>
    </ToggleButtonGroup>
  )
}

function LightChoice() {
  const { mode, setMode } = useColorScheme()
  return (
    <ToggleButtonGroup
      exclusive
      value={mode ?? 'light'}
      onChange={(_, next: 'light' | 'dark' | null) => next && setMode(next)}
      aria-label="Light"
    >
      <ToggleButton value="light">Daylight</ToggleButton>
      <ToggleButton value="dark">Lamp</ToggleButton>
    </ToggleButtonGroup>
  )
}
