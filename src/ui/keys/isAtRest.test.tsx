import { isAtRest } from './isAtRest'

function focusOn(html: string): EventTarget | null {
  document.body.innerHTML = html
  return document.querySelector('[id=here]')
}

describe('the page at rest', () => {
  it('has the focus itself, or a pane has it that was tapped beside all', () => {
    expect(isAtRest(document.body)).toBe(true)
    expect(isAtRest(focusOn('<main><div id="here" tabindex="-1">steps</div></main>'))).toBe(true)
  })

  it.each([
    '<button id="here">Open</button>',
    '<button id="here" tabindex="-1">Open</button>',
    '<input id="here" />',
    '<div role="presentation" tabindex="-1"><div id="here" tabindex="-1">a dialog</div></div>',
    '<div id="here" tabindex="0">a list that scrolls by keys</div>',
  ])('is not where %s has it', (html) => {
    expect(isAtRest(focusOn(html))).toBe(false)
  })

  it('is nowhere without a target', () => {
    expect(isAtRest(null)).toBe(false)
  })
})
