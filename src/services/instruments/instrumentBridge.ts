import { createHash, randomBytes, timingSafeEqual } from 'node:crypto'
import Joi from 'joi'
import { INSTRUMENT_TEXT_WORDS, instrumentText } from '@/core/units/instrumentText'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { allInstruments } from '@/data/queries/tools'
import { action } from '../action'
import { refuse } from '../boundary'
import type { Refusal } from '../boundary'
import { theBridge } from './instrumentFeeds'

export interface BridgeState {
  /** ISO time the token in use was made; null while there is none */
  readonly tokenMadeAt: string | null
}

const TOKEN_BYTES = 24

export async function bridgeState(db: Db): Promise<BridgeState> {
  return { tokenMadeAt: (await shopSettingsRow(db))?.bridgeTokenMadeAt?.toISOString() ?? null }
}

/** Makes the token real instruments send with; the one before stops working. @returns it, once: only its hash is kept */
export const makeBridgeToken = action(Joi.object({}), async (db, _, now) => {
  const token = randomBytes(TOKEN_BYTES).toString('base64url')
  await changeShopSettings(db, { bridgeTokenHash: hashOf(token), bridgeTokenMadeAt: now })
  return { ok: true as const, token }
})

export const withdrawBridgeToken = action(Joi.object({}), async (db) => {
  await changeShopSettings(db, { bridgeTokenHash: null, bridgeTokenMadeAt: null })
  return { ok: true as const }
})

export async function isBridgeToken(db: Db, token: string): Promise<boolean> {
  const kept = (await shopSettingsRow(db))?.bridgeTokenHash
  if (!kept) return false
  return timingSafeEqual(Buffer.from(hashOf(token), 'hex'), Buffer.from(kept, 'hex'))
}

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex')
}

export type LineOutcome =
  | {
      ok: true
      valueMm: number
      /** trays' pages that are listening: 0 when nobody took it */
      heard: number
    }
  | Refusal

/**
 * Takes a line of a real instrument and passes it to the tray's page that listens. It is not stored here: the page
 * knows which place is being read, and asks when the figure surprises.
 */
export async function passLine(db: Db, instrumentId: number, line: string): Promise<LineOutcome> {
  const instrument = (await allInstruments(db)).find((i) => i.id === instrumentId)
  if (!instrument) return refuse('Instrument: not in Settings. Use the number shown there.', 'instrument')
  const read = instrumentText(line)
  if (!read.ok) return refuse(INSTRUMENT_TEXT_WORDS[read.reason], 'line')
  const clean = line.replace(/[\u0000-\u001f\u007f]/g, '').trim()
  return { ok: true, valueMm: read.valueMm, heard: theBridge().send({ line: clean, instrumentId }) }
}
