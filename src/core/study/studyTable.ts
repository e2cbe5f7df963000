import type { KindResult, VerdictStudy } from './verdictStudy'

const percent = (x: number) => `${(100 * x).toFixed(1)} %`
const points = (x: number) => (100 * x).toFixed(2)

/** The study as Markdown tables: every kind of job, and what is stated against what is kept. */
export function studyTable(study: VerdictStudy): string {
  const [all] = study.kinds
  const { named, falseAlarms } = study.conflicts
  return [
    '| old crystal | cases | verdict right | ceiling | ceiling less verdict, points | asked next too | measured once, rounded | calibration error |',
    '| --- | ---: | ---: | ---: | ---: | ---: | ---: | ---: |',
    ...study.kinds.map(kindRow),
    '',
    `Picks stated at 95 % or more: right in ${sureText(all)}. What is asked for next was measured ${study.askedPerCase.toFixed(2)} times a case. Of crystals that were not the size their piece wants ${percent(named)} are named, of those that were ${percent(falseAlarms)}.`,
    '',
    '| stated | cases | mean stated | right |',
    '| --- | ---: | ---: | ---: |',
    ...all.verdict.bins
      .filter((bin) => bin.cases > 0)
      .map(
        (b) =>
          `| ${percent(b.from)}–${percent(b.to)} | ${b.cases} | ${percent(b.meanStated)} | ${percent(b.right)} |`,
      ),
  ].join('\n')
}

function kindRow({ kind, cases, verdict, ceiling, gap, ...also }: KindResult): string {
  return `| ${[
    kind,
    cases,
    percent(verdict.right),
    ceiling ? percent(ceiling.right) : '',
    gap ? `${points(gap.mean)} ± ${points(gap.half)}` : '',
    percent(also.rightAfterAsking),
    percent(also.rightByRounding),
    verdict.calibrationError.toFixed(4),
  ].join(' | ')} |`
}

function sureText({ verdict, ceiling }: KindResult): string {
  const own = `${(100 * verdict.sureRight).toFixed(2)} % of ${verdict.sure}`
  return ceiling
    ? `${own} (the ceiling’s own: ${(100 * ceiling.sureRight).toFixed(2)} % of ${ceiling.sure})`
    : own
}
