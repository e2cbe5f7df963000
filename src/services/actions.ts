import type { CallsOf } from './action'
import { assortment } from './drawers/orders'
import { countPart, receivePart } from './drawers/stockCount'
import { checkInstrument } from './instruments/checkInstrument'
import { makeBridgeToken, withdrawBridgeToken } from './instruments/instrumentBridge'
import { saveBackupKeeping } from './shop/backupKeeping'
import { backUpNow } from './shop/backups'
import { saveRecord } from './shop/records'
import { saveShopPaper } from './shop/shopPaper'
import { saveShopClock, saveShopZone } from './shop/shopTimes'
import { saveShopPolicy } from './shop/shopPolicy'
import { saveShopSchool } from './shop/shopSchools'
import { chooseSchool } from './tray/chooseSchool'
import { compareUpgrades } from './tray/compareUpgrades'
import { correctIntake } from './tray/correctIntake'
import { finishStage } from './tray/finishStage'
import { judgeChoice } from './tray/judgeChoice'
import { keepNotchCircle } from './tray/keepNotchCircle'
import { leaveOut } from './tray/leaveOut'
import { logPressRun } from './tray/logPressRun'
import { logWorkRun } from './tray/logWorkRun'
import { lookOver, ownBack } from './tray/lookOver'
import { lookByPicture, lookStraight } from './tray/lookStraight'
import { ringSamples } from './tray/ringSamples'
import { endMethod, startMethod } from './tray/methodRuns'
import { noteFinding, takeBackNote } from './tray/noteFinding'
import { openTray } from './tray/openTray'
import { answerOff, recordOff, undoTrail } from './tray/partsTrail'
import { photoGaugeSettings, takePhotoSize } from './tray/photoGauge'
import { removePhoto } from './tray/photos'
import { pickPair } from './tray/pickPair'
import { putBack } from './tray/putBack'
import { reopenTray } from './tray/reopenTray'
import { takeOut } from './tray/takeOut'
import { takeBackReading, takeReading } from './tray/takeReading'
import { takeBackShape, takeShape } from './tray/takeShape'
import { tickTray } from './tray/tickTray'
import { tryBezel } from './tray/tryBezel'
import { heatBond } from './tray/heatBond'
import { keepDryRecord } from './tray/keepDryRecord'
import { lookForLeak } from './tray/lookForLeak'
import { keepRunningFile } from './tray/keepRunningFile'
import { noteRunning } from './tray/noteRunning'
import { wordForOwner } from './tray/wordForOwner'
import { logRemoval } from './tray/logRemoval'
import { showTray } from './tray/trayPages'
import { weighPast } from './tray/weighPast'

/** What a tray's page can ask for. */
const TRAY_ACTIONS = {
  answerOff,
  chooseSchool,
  compareUpgrades,
  correctIntake,
  endMethod,
  finishStage,
  judgeChoice,
  keepNotchCircle,
  leaveOut,
  logPressRun,
  logWorkRun,
  lookOver,
  lookStraight,
  lookByPicture,
  ringSamples,
  noteFinding,
  ownBack,
  photoGaugeSettings,
  pickPair,
  putBack,
  recordOff,
  removePhoto,
  reopenTray,
  showTray,
  startMethod,
  takeBackNote,
  takeBackReading,
  takeBackShape,
  takeOut,
  takePhotoSize,
  takeReading,
  takeShape,
  tickTray,
  tryBezel,
  logRemoval,
  heatBond,
  keepDryRecord,
  lookForLeak,
  noteRunning,
  keepRunningFile,
  wordForOwner,
  undoTrail,
  weighPast,
}

/** What the other places can ask for. */
const SHOP_ACTIONS = {
  assortment,
  backUpNow,
  checkInstrument,
  countPart,
  makeBridgeToken,
  openTray,
  receivePart,
  saveBackupKeeping,
  saveRecord,
  saveShopClock,
  saveShopPaper,
  saveShopZone,
  saveShopPolicy,
  saveShopSchool,
  withdrawBridgeToken,
}

/** Everything a page can ask of the server, by name: the name, its check and what it does stand together in its file. */
export const ACTIONS = { ...TRAY_ACTIONS, ...SHOP_ACTIONS }

export type TrayCalls = CallsOf<typeof TRAY_ACTIONS>
export type Calls = CallsOf<typeof ACTIONS>
