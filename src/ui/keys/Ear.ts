/** Somebody who hears the keys of the page before any field, button or shortcut does. */
export interface Ear {
  /** @returns true where the key is kept: nobody after this one gets it */
  readonly hear: (event: KeyboardEvent) => boolean
  /** a key came that an ear before this one kept: what was heard so far ends with it */
  readonly missed: () => void
  /** hears no more: nothing may come of it later */
  readonly stop: () => void
}
