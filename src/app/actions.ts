'use server'
import { revalidatePath } from 'next/cache'
import type { Calls } from '@/services/actions'
import { ACTIONS } from '@/services/actions'
import { refuse } from '@/services/boundary'
import type { ShopDb } from '@/services/shop/shop'
import { getShop, troubleOfShop } from '@/services/shop/shop'
import { doneBy } from '@/services/doneBy'
import { isKey, seenIn, storedOnce, underKey } from '@/services/sentOnce'
import { workerHere } from './atBench'

/** What other pages show as well: they are drawn anew after these. */
const SHOWN_ELSEWHERE: readonly string[] = [
  'saveBackupKeeping',
  'saveRecord',
  'saveShopClock',
  'saveShopPaper',
  'wordForOwner',
  'saveShopZone',
  'saveShopPolicy',
  'saveShopSchool',
  'checkInstrument',
  'makeBridgeToken',
  'withdrawBridgeToken',
]

/** Changes of the shop's own things that would be another one when they are sent twice; a tray's are told by its record. */
const STORED_ONCE: readonly string[] = [
  'openTray',
  'saveRecord',
  'countPart',
  'receivePart',
  'checkInstrument',
]

/**
 * The one door for everything a page asks of the server; what comes in has not been checked, its name neither.
 * @param key - made by the page for a change: sent once more, it is stored once and answered the same
 * @param seen - what a tray's page knows of the tray: what undoes or ends the work of others is asked about
 */
export async function act(name: string, input: unknown, key?: unknown, seen?: unknown): Promise<unknown> {
  if (!Object.hasOwn(ACTIONS, name))
    return refuse('This page is of another version of Whyalon. Load it again; nothing was stored.')
  const action = ACTIONS[name as keyof Calls]
  const answer = await answerOf({ name, key, seen }, (db) => action(db, input, new Date()))
  if (SHOWN_ELSEWHERE.includes(name) && answer.ok) revalidatePath('/', 'layout')
  return answer
}

async function answerOf(
  { name, key, seen }: { readonly name: string; readonly key: unknown; readonly seen: unknown },
  asked: (db: ShopDb) => Promise<{ readonly ok: boolean }>,
): Promise<{ readonly ok: boolean }> {
  try {
    const shop = await getShop()
    return await doneBy({ by: (await workerHere()).name, doing: name }, () => {
      if (!isKey(key)) return asked(shop)
      return STORED_ONCE.includes(name)
        ? storedOnce(shop, key, asked)
        : underKey(key, () => asked(shop), seenIn(seen))
    })
  } catch (error) {
    const trouble = troubleOfShop(error)
    if (trouble === null) throw error
    return refuse(trouble)
  }
}
