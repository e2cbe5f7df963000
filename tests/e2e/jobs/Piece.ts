import type { Page } from '@playwright/test'
import { expect, OFTEN, press, settled, standing } from '../support/bench'
import { expectReportSettled } from '../support/report'

/** A button not there by then will not come. */
const STUCK_AFTER_MS = 45_000
const RIM_LEVEL = 'Rim level all round'
/** A tick that was not answered by then was not heard. */
const TICKED_WITHIN_MS = 10_000

/** A piece as its owner brings it. */
export interface Intake {
  /** name of a sheet, or of a case never seen: its maker and reference */
  readonly of: string
  /** what a case never seen looks like, and what differs from that, by the labels of its fields */
  readonly looks?: { readonly kind: string; readonly but?: Readonly<Record<string, string | number | true>> }
  readonly owner: string
  readonly cameIn: string
  readonly asked: readonly string[]
  readonly ticks?: readonly string[]
  /** other fields of the tray, by label */
  readonly fields?: Readonly<Record<string, string>>
}

/** One piece carried through the application by mouse and keyboard, as the technician would. */
export class Piece {
  private constructor(
    readonly page: Page,
    readonly number: number,
  ) {}

  /** Takes a piece in through the form for a new tray. */
  static async takenIn(page: Page, intake: Intake): Promise<Piece> {
    page.setDefaultTimeout(STUCK_AFTER_MS)
    await page.goto('/trays/new')
    const chooser = page.getByRole('combobox', { name: 'Case' })
    await chooser.fill(intake.of)
    const known = page.getByRole('option', { name: intake.of, exact: true })
    const fresh = page.getByRole('option', { name: `New case: ${intake.of}` })
    await (intake.looks ? fresh : known).click()
    if (intake.looks) await describe(page, intake.looks)
    await page.getByRole('textbox', { name: 'Owner', exact: true }).fill(intake.owner)
    await choose(page, 'Crystal came in', intake.cameIn)
    const asked = page.getByRole('group', { name: 'Asked for' }).getByRole('checkbox')
    for (const box of await asked.all()) {
      const name = ((await box.textContent()) ?? '').replace(/^✓\s*/, '')
      await box.setChecked(intake.asked.includes(name))
    }
    for (const name of intake.ticks ?? []) await page.getByRole('checkbox', { name, exact: true }).check()
    for (const [label, text] of Object.entries(intake.fields ?? {})) {
      await page.getByRole('textbox', { name: label, exact: true }).fill(text)
    }
    await page.getByRole('button', { name: 'Open the tray' }).click()
    const heading = page.getByRole('heading', { name: /^Tray \d+$/ })
    await expect(heading).toBeVisible()
    await settled(page)
    return new Piece(page, Number((await heading.textContent())?.replace('Tray ', '')))
  }

  /** Ticks the steps of the stage looked at, in order, until what holds the movement is to go back. */
  async movementIn(): Promise<void> {
    await this.work(/^(Clamps|Case screws|Holding ring|Rubber spacers)/)
  }

  /**
   * Ticks every step of the stage looked at that a hand may tick; what readings, picks and runs show is left to them.
   * @param before - goes no further than the step before this one
   */
  async work(before?: RegExp): Promise<void> {
    const open = this.page.getByTestId('step').locator('[role=checkbox][aria-checked=false]:not([disabled])')
    const shown = this.page.getByTestId('step').locator('[role=checkbox][aria-checked=false][disabled]')
    for (let left = await open.count(); left > 0; left = await open.count()) {
      const title = (await open.first().getAttribute('aria-label')) ?? ''
      if (before?.test(title)) return
      // Nobody looks over a rim that is not home: its run is logged first.
      if (title === RIM_LEVEL && (await shown.count()) > 0) return
      // No drop is laid on a case before its plate has warmed it through.
      if (title.startsWith('Condensation test')) await this.cutWaits('warm all through by the thermometer')
      await this.tick(title)
      await expect.poll(() => open.count(), OFTEN).toBeLessThan(left)
    }
  }

  /**
   * Ticks one step. Soon after another one at the same place a click is the second of a double click, and ticks nothing:
   * it is pressed again until it counts.
   */
  private async tick(title: string): Promise<void> {
    const step = this.page.getByRole('checkbox', { name: title, exact: true, checked: false })
    await expect(async () => {
      if ((await step.count()) === 0) return
      const line = step.first().locator('xpath=ancestor::li[1]')
      const isAsked = (await line.getAttribute('data-asks')) !== null
      await step.first().click()
      if (isAsked) await this.answer()
      await expect(step).toHaveCount(0, { timeout: TICKED_WITHIN_MS })
    }).toPass({ timeout: STUCK_AFTER_MS })
  }

  /** Gives the good answer to the step that asks, with what it needs beside it. */
  private async answer(): Promise<void> {
    const question = this.page.getByRole('group', { name: /^Seen: / })
    const needed = question.getByRole('textbox').and(this.page.locator('[required]'))
    if (await needed.count()) await needed.fill('as the class asks, 0.01 mm inward, back again')
    await question.getByRole('button').first().click()
  }

  /** Works every stage there is up to the last of these, nothing left open. */
  async through(...stages: readonly string[]): Promise<void> {
    for (const next of stages) {
      await this.work()
      await this.done(next)
    }
  }

  /** Leaves one step out for a reason. */
  async leaveOut(step: string | RegExp, reason: string): Promise<void> {
    const line = this.page.getByTestId('step').filter({ hasText: step })
    const toggle = line.getByRole('button', { expanded: false })
    if (await toggle.count()) await toggle.first().click()
    await line.getByRole('button', { name: /^Leave out/ }).click()
    await this.sayWhy(reason)
    await expect(line.getByText(`left out: ${reason}`)).toBeVisible()
  }

  /** Says the stage done, nothing left open: a question for a reason fails it. */
  async done(next: string): Promise<void> {
    await press(this.page, 'd')
    await this.standsAt(next)
  }

  /** Says the stage done though something is open, for a reason. */
  async leaves(next: string, reason = ''): Promise<void> {
    await press(this.page, 'd')
    if (reason) {
      await this.sayWhy(reason)
    }
    await this.standsAt(next)
  }

  /** Picks what the list has first. */
  async pick(): Promise<void> {
    await press(this.page, 'p')
    await expect(this.page.getByRole('region', { name: 'Press card' })).toBeVisible()
  }

  /** Logs a run that brought the crystal home, with the tools the card proposes. */
  async logHome(): Promise<void> {
    await this.page.getByRole('button', { name: /^Log the (run|fitting)$/ }).click()
    const logged = this.page.getByRole('heading', { name: 'Runs on this tray' })
    const wentOn = this.page.getByRole('heading', { name: /^(Align|Close)$/ })
    await expect(logged.or(wentOn)).toBeVisible()
  }

  /** Logs a press of the stage looked at with the tools its plan proposes. @param told - what that plan says */
  async pressed(work: string, told: RegExp): Promise<void> {
    const plan = this.page.getByRole('region', { name: work, exact: true })
    const heading = this.page.getByRole('button', { name: new RegExp(`^${work}`) })
    if ((await heading.getAttribute('aria-expanded')) === 'false') await heading.click()
    await expect(plan).toContainText(told)
    await plan.getByRole('button', { name: 'Log this press' }).click()
    await expect(heading).toContainText('logged, the last done')
  }

  /** Logs a run that brought the crystal home, and looks its rim over by eye where it stands as the press left it. */
  async pressHome(): Promise<void> {
    await this.logHome()
    const rim = this.page.getByRole('checkbox', { name: RIM_LEVEL, exact: true, checked: false })
    if ((await rim.count()) === 0) return
    await this.tick(RIM_LEVEL)
    const open = this.page.getByTestId('step').locator('[role=checkbox][aria-checked=false]')
    if ((await open.count()) === 0) await press(this.page, 'd')
  }

  /** Answers the question for a reason; keys are the page's again once it is gone. */
  async sayWhy(reason: string): Promise<void> {
    const dialog = this.page.getByRole('dialog')
    await dialog.getByRole('textbox', { name: 'Reason', exact: true }).fill(reason)
    await press(this.page, 'Enter')
    await expect(dialog).toBeHidden()
  }

  /** From intake to its back off, as tight as it was. */
  async opened(tightness: string): Promise<void> {
    await this.work()
    await this.done('Open')
    await this.page.getByRole('button', { name: tightness, exact: true }).click()
    await this.work()
    await this.done('Decase')
  }

  /** From its back off to its crystal out: parts that hold the movement are counted, its edge is read. */
  async crystalOut(counted: readonly string[], ...thickness: readonly string[]): Promise<void> {
    await this.takeOff(...counted)
    await this.work()
    await this.done('Measure')
    await this.read(...thickness)
    await this.done('Push out')
    await this.work()
    await this.done('Clean')
  }

  /** Reads at Align how far a pair is off its marks, mm by hour, and waits for what the page makes of it. */
  async reads(
    pair: string,
    byHour: Readonly<Record<number, string>>,
    verdict: string | RegExp,
  ): Promise<void> {
    const straight = this.page.getByRole('region', { name: 'Straight' })
    const tab = straight.getByRole('button', { name: new RegExp(`${pair}$`) })
    await tab.click()
    await expect(tab).toHaveAttribute('aria-pressed', 'true')
    const again = straight.getByRole('button', { name: 'Read again as it stands' })
    if (await again.count()) await again.click()
    for (const [hour, text] of Object.entries(byHour))
      await this.page.getByLabel(`Offset at ${hour}, mm`).fill(text)
    // Nobody has read how wide a case never seen is.
    const radius = this.page.getByLabel('Radius, mm')
    if ((await radius.inputValue()) === '') await radius.fill('13')
    await this.page.getByRole('button', { name: 'Keep this look' }).click()
    await expect(straight.getByRole('status').first()).toHaveText(verdict)
    // Keys are the page's again.
    await this.page.getByRole('heading', { name: /^Tray \d+$/ }).click()
  }

  async standsAt(stage: string): Promise<void> {
    await expect(this.page.getByRole('button', { name: `${stage}, the tray is here` })).toBeVisible()
  }

  /** Records what comes off, each by its button. */
  async takeOff(...parts: readonly string[]): Promise<void> {
    const trail = this.page.getByRole('region', { name: 'Parts trail' })
    const count = trail.getByRole('heading')
    for (const part of parts) {
      const before = await count.textContent()
      await trail.getByRole('button', { name: new RegExp(`^${part}( [A-Z])?$`) }).click()
      await expect(count).not.toHaveText(before ?? '')
    }
  }

  /** Counts parts of several kinds back on the trail, all of each at once. */
  async countBack(...parts: readonly string[]): Promise<void> {
    for (const part of parts) {
      const line = this.page.getByTestId('replay-line').filter({ hasText: part })
      await expect(async () => {
        const back = line.getByRole('button', { name: /^(all \d+ )?back/ })
        if (await back.count()) await back.click({ timeout: TICKED_WITHIN_MS })
        await expect(line).toContainText('✓', { timeout: TICKED_WITHIN_MS })
      }).toPass({ timeout: STUCK_AFTER_MS })
    }
  }

  /** Tries to count parts back too early, and reads why they stay off. */
  async refusesBack(part: string, why: RegExp): Promise<void> {
    const line = this.page.getByTestId('replay-line').filter({ hasText: part })
    await line.getByRole('button', { name: /^(all \d+ )?back/ }).click()
    await expect(this.page.getByText(why).first()).toBeVisible()
    await expect(line).not.toContainText('✓')
  }

  /** Types figures one after another where the bar asks for them. */
  async read(...figures: readonly string[]): Promise<void> {
    for (const figure of figures) {
      const before = await standing(this.page)
      await this.page.keyboard.type(figure)
      await press(this.page, 'Enter')
      await expect.poll(() => standing(this.page), OFTEN).toBe(before + 1)
    }
  }

  /** Says that the waits of this tray are over now. */
  async cutWaits(reason: string): Promise<void> {
    const waits = this.page.getByRole('region', { name: 'Waits' })
    const cut = waits.getByRole('button', { name: /^Cut short/ })
    while (await cut.count()) {
      const left = await cut.count()
      await cut.first().click()
      await this.sayWhy(reason)
      await expect.poll(() => cut.count(), OFTEN).toBeLessThan(left)
    }
  }

  /** Takes back the first standing reading that shows this figure. */
  async takeBack(figure: string, reason: string): Promise<void> {
    const before = await standing(this.page)
    await this.page
      .getByRole('button', { name: new RegExp(`^Take back ${figure},`) })
      .first()
      .click()
    await this.sayWhy(reason)
    await expect.poll(() => standing(this.page), OFTEN).toBe(before - 1)
  }

  /** Reads one dimension, chosen in the table of readings. */
  async readThe(dimension: string, ...figures: readonly string[]): Promise<void> {
    await this.page
      .getByRole('button', { name: new RegExp(`${dimension}$`) })
      .first()
      .click()
    await expect(this.page.getByTestId('read-next')).toContainText(dimension)
    await this.read(...figures)
  }

  /** Proves what there is to prove and gives it back; nothing may be left open, and its report says so. */
  async handBack(reported: RegExp | null = null): Promise<void> {
    await this.standsAt('Hand back')
    const hazards = this.page.getByRole('region', { name: 'Hazards' }).getByRole('button', { name: /^[^✓]/ })
    for (let left = await hazards.count(); left > 0; left = await hazards.count()) {
      await hazards.first().click()
      await expect.poll(() => hazards.count(), OFTEN).toBeLessThan(left)
    }
    await this.work()
    await press(this.page, 'd')
    await expect(this.page.getByText('This tray was handed back. Its record stays as it is.')).toBeVisible()
    await expectReportSettled(this.page, reported)
  }

  /** Has the simulated tester record the case. @param does - what it shows */
  async testedDry(does: 'leaks' | 'tight'): Promise<void> {
    const { page } = this
    const line = page.getByRole('button', { name: /^Dry test/ })
    if ((await line.getAttribute('aria-expanded')) === 'false') await line.click()
    const dry = page.getByRole('region', { name: 'Dry test' })
    await dry.getByRole('button', { name: /^(?:Record a test|Test once more)$/ }).click()
    await dry.getByRole('textbox', { name: /^Air inside/ }).fill('2.4')
    await dry.getByRole('combobox', { name: 'Record from' }).click()
    await page.getByRole('option', { name: 'a simulated tester' }).click()
    await dry.getByRole('combobox', { name: 'The case is' }).click()
    await page.getByRole('option', { name: does }).click()
    const keep = dry.getByRole('button', { name: 'Keep the record' })
    await keep.click()
    await expect(keep).toBeHidden()
    await expect(dry.getByRole('status').first()).toHaveText(
      does === 'tight' ? /^✓ Tight: under \d+ µg\/min of air/ : /^Leaks: \d+ µg\/min of air/,
    )
    // Keys are the page's again.
    await page.getByRole('heading', { name: /^Tray \d+$/ }).click()
  }

  /** From Close, all counted, to hand-back: functions, and the day's run cut short for a reason. */
  async provedAndBack(cutShort: string): Promise<void> {
    await this.work()
    await this.done('Prove')
    await this.work()
    await this.cutWaits(cutShort)
    await this.done('Hand back')
    await this.handBack()
  }

  /** Takes in another piece of a case that is known and looks at what it starts from at Match. */
  static async nextOf(page: Page, of: string, owner: string, cameIn: string): Promise<Piece> {
    const next = await Piece.takenIn(page, { of, owner, cameIn, asked: ['crystal'] })
    await next.look('Match')
    return next
  }

  async look(stage: string): Promise<void> {
    const tab = this.page.getByRole('button', { name: new RegExp(`^${stage},`) })
    await tab.click()
    await expect(tab).toHaveAttribute('aria-current', 'step')
  }
}

async function describe(page: Page, { kind, but = {} }: NonNullable<Intake['looks']>): Promise<void> {
  await page.getByRole('button', { name: kind, exact: true }).click()
  if (Object.keys(but).length === 0) return
  await page.getByRole('button', { name: 'differs: change it' }).click()
  for (const [label, value] of Object.entries(but)) {
    if (value === true) await page.getByRole('checkbox', { name: label, exact: true }).check()
    else if (typeof value === 'number') {
      await page.getByRole('textbox', { name: label, exact: true }).fill(String(value))
    } else await choose(page, label, value)
  }
}

async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}
