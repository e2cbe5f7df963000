import { PAPER_FIELDS } from '@/core/records/paperFields'
import type { Decimals } from '@/core/units/decimals'
import { USUAL_DECIMALS } from '@/core/units/decimals'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { validateRecord } from '../boundary'

/** How a shop's reports look. */
export interface ShopPaper {
  /** empty where the shop wrote none */
  readonly letterhead: string
  readonly decimals: Decimals
  /** hundredths of the shop's money; null where nobody said */
  readonly hourCents: number | null
}

const USUAL_PAPER: ShopPaper = { letterhead: '', decimals: USUAL_DECIMALS, hourCents: null }

export async function shopPaper(db: Db): Promise<ShopPaper> {
  const { letterhead, decimals, hourCents } = (await shopSettingsRow(db)) ?? USUAL_PAPER
  return { letterhead, decimals, hourCents }
}

/** Sets letterhead, figures and what an hour costs. */
export const saveShopPaper = action(
  (input) => validateRecord(PAPER_FIELDS, input),
  async (db, { letterhead, decimals, hourCents }) => {
    await changeShopSettings(db, {
      letterhead: String(letterhead ?? ''),
      // The form's options are these very words, checked just before.
      decimals: decimals as Decimals,
      hourCents: typeof hourCents === 'number' ? hourCents : null,
    })
    return { ok: true as const }
  },
)
