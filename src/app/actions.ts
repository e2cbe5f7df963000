'use server'
import { revalidatePath } from 'next/cache'
import type { Calls } from '@/services/actions'
import { ACTIONS } from '@/services/actions'
import { refuse } from '@/services/boundary'
import { getShop } from '@/services/shop/shop'

/** What other pages show as well: they are drawn anew after these. */
const SHOWN_ELSEWHERE: readonly string[] = [
  'saveRecord',
  'saveShopClock',
  'saveShopPolicy',
  'saveShopSchool',
  'checkInstrument',
  'makeBridgeToken',
  'withdrawBridgeToken',
]

/** The one door for everything a page asks of the server; what comes in has not been checked, its name neither. */
export async function act(name: string, input: unknown): Promise<unknown> {
  if (!Object.hasOwn(ACTIONS, name))
    return refuse('This page is of another version of Whyalon. Load it again; nothing was stored.')
  const result = await ACTIONS[name as keyof Calls](await getShop(), input, new Date())
  if (SHOWN_ELSEWHERE.includes(name) && result.ok) revalidatePath('/', 'layout')
  return result
}
