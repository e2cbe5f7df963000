/** A piece of the same case that was handed back. */
export interface EarlierTray {
  readonly trayId: number
  readonly trayNumber: number
  readonly ownerId: number
  readonly ownerMark: string
  readonly finishedAt: Date
}

/** Whose piece is on the bench, and since when. */
export interface PieceOfOwner {
  readonly ownerId: number
  readonly ownerMark: string
  readonly openedAt: Date
}

export interface ReturnedPiece {
  readonly trayId: number
  readonly trayNumber: number
  readonly finishedAt: Date
  readonly daysAfter: number
  /** no mark tells it from others of its owner: it may be another one */
  readonly maybe: boolean
}

/** A piece that is back within so long is a complaint until it is known better. Common practice. */
export const BACK_WITHIN_DAYS = 365
const DAY_MS = 86_400_000

/** The tray this piece was last handed back from, if it is back within a year; null where it is not. */
export function returnedPiece(
  { ownerId, ownerMark, openedAt }: PieceOfOwner,
  earlier: readonly EarlierTray[],
): ReturnedPiece | null {
  const days = (finishedAt: Date) => (openedAt.getTime() - finishedAt.getTime()) / DAY_MS
  const [last] = earlier
    .filter((one) => one.ownerId === ownerId && isSameMark(one.ownerMark, ownerMark))
    .filter(({ finishedAt }) => days(finishedAt) >= 0 && days(finishedAt) <= BACK_WITHIN_DAYS)
    .sort((a, b) => b.finishedAt.getTime() - a.finishedAt.getTime())
  if (!last) return null
  const { trayId, trayNumber, finishedAt } = last
  return { trayId, trayNumber, finishedAt, daysAfter: Math.floor(days(finishedAt)), maybe: ownerMark === '' }
}

function isSameMark(one: string, other: string): boolean {
  return one.trim().toLowerCase() === other.trim().toLowerCase()
}
