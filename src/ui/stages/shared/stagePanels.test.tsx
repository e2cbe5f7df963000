import { screen, waitFor, within } from '@testing-library/react'
import { useState } from 'react'
import userEvent from '@testing-library/user-event'
import type { Asked } from '../../../../tests/factories/bench'
import { benchAround } from '../../../../tests/factories/bench'
import { diverFacts, jobFacts } from '../../../../tests/factories/jobFacts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { procedure } from '@/core/procedure/procedure'
import { holderPegs } from '@/core/opening/pegPlacement'
import type { TrayView } from '@/services/tray/trayView'
import { OpeningPanel } from '../open/OpeningPanel'
import { IntakePanel } from '../intake/IntakePanel'
import { JobPanel } from './JobPanel'
import { PastFindings } from './PastFindings'
import { ReopenNote } from './ReopenNote'
import { StandsBefore } from './StandsBefore'

/** The view of a tray whose sheet has what the test is about. */
function viewWith(sheet: Partial<TrayView['sheet']>, job: Parameters<typeof trayViewOf>[0] = {}): TrayView {
  const view = trayViewOf(job)
  return { ...view, sheet: { ...view.sheet, ...sheet } }
}

describe('StandsBefore', () => {
  const standingAt = (
    standsAt: 'open' | 'match',
    looked: 'open' | 'press-in' | 'hand-back',
    finishedAt: string | null = null,
  ) => {
    const view = trayViewOf()
    const shown: string[] = []
    const props = benchAround({ ...view, tray: { ...view.tray, stage: standsAt, finishedAt } }, looked)
    const bench = { ...props.bench, showStage: (stage: string) => void shown.push(stage) }
    renderInTheme(<StandsBefore bench={bench} />)
    return shown
  }

  it('says where the tray stands when a later stage is looked at, and leads back there', async () => {
    const shown = standingAt('match', 'press-in')
    expect(screen.getByRole('note')).toHaveTextContent(
      /^The tray stands at Match: [1-9]\d* open before this\./,
    )
    await userEvent.setup().click(screen.getByRole('button', { name: 'Back to Match' }))
    expect(shown).toEqual(['match'])
  })

  it.each([
    ['where it stands', 'open', 'open', null],
    ['behind it', 'match', 'open', null],
    ['where all that is open is listed', 'match', 'hand-back', null],
    ['on a tray that is back', 'open', 'press-in', '2026-11-24T10:00:00Z'],
  ] as const)('says nothing %s', (_, standsAt, looked, finishedAt) => {
    standingAt(standsAt, looked, finishedAt)
    expect(screen.queryByRole('note')).toBeNull()
  })
})

describe('PastFindings', () => {
  it('names what was found on this case before and where, and is not there where nothing was', () => {
    const nothing = renderInTheme(<PastFindings found={[]} />)
    expect(screen.queryByRole('region')).toBeNull()
    nothing.unmount()
    renderInTheme(
      <PastFindings
        found={[
          { words: 'the back came off: too easy', trays: [213, 190, 176] },
          { words: 'in thread or lip: grit', trays: [209, 150] },
          { words: 'also found: dust', trays: [150] },
        ]}
      />,
    )
    const lines = within(screen.getByRole('region', { name: 'Found on this case before' })).getAllByRole(
      'listitem',
    )
    expect(lines.map((line) => line.textContent)).toEqual([
      'the back came off: too easytray 213 and 2 more',
      'in thread or lip: grittrays 209, 150',
      'also found: dusttray 150',
    ])
  })
})

describe('OpeningPanel', () => {
  it('sets pins for notches, and another circle when a chord was measured', async () => {
    const view = viewWith({
      backKind: 'screw-notched',
      notchCount: 6,
      notchCircleMm: 34.64,
      notchShape: 'round',
    })
    function Opening() {
      const [triedCircleMm, tryCircle] = useState<number | null>(null)
      const props = benchAround(view, 'open')
      return <OpeningPanel {...props} bench={{ ...props.bench, triedCircleMm, tryCircle }} />
    }
    renderInTheme(<Opening />)
    const user = userEvent.setup()
    expect(screen.getByTestId('pin-spacing')).toHaveTextContent('30.00')
    expect(screen.getByText(/round pins of the hole’s diameter/)).toBeInTheDocument()
    await user.click(screen.getByRole('button', { name: /This back differs/ }))
    await user.type(screen.getByLabelText('Measured chord, notches 2 apart'), '28')
    expect(screen.getByTestId('pin-spacing')).toHaveTextContent('28.00')
    await user.clear(screen.getByLabelText('Measured chord, notches 2 apart'))
    await user.type(screen.getByLabelText('Measured chord, notches 2 apart'), '50')
    expect(screen.getByText(/wider than the 38.00 case/)).toBeInTheDocument()
  })

  it('names the socket, or says that none fits', () => {
    const socket = {
      ok: false,
      nearest: null,
      why: 'No knurled socket of 29.50–29.60 in the die drawer.',
    } as const
    const view = viewWith({ backKind: 'screw-coin-edge', backGripMm: 29.5 }, { job: { socket } })
    renderInTheme(<OpeningPanel {...benchAround(view, 'open')} />)
    expect(screen.getByTestId('socket')).toHaveTextContent(/No knurled socket of 29.50/)
  })

  it.each([
    [{ backKind: null }, /does not say how the back is held/],
    [{ backKind: 'screw-notched', notchCount: null }, /does not know the number of notches/],
    [{ backKind: 'screw-polygon', backGripMm: null }, /does not know the width across flats/],
    [{ backKind: 'snap', lipHour: null }, /nobody has noted/],
    [{ backKind: 'plate-screws', backScrewCount: null }, /does not know the number of back screws/],
    [{ backKind: 'one-piece-front-loader' }, /comes out through the front/],
  ] as const)('says what is not known yet: %j', (sheet, words) => {
    renderInTheme(<OpeningPanel {...benchAround(viewWith(sheet), 'open')} />)
    expect(screen.getByText(words)).toBeInTheDocument()
  })

  it('says when four pegs cannot clear crown and pushers', () => {
    const shown = (keepClear: readonly number[]) => {
      const pegs = holderPegs(keepClear)
      const view = viewWith({ backKind: 'snap', lipHour: 8 }, { job: { pegs } })
      return renderInTheme(<OpeningPanel {...benchAround(view, 'open')} />)
    }
    const { unmount } = shown([60, 90, 120])
    expect(screen.getByText(/Two pegs at 12, 6, as read on the dial: 60° clear/)).toBeInTheDocument()
    unmount()
    shown([0, 30, 60, 90, 120, 150])
    expect(screen.getByText(/No pegs clear crown and pushers here/)).toBeInTheDocument()
  })

  it('notes how it came off, and keeps the back closed where the job leaves it so', async () => {
    const work = benchAround(viewWith({ backKind: 'snap', lipHour: 8 }), 'open')
    const { unmount } = renderInTheme(<OpeningPanel {...work} />)
    await userEvent.setup().click(screen.getByRole('button', { name: 'fell open' }))
    expect(work.asked[0]).toMatchObject({
      action: 'noteFinding',
      input: { kind: 'back-tightness', words: 'fell-open' },
    })
    unmount()
    const facts = diverFacts()
    const closed = viewWith({ backKind: 'screw-notched' }, { job: { facts, procedure: procedure(facts) } })
    renderInTheme(<OpeningPanel {...benchAround(closed, 'open')} />)
    expect(screen.getByText('Open: the back stays closed for this job')).toBeInTheDocument()
  })
})

describe('IntakePanel', () => {
  it('says what is asked, how long it takes, and what was found beyond repair', async () => {
    const work = benchAround(
      trayViewOf({
        job: {
          findings: [
            { id: 4, kind: 'cannot-repair', words: 'gouge <b>by 4</b>', foundAt: '2026-11-24T10:00:00.000Z' },
          ],
        },
      }),
      'intake',
    )
    renderInTheme(<IntakePanel {...work} />)
    const user = userEvent.setup()
    expect(screen.getByRole('heading', { name: 'Crystal' })).toBeInTheDocument()
    expect(screen.getByText(/about .* of work, 1 day of waiting/)).toBeInTheDocument()
    expect(screen.getByText(/gouge <b>by 4<\/b>/)).toBeInTheDocument()
    await user.type(screen.getByRole('textbox', { name: 'Cannot be repaired' }), 'scratched hand{Enter}')
    await user.click(screen.getByRole('button', { name: /^Take back: gouge/ }))
    expect(work.asked).toMatchObject([
      { action: 'noteFinding', input: { kind: 'cannot-repair', words: 'scratched hand', stage: 'intake' } },
      { action: 'takeBackNote', input: { findingId: 4 } },
    ])
  })
})

describe('JobPanel', () => {
  it('says what a stage settles, and that this job needs nothing there', () => {
    const facts = jobFacts({ asked: ['battery'], movementKind: 'quartz' })
    const view = trayViewOf({ job: { facts, procedure: procedure(facts) } })
    renderInTheme(<JobPanel {...benchAround(view, 'align')} stage="align" />)
    expect(screen.getByText(/stand true to the dial/)).toBeInTheDocument()
    expect(screen.getByText(/needs nothing here/)).toBeInTheDocument()
  })
})

describe('ReopenNote', () => {
  it('takes a tray in hand again for a reason, and keeps the dialog while there is none', async () => {
    const view = trayViewOf()
    const answer = ({ input }: Asked) =>
      (input as { reason: string }).reason === ''
        ? { ok: false as const, errors: { reason: 'Reason is missing: say in a word why.' } }
        : { ok: true as const, view }
    const { asked, ...props } = benchAround(view, 'hand-back', answer)
    renderInTheme(<ReopenNote {...props} />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Reopen' }))
    const dialog = await screen.findByRole('dialog', { name: /in hand again/ })
    await user.click(within(dialog).getByRole('button', { name: 'Reopen' }))
    expect(await screen.findByText(/Reason is missing/)).toBeInTheDocument()
    await user.type(within(dialog).getByLabelText('Reason'), 'steamed up again{Enter}')
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument())
    expect(asked.at(-1)).toEqual({
      action: 'reopenTray',
      input: { trayId: view.tray.id, reason: 'steamed up again' },
    })
  })
})
