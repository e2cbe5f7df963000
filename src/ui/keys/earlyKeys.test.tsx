import { EARLY_KEYS_SCRIPT, replayEarlyKeys } from './earlyKeys'

/** Runs the script as the head of a page does. */
function loadPage(): void {
  const script = document.createElement('script')
  script.textContent = EARLY_KEYS_SCRIPT
  document.head.append(script)
}
function type(...keys: readonly string[]): void {
  for (const key of keys)
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
}

let heard: string[]
const hear = (event: KeyboardEvent) => heard.push(event.key)
beforeEach(() => {
  heard = []
  document.addEventListener('keydown', hear)
})
afterEach(async () => {
  document.removeEventListener('keydown', hear)
  document.body.replaceChildren()
  await replayEarlyKeys()
})

describe('keys typed before the page answers', () => {
  it('are kept and handed over whole and in order', async () => {
    loadPage()
    type('2', '.', '5', '0', 'Enter')
    expect(heard).toEqual([])
    await replayEarlyKeys()
    expect(heard).toEqual(['2', '.', '5', '0', 'Enter'])
  })

  it('come before what is typed while they are handed over, and leave the keys alone after', async () => {
    loadPage()
    type('3', '1')
    const done = replayEarlyKeys()
    type('.', '5')
    await done
    type('d')
    expect(heard).toEqual(['3', '1', '.', '5', 'd'])
  })

  it('are those of a figure: a shortcut, or an Enter without one, goes its usual way', async () => {
    loadPage()
    type('Enter', 'Backspace', 'd', 'p')
    expect(heard).toEqual(['Enter', 'Backspace', 'd', 'p'])
    await replayEarlyKeys()
    expect(heard).toHaveLength(4)
  })

  it('go into the field that has the focus', async () => {
    loadPage()
    type('4', '2', 'Enter')
    const field = document.createElement('input')
    document.body.append(field)
    field.focus()
    await replayEarlyKeys()
    expect(field.value).toBe('42')
    expect(heard).toEqual([])
  })
})
