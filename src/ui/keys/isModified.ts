/** Whether a key was pressed with one that makes it a command of the browser or the system. */
export function isModified({ ctrlKey, metaKey, altKey }: KeyboardEvent): boolean {
  return ctrlKey || metaKey || altKey
}
