export interface DiePolicy {
  /** press-in pusher: this much smaller than the crystal, mm */
  readonly pusherUnderMm: number
  /** and within this of it, mm */
  readonly pusherWindowMm: number
  /** room over a dome inside a hollow pusher, mm */
  readonly domeRoomMm: number
  /** support opening beyond the bore, mm */
  readonly supportClearMm: number
  /** least width of the ring on which the case bears, mm */
  readonly supportBearingMm: number
  /** support stays inside the case side by this, clear of crown and pushers, mm */
  readonly crownClearMm: number
}

export const DIE_POLICY: DiePolicy = {
  pusherUnderMm: 1.0, // common practice: for a 30 mm crystal a 29 mm die
  pusherWindowMm: 0.5, // common practice
  domeRoomMm: 0.3, // from memory
  supportClearMm: 0.5, // from memory
  supportBearingMm: 1.0, // from memory
  crownClearMm: 0.5, // from memory
}
