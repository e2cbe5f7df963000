/** Puts letters where the caret stands, as if they had been typed. Does nothing outside a text field. */
export function typeInto(target: EventTarget | null, letters: string): void {
  const caret = caretOf(target)
  if (!caret || letters === '') return
  change(caret.field, letters, caret.from, caret.to)
}

/** Takes letters out again that stand before the caret, if they are there. */
export function takeOutBefore(target: EventTarget | null, letters: string): void {
  const caret = caretOf(target)
  if (!caret?.field.value.slice(0, caret.from).endsWith(letters)) return
  change(caret.field, '', caret.from - letters.length, caret.from)
}

type TextField = HTMLInputElement | HTMLTextAreaElement

function caretOf(target: EventTarget | null): { field: TextField; from: number; to: number } | null {
  if (!(target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement)) return null
  const { selectionStart: from, selectionEnd: to } = target
  // Fields for dates and numbers have no caret to speak of, and take no letters.
  return from === null || to === null ? null : { field: target, from, to }
}

function change(field: TextField, letters: string, from: number, to: number): void {
  field.setRangeText(letters, from, to, 'end')
  field.dispatchEvent(new InputEvent('input', { bubbles: true, data: letters, inputType: 'insertText' }))
}
