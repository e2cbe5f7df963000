'use server'
import { revalidatePath } from 'next/cache'
import { compareUpgrades } from '@/services/compareUpgrades'
import { checkInstrument } from '@/services/checkInstrument'
import { chooseSchool } from '@/services/chooseSchool'
import { makeBridgeToken, withdrawBridgeToken } from '@/services/instrumentBridge'
import { correctIntake } from '@/services/intakeRow'
import { logPressRun } from '@/services/logPressRun'
import { trayByItsNumber } from '@/services/listings'
import { moveTray, openTray } from '@/services/openTray'
import { noteFinding, takeBackNote } from '@/services/noteFinding'
import { answerOff, recordOff, undoTrail } from '@/services/partsTrail'
import { removePhoto } from '@/services/photos'
import { photoGaugeSettings, takePhotoSize } from '@/services/photoGauge'
import { pickPair } from '@/services/pickPair'
import { putBack } from '@/services/putBack'
import type { RecordKind } from '@/services/records'
import { saveRecord } from '@/services/records'
import { saveShopSchool } from '@/services/shopSchools'
import { getShop } from '@/services/shop'
import { takeBackShape, takeShape } from '@/services/takeShape'
import { countPart, receivePart } from '@/services/stockCount'
import { assortment } from '@/services/orders'
import { saveShopPolicy } from '@/services/shopPolicy'
import { takeOut } from '@/services/takeOut'
import { tickTray } from '@/services/tickTray'
import { endMethod, startMethod } from '@/services/useMethod'
import { takeBackReading, takeReading } from '@/services/takeReading'
import { weighPast } from '@/services/weighPast'

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

export async function compareUpgradesAction(input: unknown) {
  return compareUpgrades(await getShop(), input)
}

export async function takeOutAction(input: unknown) {
  return takeOut(await getShop(), input, new Date())
}

export async function countPartAction(input: unknown) {
  return countPart(await getShop(), input, new Date())
}

export async function receivePartAction(input: unknown) {
  return receivePart(await getShop(), input, new Date())
}

export async function assortmentAction(input: unknown) {
  return assortment(await getShop(), input)
}

export async function saveShopSchoolAction(input: unknown) {
  const result = await saveShopSchool(await getShop(), input)
  if (result.ok) revalidatePath('/', 'layout')
  return result
}

export async function saveShopPolicyAction(input: unknown) {
  const result = await saveShopPolicy(await getShop(), input)
  if (result.ok) revalidatePath('/', 'layout')
  return result
}

export async function putBackAction(input: unknown) {
  return putBack(await getShop(), input, new Date())
}

export async function moveTrayAction(input: unknown) {
  return moveTray(await getShop(), input, new Date())
}

export async function openTrayAction(sheet: unknown, input: unknown) {
  return openTray(await getShop(), sheet, input, new Date())
}

export async function saveRecordAction(kind: RecordKind, id: number | null, input: unknown) {
  const result = await saveRecord(await getShop(), kind, id, input, new Date())
  if (result.ok) revalidatePath('/', 'layout')
  return result
}

export async function tickTrayAction(input: unknown) {
  return tickTray(await getShop(), input, new Date())
}

export async function chooseSchoolAction(input: unknown) {
  return chooseSchool(await getShop(), input)
}

export async function recordOffAction(input: unknown) {
  return recordOff(await getShop(), input, new Date())
}

export async function answerOffAction(input: unknown) {
  return answerOff(await getShop(), input, new Date())
}

export async function undoTrailAction(input: unknown) {
  return undoTrail(await getShop(), input, new Date())
}

export async function startMethodAction(input: unknown) {
  return startMethod(await getShop(), input, new Date())
}

export async function endMethodAction(input: unknown) {
  return endMethod(await getShop(), input, new Date())
}

export async function noteFindingAction(input: unknown) {
  return noteFinding(await getShop(), input, new Date())
}

export async function takeBackNoteAction(input: unknown) {
  return takeBackNote(await getShop(), input, new Date())
}

export async function removePhotoAction(input: unknown) {
  return removePhoto(await getShop(), input)
}

export async function correctIntakeAction(trayId: number, input: unknown) {
  return correctIntake(await getShop(), trayId, input, new Date())
}

export async function trayViewAction(number: number) {
  const view = await trayByItsNumber(await getShop(), number)
  return view
    ? { ok: true as const, view }
    : { ok: false as const, errors: { form: 'This tray is not there any more.' } }
}

export async function takeShapeAction(input: unknown) {
  return takeShape(await getShop(), input, new Date())
}

export async function takeBackShapeAction(input: unknown) {
  return takeBackShape(await getShop(), input, new Date())
}

export async function checkInstrumentAction(input: unknown) {
  const result = await checkInstrument(await getShop(), input, new Date())
  if (result.ok) revalidatePath('/', 'layout')
  return result
}

export async function photoGaugeSettingsAction() {
  return photoGaugeSettings(await getShop())
}

export async function takePhotoSizeAction(input: unknown) {
  return takePhotoSize(await getShop(), input, new Date())
}

export async function weighPastAction(input: unknown) {
  return weighPast(await getShop(), input)
}

export async function makeBridgeTokenAction() {
  const made = await makeBridgeToken(await getShop(), new Date())
  revalidatePath('/settings')
  return made
}

export async function withdrawBridgeTokenAction() {
  await withdrawBridgeToken(await getShop())
  revalidatePath('/settings')
}
