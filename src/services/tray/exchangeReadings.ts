import { instrumentErrors } from '@/core/measure/InstrumentSpec'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { reachOf, reachText } from '@/core/readings/instrumentFor'
import type { ReadingRow } from '@/io/csv/readingsCsv'
import { readReadingsCsv, writeReadingsCsv } from '@/io/csv/readingsCsv'
import type { Db } from '@/data/client'
import type { KeptReading } from '@/data/queries/readings'
import { insertReadings, voidReading } from '@/data/queries/readings'
import { allInstruments } from '@/data/queries/tools'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import { changeTray } from './changeTray'
import { openTrayCase } from './openTrayCases'

const MOST_ERRORS_TOLD = 8

/** Every reading of a tray as CSV, taken back ones with their reason. @returns null when there is no such tray */
export async function readingsCsvOf(db: Db, trayId: number): Promise<{ name: string; text: string } | null> {
  const opened = await openTrayCase(db, { id: trayId })
  if (!opened) return null
  const { kept } = opened
  const nameOf = (id: number) => kept.instruments.find((i) => i.id === id)?.name ?? ''
  const text = writeReadingsCsv(kept.readings.map((reading) => fileRow(reading, nameOf)))
  return { name: `tray-${kept.tray.number}-readings.csv`, text }
}

function fileRow(reading: KeptReading, nameOf: (id: number) => string): ReadingRow {
  const { dimension, placeIndex } = reading
  return {
    dimension,
    place: DIMENSIONS[dimension].places[placeIndex] ?? '',
    shownMm: reading.shownMm,
    instrument: nameOf(reading.instrumentId),
    resolutionMm: reading.resolutionMm,
    maximumPermissibleErrorMm: reading.maximumPermissibleErrorMm,
    zeroOffsetMm: reading.zeroOffsetMm,
    ownUncertaintyMm: reading.ownUncertaintyMm,
    zeroUncertaintyMm: reading.zeroUncertaintyMm,
    scaleUncertainty: reading.scaleUncertainty,
    source: reading.source,
    takenAt: reading.takenAt.toISOString(),
    voidReason: reading.voidReason ?? '',
  }
}

/**
 * Takes a file of readings onto a tray: all of it or nothing. What the tray has already is left out, so that the same
 * file twice changes nothing.
 */
export async function takeReadingsCsv(
  db: Db,
  trayId: number,
  text: string,
  now: Date,
): Promise<{ ok: true; added: number; known: number } | Refusal> {
  const file = readReadingsCsv(text)
  if (!file.ok) {
    const told = file.errors
      .slice(0, MOST_ERRORS_TOLD)
      .map((e) => `line ${e.line}, ${e.column}: ${e.message}`)
    const more = file.errors.length - told.length
    return refuse(`Nothing taken. ${told.join(' ')}${more > 0 ? ` And ${more} more.` : ''}`, 'file')
  }
  const instruments = await allInstruments(db)
  const stranger = file.rows.find((r) => !instruments.some((i) => i.name === r.instrument))
  if (stranger) {
    return refuse(
      `Nothing taken. Instrument “${stranger.instrument}” is not in Settings: add it there under this name.`,
      'file',
    )
  }
  const idOf = (name: string) => instruments.find((i) => i.name === name)?.id ?? 0
  const nameOf = (id: number) => instruments.find((i) => i.id === id)?.name ?? ''
  let added = 0
  const changed = await changeTray(db, trayId, async (tx, { kept }) => {
    const there = new Set(kept.readings.map((reading) => keyOf(fileRow(reading, nameOf))))
    const fresh = file.rows.filter((r) => !there.has(keyOf(r)))
    const unfit = fresh.flatMap(({ dimension, instrument }) => {
      const kind = instruments.find(({ name }) => name === instrument)?.kind
      return kind && reachOf(kind, dimension) === 'cannot' ? (reachText(kind, dimension) ?? []) : []
    })
    if (unfit.length > 0) return refuse(`Nothing taken. ${[...new Set(unfit)].join(' ')}`, 'file')
    for (const { place, instrument, takenAt, voidReason, ...figures } of fresh) {
      const [stored] = await insertReadings(tx, [
        {
          ...figures,
          ...errorsOf(figures),
          trayId,
          placeIndex: DIMENSIONS[figures.dimension].places.indexOf(place),
          instrumentId: idOf(instrument),
          takenAt: new Date(takenAt),
          broughtInAt: now,
        },
      ])
      if (stored && voidReason) await voidReading(tx, stored.id, voidReason, now)
    }
    added = fresh.length
    return null
  })
  return changed.ok ? { ok: true, added, known: file.rows.length - added } : changed
}

/** What the file does not say of an instrument's error follows from what it says. */
function errorsOf(row: Omit<ReadingRow, 'place' | 'instrument' | 'takenAt' | 'voidReason'>) {
  const { ownMm, zeroMm, scale } = instrumentErrors(row)
  return { ownUncertaintyMm: ownMm, zeroUncertaintyMm: zeroMm, scaleUncertainty: scale }
}

/** What makes a reading the same one: where, what, when and by what it was read. */
function keyOf({ dimension, place, shownMm, instrument, takenAt }: ReadingRow): string {
  return [dimension, place, shownMm, instrument, takenAt].join('|')
}
