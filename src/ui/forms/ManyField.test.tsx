import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { ManyField } from './ManyField'

const FIELD = {
  kind: 'many',
  name: 'asked',
  label: 'Asked for',
  required: false,
  options: ['crystal', 'gasket', 'battery'].map((value) => ({ value, label: value })),
} as const

function Held({ initial }: { initial: string }) {
  const [value, setValue] = useState(initial)
  return (
    <>
      <ManyField field={FIELD} value={value} error={undefined} onChange={setValue} />
      <output>{value}</output>
    </>
  )
}

describe('ManyField', () => {
  it('takes and leaves options by tap, in the order offered', async () => {
    renderInTheme(<Held initial="battery" />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('checkbox', { name: 'crystal' }))
    expect(screen.getByRole('status')).toHaveTextContent('crystal,battery')
    await user.click(screen.getByRole('checkbox', { name: /battery/ }))
    expect(screen.getByRole('status')).toHaveTextContent('crystal')
  })

  it('is one tab stop: arrows walk it, space takes one', async () => {
    renderInTheme(<Held initial="" />)
    const user = userEvent.setup()
    await user.tab()
    expect(screen.getByRole('checkbox', { name: 'crystal' })).toHaveFocus()
    await user.keyboard('{ArrowRight}{ArrowRight}')
    expect(screen.getByRole('checkbox', { name: 'battery' })).toHaveFocus()
    await user.keyboard(' ')
    expect(screen.getByRole('status')).toHaveTextContent('battery')
    await user.tab({ shift: true })
    expect(document.body).toHaveFocus()
  })

  it('shows what is wrong', () => {
    renderInTheme(
      <ManyField field={FIELD} value="" error="Asked for: not one of these." onChange={() => undefined} />,
    )
    expect(screen.getByText('Asked for: not one of these.')).toBeInTheDocument()
  })
})
