/** The id an address names; 0, which nothing has, for anything but plain digits: “0x1F” is no number of ours. */
export function idOf(text: string): number {
  return /^\d{1,9}$/.test(text) ? Number(text) : 0
}
