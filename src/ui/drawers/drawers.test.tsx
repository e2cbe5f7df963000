import { jest } from '@jest/globals'
import { act, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { PartsFound } from '@/services/drawers/drawersPage'
import { stockCrystal } from '../../../tests/factories/parts'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import type { CountOutcome } from '@/services/drawers/stockCount'
import { CountPage } from './CountPage'
import { EmptyDrawer } from './EmptyDrawer'
import { ListColumns } from './ListColumns'
import { ListPreviewPanel } from './ListPreviewPanel'
import { OrderPage } from './OrderPage'

const ORDER = {
  supplier: 'Greystone Glass',
  supplierCode: 'GG 300',
  code: 'MF-300-10',
  description: '30.0 × 1.0 flat mineral crystal',
  there: 0,
  order: 6,
  priceCents: 690,
}

describe('OrderPage', () => {
  it('groups by supplier and puts a run of sizes on the list, none of them twice', async () => {
    const more = {
      ...ORDER,
      code: '',
      supplier: '',
      supplierCode: '',
      description: '30.1 × 1.0 flat mineral crystal',
    }
    const assortment = jest.fn(() => Promise.resolve({ ok: true as const, lines: [ORDER, more], sizes: 51 }))
    renderInTheme(<OrderPage low={[ORDER]} assortment={assortment} />)
    expect(screen.getByRole('region', { name: 'Greystone Glass' })).toHaveTextContent('GG 300')
    await userEvent.setup().click(screen.getByRole('button', { name: 'Put a run on the list' }))
    expect(await screen.findByText('2 of 51 sizes put on the list.')).toBeInTheDocument()
    expect(assortment).toHaveBeenCalledWith({
      fromMm: 28,
      toMm: 33,
      stepMm: 0.1,
      each: 3,
      edgeThicknessMm: 1,
      material: 'mineral',
    })
    expect(screen.getAllByRole('textbox', { name: /^Order of/ })).toHaveLength(2)
    expect(screen.getByRole('region', { name: 'No supplier' })).toHaveTextContent('no code yet')
    const total = () => screen.getByRole('region', { name: 'Greystone Glass' }).textContent
    expect(total()).toContain('41.40')
    await userEvent.setup().type(screen.getByRole('textbox', { name: /^Order of 30.0/ }), '0')
    expect(total()).toContain('414.00')
  })

  it('says what is wrong with a run at its field', async () => {
    const assortment = () =>
      Promise.resolve({ ok: false as const, errors: { stepMm: 'Step: 0 mm is less than 0.05 mm.' } })
    renderInTheme(<OrderPage low={[]} assortment={assortment} />)
    expect(screen.getByText(/Nothing has run low/)).toBeInTheDocument()
    await userEvent.setup().click(screen.getByRole('button', { name: 'Put a run on the list' }))
    expect(await screen.findByText('Step: 0 mm is less than 0.05 mm.')).toBeInTheDocument()
  })
})

describe('EmptyDrawer', () => {
  it('says what to do first, and offers a run to order for crystals alone', () => {
    const { unmount } = renderInTheme(<EmptyDrawer kind="crystal" />)
    expect(screen.getByRole('heading', { name: 'No crystals in the drawers yet' })).toBeInTheDocument()
    expect(screen.getByRole('link', { name: /Import a supplier/ })).toHaveAttribute(
      'href',
      '/drawers/import?kind=crystal',
    )
    expect(screen.getByRole('link', { name: 'order a run' })).toHaveAttribute('href', '/drawers/order')
    unmount()
    renderInTheme(<EmptyDrawer kind="o-ring" />)
    expect(screen.getByRole('heading', { name: 'No O-rings in the drawers yet' })).toBeInTheDocument()
    expect(screen.getByText(/with “New O-ring”/)).toBeInTheDocument()
    expect(screen.queryByRole('link', { name: 'order a run' })).toBeNull()
  })
})

describe('CountPage', () => {
  const rows = [1, 2].map((id) => ({ ...stockCrystal({ id, code: `C-${id}`, quantity: 3 }) }))

  it('goes through a shelf, tells what differed, and keeps a figure that is none', async () => {
    const found: PartsFound = { ok: true, kind: 'crystal', rows, total: 2 }
    const fetched = jest.fn(() => Promise.resolve({ json: () => Promise.resolve(found) }))
    globalThis.fetch = fetched as unknown as typeof fetch
    const count = jest.fn((input: unknown) => {
      const { counted } = input as { counted: number }
      return Promise.resolve(
        Number.isInteger(counted)
          ? { ok: true as const, quantity: counted, change: counted - 3 }
          : { ok: false as const, errors: { counted: 'Counted: type a whole number.' } },
      )
    })
    renderInTheme(<CountPage count={count} />)
    const user = userEvent.setup()
    await user.type(screen.getByLabelText('Shelf'), 'C-14{Enter}')
    const figure = await screen.findByRole('textbox', { name: 'Counted' })
    await waitFor(() => expect(figure).toHaveFocus())
    await user.keyboard('some{Enter}')
    expect(await screen.findByText('C-1: Counted: type a whole number.')).toBeInTheDocument()
    expect(figure).toHaveValue('some')
    await user.clear(figure)
    await user.keyboard('1{Enter}')
    expect(await screen.findByText('1, 2 fewer')).toBeInTheDocument()
    await user.keyboard('3{Enter}')
    expect(await screen.findByText('Shelf counted: 1 of 2 lines differed.')).toBeInTheDocument()
    // Under a key: sent once more, it is counted once.
    expect(count).toHaveBeenLastCalledWith(
      { kind: 'crystal', partId: 2, counted: 3 },
      expect.stringMatching(/^[0-9a-f-]{36}$/),
    )
  })

  it('takes the next line’s figure while one is being stored, and says which was refused', async () => {
    const found: PartsFound = { ok: true, kind: 'crystal', rows, total: 2 }
    globalThis.fetch = (() =>
      Promise.resolve({ json: () => Promise.resolve(found) })) as unknown as typeof fetch
    const answers: ((outcome: CountOutcome) => void)[] = []
    renderInTheme(<CountPage count={() => new Promise((answer) => answers.push(answer))} />)
    const user = userEvent.setup()
    await user.type(screen.getByLabelText('Shelf'), 'C-14{Enter}')
    const figure = await screen.findByRole('textbox', { name: 'Counted' })
    await waitFor(() => expect(figure).toHaveFocus())
    await user.keyboard('4{Enter}')
    await user.keyboard('12')
    act(() => answers[0]?.({ ok: false, errors: { form: 'Not stored: Whyalon does not answer.' } }))
    expect(await screen.findByText('C-1: Not stored: Whyalon does not answer.')).toBeInTheDocument()
    expect(screen.getByText('4, not stored')).toBeInTheDocument()
    expect(figure).toHaveValue('12')
    await user.keyboard('{Enter}')
    act(() => answers[1]?.({ ok: true, quantity: 12, change: 9 }))
    expect(await screen.findByText('12, 9 more')).toBeInTheDocument()
    expect(screen.queryByText(/Shelf counted/)).toBeNull()
  })

  it('says so when nothing lies there', async () => {
    globalThis.fetch = (() =>
      Promise.resolve({
        json: () => Promise.resolve({ ok: true, kind: 'crystal', rows: [], total: 0 }),
      })) as unknown as typeof fetch
    renderInTheme(<CountPage count={() => Promise.resolve({ ok: true, quantity: 0, change: 0 })} />)
    await userEvent.setup().type(screen.getByLabelText('Shelf'), 'Q-9{Enter}')
    expect(await screen.findByText('Shelf Q-9: no crystals lie there.')).toBeInTheDocument()
  })
})

describe('ListColumns', () => {
  it('gives a field to one column only and asks for what the list leaves out', async () => {
    const onMapping = jest.fn()
    renderInTheme(
      <ListColumns
        kind="crystal"
        list={{ name: 'x.csv', text: '', headings: ['A', 'B'], sample: [['300', '1,0']], rows: 1 }}
        mapping={{ A: { field: 'diameterMm', unit: 'tenths of mm' } }}
        onMapping={onMapping}
        defaultsFor={['material', 'drawer']}
        defaults={{}}
        onDefaults={jest.fn()}
      />,
    )
    expect(screen.getByLabelText('Material')).toBeInTheDocument()
    expect(screen.getByText('tenths of mm')).toBeInTheDocument()
    const user = userEvent.setup()
    await user.click(screen.getAllByRole('combobox')[2] as HTMLElement)
    await user.click(await screen.findByRole('option', { name: 'Diameter' }))
    expect(onMapping).toHaveBeenCalledWith({ B: { field: 'diameterMm', unit: 'mm' } })
  })
})

describe('ListPreviewPanel', () => {
  it('names the line, the column and the reason', () => {
    const firstBad = [{ line: 9, cells: [], reason: 'Ø (mm): “abc” is not a figure: write it as 30.0.' }]
    renderInTheme(<ListPreviewPanel preview={{ good: 4963, bad: 37, firstBad }} />)
    expect(screen.getByRole('heading')).toHaveTextContent('4963 rows would land, 37 would not')
    expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('line 9')
  })
})
