import type { StockCrystal, StockGasket } from './parts'

/**
 * The drawers laid out for searching. Crystals stand by diameter, edge and underside, so that all of one shape stand
 * together: whether a shape suits is worked out once, however many lines of it there are.
 */
export interface StockIndex {
  /** discs: what ring gaskets hold */
  readonly crystals: readonly StockCrystal[]
  /** for every shape the place of its first crystal, and one past the last crystal at the end */
  readonly starts: Int32Array
  /** for every shape its diameter, mm; in rows of their own, for a search looks at most shapes by their figures alone */
  readonly diameters: Float64Array
  /** for every shape its edge thickness, mm */
  readonly edges: Float64Array
  /** for every shape 1 where it is flat inside and nothing sits under it */
  readonly flatInside: Uint8Array
  /** for every shape how many of its lines have a crystal left */
  readonly inStock: Int32Array
  /** edge thicknesses of which at least one disc is there, mm, each once */
  readonly stockedDiscEdges: readonly number[]
  /** crystals of every other build, by diameter */
  readonly otherBuilds: readonly StockCrystal[]
  /** rings that stand round a crystal, by outer diameter */
  readonly gaskets: readonly StockGasket[]
  /** all others, by outer diameter: under bezel, crystal or back */
  readonly otherGaskets: readonly StockGasket[]
  /** how many rings round a crystal are there */
  readonly ringsInStock: number
  /** walls of which at least one ring round a crystal is there, mm, each once */
  readonly stockedWalls: readonly number[]
}

type Discs = Pick<
  StockIndex,
  'crystals' | 'starts' | 'diameters' | 'edges' | 'flatInside' | 'inStock' | 'stockedDiscEdges'
>
type Rings = Pick<StockIndex, 'gaskets' | 'otherGaskets' | 'ringsInStock' | 'stockedWalls'>

/** @param crystals - any order, as gaskets; stays as given */
export function stockIndex(crystals: readonly StockCrystal[], gaskets: readonly StockGasket[]): StockIndex {
  return indexOf(split(crystals, isDisc), ringsOf(split(gaskets, isRoundCrystal)))
}

/** The same drawers with these crystals and no others. */
export function withCrystals(rings: StockIndex, crystals: readonly StockCrystal[]): StockIndex {
  return indexOf(split(crystals, isDisc), rings)
}

/** The same drawers with these gaskets and no others. */
export function withGaskets(index: StockIndex, gaskets: readonly StockGasket[]): StockIndex {
  return { ...index, ...ringsOf(split(gaskets, isRoundCrystal)) }
}

type Split<T> = readonly [readonly T[], readonly T[]]

function isDisc({ build }: StockCrystal): boolean {
  return build === 'disc'
}

function isRoundCrystal({ use, section }: StockGasket): boolean {
  return use === 'crystal' && section !== 'flat'
}

function split<T>(rows: readonly T[], belongs: (row: T) => boolean): Split<T> {
  return [rows.filter(belongs), rows.filter((row) => !belongs(row))]
}

function indexOf(
  [discs, otherBuilds]: Split<StockCrystal>,
  { gaskets, otherGaskets, ringsInStock, stockedWalls }: Rings,
): StockIndex {
  return {
    ...discsOf(discs),
    otherBuilds: byDiameter(otherBuilds),
    gaskets,
    otherGaskets,
    ringsInStock,
    stockedWalls,
  }
}

function ringsOf([round, others]: Split<StockGasket>): Rings {
  const inStock = round.filter(({ quantity }) => quantity > 0)
  return {
    gaskets: byOuterDiameter(round),
    otherGaskets: byOuterDiameter(others),
    ringsInStock: inStock.length,
    stockedWalls: [...new Set(inStock.map(({ wallMm }) => wallMm))],
  }
}

function discsOf(discs: readonly StockCrystal[]): Discs {
  const sorted = [...discs].sort(
    (a, b) =>
      a.diameterMm - b.diameterMm ||
      a.edgeThicknessMm - b.edgeThicknessMm ||
      a.undersideRiseMm - b.undersideRiseMm ||
      (a.insideMagnifierMm ?? 0) - (b.insideMagnifierMm ?? 0) ||
      a.id - b.id,
  )
  const starts: number[] = []
  for (const [at, crystal] of sorted.entries()) {
    const before = sorted[at - 1]
    if (!before || !sameShape(crystal, before)) starts.push(at)
  }
  const shapes = Int32Array.from([...starts, sorted.length])
  return {
    crystals: sorted,
    starts: shapes,
    diameters: Float64Array.from(starts, (at) => sorted[at]?.diameterMm ?? NaN),
    edges: Float64Array.from(starts, (at) => sorted[at]?.edgeThicknessMm ?? NaN),
    flatInside: Uint8Array.from(starts, (at) => Number(isFlatInside(sorted[at]))),
    ...countedStock(sorted, shapes),
  }
}

function isFlatInside(crystal: StockCrystal | undefined): boolean {
  return crystal?.undersideRiseMm === 0 && crystal.insideMagnifierMm === null
}

function countedStock(
  crystals: readonly StockCrystal[],
  starts: Int32Array,
): Pick<StockIndex, 'inStock' | 'stockedDiscEdges'> {
  const inStock = new Int32Array(Math.max(0, starts.length - 1))
  const edges = new Set<number>()
  for (let shape = 0; shape < inStock.length; shape++) {
    const from = starts[shape] ?? 0
    let count = 0
    for (let at = from; at < (starts[shape + 1] ?? 0); at++) {
      if ((crystals[at]?.quantity ?? 0) >= 1) count++
    }
    inStock[shape] = count
    const first = crystals[from]
    if (count > 0 && first) edges.add(first.edgeThicknessMm)
  }
  return { inStock, stockedDiscEdges: [...edges] }
}

function byDiameter(crystals: readonly StockCrystal[]): StockCrystal[] {
  return [...crystals].sort((a, b) => a.diameterMm - b.diameterMm || a.id - b.id)
}

function byOuterDiameter(gaskets: readonly StockGasket[]): StockGasket[] {
  return [...gaskets].sort((a, b) => a.outerDiameterMm - b.outerDiameterMm || a.id - b.id)
}

function sameShape(a: StockCrystal, b: StockCrystal): boolean {
  return (
    a.diameterMm === b.diameterMm &&
    a.edgeThicknessMm === b.edgeThicknessMm &&
    a.undersideRiseMm === b.undersideRiseMm &&
    (a.insideMagnifierMm ?? 0) === (b.insideMagnifierMm ?? 0)
  )
}

/** Edge thicknesses of which at least one crystal of a build is there, mm, each once. */
export function stockedEdges(
  { stockedDiscEdges, otherBuilds }: StockIndex,
  build: StockCrystal['build'],
): readonly number[] {
  if (build === 'disc') return stockedDiscEdges
  const edges = new Set<number>()
  for (const crystal of otherBuilds)
    if (crystal.build === build && crystal.quantity > 0) edges.add(crystal.edgeThicknessMm)
  return [...edges]
}

/**
 * The index with some crystals or gaskets changed or come anew.
 * Where only counts, prices or places changed, nothing is sorted again.
 */
export function withChanges(
  index: StockIndex,
  changed: { readonly crystals: readonly StockCrystal[]; readonly gaskets: readonly StockGasket[] },
): StockIndex {
  const rows = {
    crystals: [...index.crystals, ...index.otherBuilds],
    gaskets: [...index.gaskets, ...index.otherGaskets],
  }
  const merged = {
    crystals: mergedById(rows.crystals, changed.crystals),
    gaskets: mergedById(rows.gaskets, changed.gaskets),
  }
  const sameRings = merged.gaskets === rows.gaskets
  const rings: Rings = sameRings ? index : ringsOf(split(merged.gaskets, isRoundCrystal))
  if (merged.crystals === rows.crystals) return sameRings ? index : { ...index, ...rings }
  const now = split(merged.crystals, isDisc)
  const [crystals, otherBuilds] = now
  const asBefore =
    crystals.length === index.crystals.length &&
    crystals.every((disc, at) => {
      const before = index.crystals[at]
      return disc === before || (before !== undefined && disc.id === before.id && sameShape(disc, before))
    })
  return asBefore
    ? {
        ...(sameRings ? index : { ...index, ...rings }),
        crystals,
        otherBuilds: byDiameter(otherBuilds),
        ...countedStock(crystals, index.starts),
      }
    : indexOf(now, rings)
}

/**
 * The rows with changed ones in their place and new ones at the end; the very same rows where none is another than
 * before: while a transaction is open anywhere, what was written lately is read again and again.
 */
export function mergedById<T extends { readonly id: number }>(
  rows: readonly T[],
  changed: readonly T[],
): readonly T[] {
  if (changed.length === 0) return rows
  const byId = new Map(changed.map((row) => [row.id, row]))
  let anyOther = false
  const result = rows.map((row) => {
    const now = byId.get(row.id)
    if (!now) return row
    byId.delete(row.id)
    if (sameFigures(row, now)) return row
    anyOther = true
    return now
  })
  return anyOther || byId.size > 0 ? [...result, ...byId.values()] : rows
}

function sameFigures<T extends object>(before: T, now: T): boolean {
  return (Object.keys(now) as (keyof T)[]).every((name) => Object.is(before[name], now[name]))
}
