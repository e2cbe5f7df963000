import { sql } from 'drizzle-orm'
import type { Db } from '../client'

/** The two who work at the invented bench, by the last figure of the tray: each has trays of their own. */
const WORKERS = ['IH', 'MR'] as const

/** The action that each table's rows come from, in the demo. */
const DOINGS: Readonly<Record<string, string>> = {
  trays: 'openTray',
  readings: 'takeReading',
  reading_voids: 'takeBackReading',
  shape_readings: 'takeShape',
  shape_reading_voids: 'takeBackShape',
  picks: 'pickPair',
  press_runs: 'logPressRun',
  photos: 'addPhoto',
  findings: 'noteFinding',
  trail_events: 'recordOff',
  tray_ticks: 'tickTray',
  method_runs: 'startMethod',
  left_out: 'leaveOut',
  own_parts: 'lookOver',
  stock_moves: 'takeOut',
  reopenings: 'reopenTray',
  sheet_figures: 'finishStage',
}

/** When a row says that it came to be, by the columns that say so. */
const TIMES = [
  'taken_at',
  'voided_at',
  'ran_at',
  'picked_at',
  'found_at',
  'started_at',
  'moved_at',
  'reopened_at',
  'opened_at',
  'at',
]

/**
 * Tells the history of the demo's trays as if its days had been lived: what was played in one moment was done by somebody,
 * when its rows say so.
 */
export async function demoHistory(db: Db): Promise<void> {
  await db.execute(
    sql`CREATE TEMPORARY TABLE lived (table_name text, row_id integer, at timestamptz, doing text) ON COMMIT DROP`,
  )
  for (const [table, doing] of Object.entries(DOINGS)) {
    await db.execute(
      sql`INSERT INTO lived SELECT ${table}, history_key(r),
            coalesce(${sql.join(
              TIMES.map((column) => sql`(r ->> ${column})::timestamptz`),
              sql`, `,
            )}),
            CASE r ->> 'kind' WHEN 'back' THEN 'answerOff' WHEN 'renewed' THEN 'answerOff' WHEN 'left-off' THEN 'answerOff'
                 WHEN 'undo' THEN 'undoTrail' ELSE ${doing} END
          FROM (SELECT to_jsonb(t) AS r FROM ${sql.identifier(table)} t) rows`,
    )
  }
  await db.execute(sql`ALTER TABLE changes DISABLE TRIGGER changes_append_only`)
  await db.execute(
    sql`WITH played AS (DELETE FROM changes WHERE tray_id IS NOT NULL RETURNING *),
             timed AS (
               SELECT played.*, lived.doing AS doing_then, max(CASE WHEN kind = 'added' THEN lived.at END) OVER (PARTITION BY tray_id ORDER BY id) AS lived_at
               FROM played LEFT JOIN lived USING (table_name, row_id))
        INSERT INTO changes (at, by, doing, table_name, row_id, tray_id, kind, was, now)
        SELECT coalesce(lived_at, at), (ARRAY[${sql.join(
          WORKERS.map((name) => sql`${name}::text`),
          sql`, `,
        )}])[1 + tray_id % ${WORKERS.length}],
               CASE WHEN kind = 'changed' THEN 'finishStage' ELSE doing_then END,
               table_name, row_id, tray_id, kind, was, now
        FROM timed ORDER BY coalesce(lived_at, at), id`,
  )
  await db.execute(sql`ALTER TABLE changes ENABLE TRIGGER changes_append_only`)
}
