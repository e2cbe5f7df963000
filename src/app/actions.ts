'use server'
import { revalidatePath } from 'next/cache'
import { logPressRun } from '@/services/logPressRun'
import { moveTray, openTray } from '@/services/openTray'
import { pickPair } from '@/services/pickPair'
import type { RecordKind } from '@/services/records'
import { saveRecord } from '@/services/records'
import { getShop } from '@/services/shop'
import { takeBackReading, takeReading } from '@/services/takeReading'

export async function takeReadingAction(input: unknown) {
  return takeReading(await getShop(), input, new Date())
}

export async function takeBackReadingAction(input: unknown) {
  return takeBackReading(await getShop(), input, new Date())
}

export async function pickPairAction(input: unknown) {
  return pickPair(await getShop(), input, new Date())
}

export async function logPressRunAction(tools: unknown, input: unknown) {
  return logPressRun(await getShop(), tools, input, new Date())
}

export async function moveTrayAction(input: unknown) {
  return moveTray(await getShop(), input, new Date())
}

export async function openTrayAction(sheet: unknown, input: unknown) {
  return openTray(await getShop(), sheet, input, new Date())
}

export async function saveRecordAction(kind: RecordKind, id: number | null, input: unknown) {
  const result = await saveRecord(await getShop(), kind, id, input)
  if (result.ok) revalidatePath('/', 'layout')
  return result
}
