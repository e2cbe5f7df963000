'use server'
import { revalidatePath } from 'next/cache'
import { compareUpgrades } from '@/services/tray/compareUpgrades'
import { checkInstrument } from '@/services/instruments/checkInstrument'
import { chooseSchool } from '@/services/tray/chooseSchool'
import { makeBridgeToken, withdrawBridgeToken } from '@/services/instruments/instrumentBridge'
import { correctIntake } from '@/services/tray/intakeRow'
import { logPressRun } from '@/services/tray/logPressRun'
import { trayByItsNumber } from '@/services/listings'
import { moveTray, openTray } from '@/services/tray/openTray'
import { noteFinding, takeBackNote } from '@/services/tray/noteFinding'
import { answerOff, recordOff, undoTrail } from '@/services/tray/partsTrail'
import { removePhoto } from '@/services/tray/photos'
import { photoGaugeSettings, takePhotoSize } from '@/services/tray/photoGauge'
import { pickPair } from '@/services/tray/pickPair'
import { putBack } from '@/services/tray/putBack'
import type { RecordKind } from '@/services/shop/records'
import { saveRecord } from '@/services/shop/records'
import { saveShopSchool } from '@/services/shop/shopSchools'
import { getShop } from '@/services/shop/shop'
import { takeBackShape, takeShape } from '@/services/tray/takeShape'
import { countPart, receivePart } from '@/services/drawers/stockCount'
import { assortment } from '@/services/drawers/orders'
import { saveShopPolicy } from '@/services/shop/shopPolicy'
import { takeOut } from '@/services/tray/takeOut'
import { tickTray } from '@/services/tray/tickTray'
import { endMethod, startMethod } from '@/services/tray/methodRuns'
import { takeBackReading, takeReading } from '@/services/tray/takeReading'
import { weighPast } from '@/services/tray/weighPast'

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
