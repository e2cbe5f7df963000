/** What acts by keys of its own, also where the Tab key does not stop. */
const ACTS = 'button, a, input, select, textarea, [role], [contenteditable]'

/** Whether a key meant for the page may act: the page has the focus, or a pane that was tapped beside all in it. */
export function isAtRest(target: EventTarget | null): boolean {
  if (target === document.body) return true
  return target instanceof HTMLElement && target.tabIndex < 0 && target.closest(ACTS) === null
}
