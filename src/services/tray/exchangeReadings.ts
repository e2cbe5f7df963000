import { DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingRow } from '@/io/csv/readingsCsv'
import { readReadingsCsv, writeReadingsCsv } from '@/io/csv/readingsCsv'
import type { Db } from '@/data/client'
import type { Reading } from '@/data/queries/readings'
import { insertReadings, standingReadings, voidedReadings, voidReading } from '@/data/queries/readings'
import { allInstruments } from '@/data/queries/tools'
import { trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import { HANDED_BACK, TRAY_GONE } from './changeTray'

const MOST_ERRORS_TOLD = 8

/** Every reading of a tray as CSV, taken back ones with their reason. @returns null when there is no such tray */
export async function readingsCsvOf(db: Db, trayId: number): Promise<{ name: string; text: string } | null> {
  const row = await trayById(db, trayId)
  if (!row) return null
  const [rows, instruments] = await Promise.all([storedRows(db, trayId), allInstruments(db)])
  const nameOf = (id: number) => instruments.find((i) => i.id === id)?.name ?? ''
  const text = writeReadingsCsv(rows.map(({ reading, reason }) => fileRow(reading, reason, nameOf)))
  return { name: `tray-${row.tray.number}-readings.csv`, text }
}

async function storedRows(db: Db, trayId: number): Promise<{ reading: Reading; reason: string }[]> {
  const [standing, voided] = await Promise.all([standingReadings(db, trayId), voidedReadings(db, trayId)])
  return [
    ...standing.map((reading) => ({ reading, reason: '' })),
    ...voided.map(({ reading, reason }) => ({ reading, reason })),
  ].sort((a, b) => a.reading.id - b.reading.id)
}

function fileRow(reading: Reading, voidReason: string, nameOf: (id: number) => string): ReadingRow {
  const { dimension, placeIndex, shownMm, resolutionMm, maximumPermissibleErrorMm, zeroOffsetMm, source } =
    reading
  return {
    dimension,
    place: DIMENSIONS[dimension].places[placeIndex] ?? '',
    shownMm,
    instrument: nameOf(reading.instrumentId),
    resolutionMm,
    maximumPermissibleErrorMm,
    zeroOffsetMm,
    source,
    takenAt: reading.takenAt.toISOString(),
    voidReason,
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
  const row = await trayById(db, trayId)
  if (!row) return refuse(TRAY_GONE)
  if (row.tray.finishedAt !== null) return refuse(HANDED_BACK)
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
  const there = new Set(
    (await storedRows(db, trayId)).map(({ reading, reason }) => keyOf(fileRow(reading, reason, nameOf))),
  )
  const fresh = file.rows.filter((r) => !there.has(keyOf(r)))
  await db.transaction(async (tx) => {
    for (const r of fresh) {
      const { dimension, shownMm, resolutionMm, maximumPermissibleErrorMm, zeroOffsetMm, source } = r
      const [stored] = await insertReadings(tx, [
        {
          trayId,
          dimension,
          placeIndex: DIMENSIONS[dimension].places.indexOf(r.place),
          shownMm,
          instrumentId: idOf(r.instrument),
          resolutionMm,
          maximumPermissibleErrorMm,
          zeroOffsetMm,
          source,
          takenAt: new Date(r.takenAt),
        },
      ])
      if (stored && r.voidReason) await voidReading(tx, stored.id, r.voidReason, now)
    }
  })
  return { ok: true, added: fresh.length, known: file.rows.length - fresh.length }
}

/** What makes a reading the same one: where, what, when and by what it was read. */
function keyOf({ dimension, place, shownMm, instrument, takenAt }: ReadingRow): string {
  return [dimension, place, shownMm, instrument, takenAt].join('|')
}
