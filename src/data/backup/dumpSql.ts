import { createHash } from 'node:crypto'
import type { Ask } from '../Connection'
import { keepsSums } from '../sums/sumDifferences'

/** What is said of one table, so that another database can be shown to hold the same. */
export interface TableSum {
  /** as “public.trays” */
  readonly table: string
  readonly rows: number
  /** SHA-256 over its rows as they are written, in order, hex */
  readonly sha256: string
}

/** Where a dump goes. */
export interface DumpSink {
  /** one statement or remark, without line ends in it */
  readonly line: (text: string) => void
  /** the bytes of one row's file; null where only sums are asked for */
  readonly file: ((name: string, bytes: Uint8Array) => void) | null
}

interface Column {
  readonly name: string
  /** as the database calls it */
  readonly type: string
}

interface Table {
  readonly schema: string
  readonly name: string
  readonly columns: readonly Column[]
  /** the column whose bytes are kept as files of their own; null in most */
  readonly bytes: string | null
  /** its first column, where that counts */
  readonly number: string | null
}

/** Rows fetched at once, and put into one statement. */
const BATCH = 1000
const ROWS_A_STATEMENT = 100
/** Where the migrator writes down what was done: it goes along, so that a restored shop is migrated on from there. */
const SCHEMAS = "('public', 'drizzle')"

/** How values are written as text, wherever the database is. */
const AS_TEXT = [
  "SET LOCAL TimeZone TO 'UTC'",
  "SET LOCAL DateStyle TO 'ISO, YMD'",
  "SET LOCAL IntervalStyle TO 'postgres'",
  'SET LOCAL extra_float_digits TO 1',
]
/** Kept by the database itself of the tables beside it: of another database's it says nothing. */
const SUMS = 'table_sums'
/** Types whose text holds nothing that has to be escaped. */
const PLAIN = [
  'integer',
  'bigint',
  'smallint',
  'double precision',
  'boolean',
  'uuid',
  'timestamp with time zone',
]
const NUMBERS = ['integer', 'bigint', 'smallint']

/**
 * Writes every row of a database as SQL that PostgreSQL loads, one statement of many rows a line, tables before those that refer to
 * them. Pictures are written as files; their rows carry none. Must run within a transaction that sees one state.
 */
export async function dumpRows(ask: Ask, sink: DumpSink): Promise<TableSum[]> {
  const sums: TableSum[] = []
  for (const setting of AS_TEXT) await ask(setting)
  sink.line('BEGIN;')
  for (const table of await tablesInOrder(ask)) {
    const name = nameOf(table)
    sink.line(`ALTER TABLE ${name} DISABLE TRIGGER USER;`)
    sums.push(await dumpTable(ask, table, sink))
    sink.line(`ALTER TABLE ${name} ENABLE TRIGGER USER;`)
  }
  for (const statement of await sequences(ask)) sink.line(statement)
  // Rows are loaded past the triggers that keep their sums.
  if (await keepsSums(ask)) sink.line('SELECT seal_sums();')
  sink.line('COMMIT;')
  return sums
}

async function dumpTable(ask: Ask, table: Table, sink: DumpSink): Promise<TableSum> {
  const { schema, name, columns, bytes } = table
  const sum = createHash('sha256')
  const written = columns.map((column) => (column.name === bytes ? `'''\\x'''` : literalOf(column)))
  const more = bytes === null ? '' : `, id, encode(sha256("${bytes}"), 'hex') AS bytes_sum`
  const number = table.number === null ? '0' : quoted(table.number)
  const cursor = quoted(`dump_${name}`)
  // In the order of their numbers, as they came; by their bytes where there are none: no two machines sort words alike.
  await ask(
    `DECLARE ${cursor} CURSOR FOR
     SELECT * FROM (SELECT array_to_string(array[${written.join(', ')}], ', ') AS row,
                           ${number} AS number${more} FROM ${nameOf(table)}) AS rows
     ORDER BY number, row COLLATE "C"`,
  )
  const insert = `INSERT INTO ${nameOf(table)} (${columns.map((column) => quoted(column.name)).join(', ')}) VALUES`
  let rows = 0
  for (;;) {
    const batch = await ask(`FETCH ${BATCH} FROM ${cursor}`)
    if (batch.length === 0) break
    for (const found of batch) {
      sum.update(`${String(found['row'])} ${bytes === null ? '' : String(found['bytes_sum'])}\n`)
      if (bytes === null || sink.file === null) continue
      const id = Number(found['id'])
      sink.file(fileOf(name, id), await bytesOf(ask, nameOf(table), bytes, id))
    }
    for (let from = 0; from < batch.length; from += ROWS_A_STATEMENT) {
      const together = batch.slice(from, from + ROWS_A_STATEMENT)
      sink.line(`${insert} ${together.map((found) => `(${String(found['row'])})`).join(', ')};`)
    }
    rows += batch.length
  }
  await ask(`CLOSE ${cursor}`)
  return { table: `${schema}.${name}`, rows, sha256: sum.digest('hex') }
}

/** One picture at a time: many at once would fill the memory. As text, which both engines read far faster than bytes. */
async function bytesOf(ask: Ask, table: string, column: string, id: number): Promise<Uint8Array> {
  const [found] = await ask(`SELECT encode("${column}", 'base64') AS bytes FROM ${table} WHERE id = ${id}`)
  return Buffer.from(String(found?.['bytes']), 'base64')
}

/** Name of the file with the bytes of a row. */
function fileOf(table: string, id: number): string {
  return `${table}/${id}.jpg`
}

/** Files of a backup that hold bytes of rows, with the row each is of. */
export const ROW_FILE = /^(photos)\/([1-9]\d{0,9})\.jpg$/

/** A value as an escaped literal of its own type, without line ends in it; NULL where it is none. */
function literalOf({ name, type }: Column): string {
  const plain = `${quoted(name)}::text`
  const escaped = PLAIN.includes(type)
    ? plain
    : String.raw`replace(replace(replace(replace(${plain}, '\', '\\'), '''', ''''''), chr(10), '\n'), chr(13), '\r')`
  return `coalesce('E''' || ${escaped} || '''', 'NULL')`
}

function quoted(name: string): string {
  return `"${name}"`
}

function nameOf({ schema, name }: Pick<Table, 'schema' | 'name'>): string {
  return schema === 'public' ? quoted(name) : `${quoted(schema)}.${quoted(name)}`
}

async function tablesInOrder(ask: Ask): Promise<Table[]> {
  const columns = await ask(
    `SELECT table_schema AS schema, table_name AS name, column_name AS column, data_type AS type
     FROM information_schema.columns JOIN information_schema.tables USING (table_schema, table_name)
     WHERE table_schema IN ${SCHEMAS} AND table_type = 'BASE TABLE' AND table_name <> '${SUMS}'
     ORDER BY table_schema, table_name, ordinal_position`,
  )
  const tables = new Map<string, Table>()
  for (const found of columns) {
    const [schema, name, column, type] = textsOf(found, 'schema', 'name', 'column', 'type')
    const key = `${schema}.${name}`
    const before = tables.get(key) ?? {
      schema,
      name,
      columns: [],
      bytes: null,
      number: NUMBERS.includes(type) ? column : null,
    }
    tables.set(key, {
      ...before,
      columns: [...before.columns, { name: column, type }],
      bytes: type === 'bytea' ? column : before.bytes,
    })
  }
  const references = await ask(
    `SELECT DISTINCT c.relname AS name, r.relname AS refers FROM pg_constraint k
     JOIN pg_class c ON c.oid = k.conrelid JOIN pg_class r ON r.oid = k.confrelid
     WHERE k.contype = 'f' AND k.conrelid <> k.confrelid`,
  )
  return inOrder(
    [...tables.values()],
    references.map((found) => textsOf(found, 'name', 'refers')),
  )
}

/**
 * Tables before those that refer to them.
 * @param references - name of a table, and of one it refers to
 * @throws Error where they refer to each other in a ring
 */
function inOrder(
  tables: readonly Table[],
  references: readonly (readonly [name: string, refers: string])[],
): Table[] {
  const done: Table[] = []
  let left = [...tables]
  while (left.length > 0) {
    const names = left.map(({ name }) => name)
    const waits = ({ name }: Table) => references.some(([from, to]) => from === name && names.includes(to))
    const ready = left.filter((table) => !waits(table))
    if (ready.length === 0) throw new Error(`tables refer to each other: ${names.join(', ')}`)
    done.push(...ready)
    left = left.filter((table) => !ready.includes(table))
  }
  return done
}

/** Where each table's numbers go on, as statements. */
async function sequences(ask: Ask): Promise<string[]> {
  const found = await ask(
    `SELECT n.nspname AS schema, t.relname AS name, a.attname AS column, s.last_value AS last
     FROM pg_depend d JOIN pg_class q ON q.oid = d.objid AND q.relkind = 'S'
     JOIN pg_class t ON t.oid = d.refobjid JOIN pg_namespace n ON n.oid = t.relnamespace
     JOIN pg_attribute a ON a.attrelid = t.oid AND a.attnum = d.refobjsubid
     JOIN pg_sequences s ON s.schemaname = n.nspname AND s.sequencename = q.relname
     WHERE d.deptype IN ('a', 'i') AND n.nspname IN ${SCHEMAS} AND s.last_value IS NOT NULL
     ORDER BY 1, 2, 3`,
  )
  return found.map((one) => {
    const [schema, name, column, last] = textsOf(one, 'schema', 'name', 'column', 'last')
    return `SELECT setval(pg_get_serial_sequence('${nameOf({ schema, name })}', '${column}'), ${last});`
  })
}

type Texts<Keys extends readonly string[]> = { -readonly [At in keyof Keys]: string }

function textsOf<const Keys extends readonly string[]>(
  row: Record<string, unknown>,
  ...keys: Keys
): Texts<Keys> {
  return keys.map((key) => String(row[key])) as Texts<Keys>
}
