import type { VerdictStudy } from './verdictStudy'

/** The study as a Markdown table. */
export function studyTable(study: VerdictStudy): string {
  const percent = (x: number) => `${(100 * x).toFixed(1)} %`
  const rows = study.bins
    .filter((bin) => bin.cases > 0)
    .map(
      (b) =>
        `| ${percent(b.from)}–${percent(b.to)} | ${b.cases} | ${percent(b.meanStated)} | ${percent(b.right)} |`,
    )
  return [
    `${study.cases} simulated cases: verdict right in ${percent(study.rightByVerdict)}, in ${percent(study.rightAfterAsking)} when what it asks for next is measured too (${study.askedPerCase.toFixed(2)} a case), measuring once and rounding right in ${percent(study.rightByRounding)}, expected calibration error ${study.expectedCalibrationError.toFixed(4)}.`,
    '',
    '| old crystal | cases | verdict right | asked next too | measured once, rounded | calibration error |',
    '| --- | ---: | ---: | ---: | ---: | ---: |',
    ...study.kinds.map(
      (k) =>
        `| ${k.kind} | ${k.cases} | ${percent(k.rightByVerdict)} | ${percent(k.rightAfterAsking)} | ${percent(k.rightByRounding)} | ${k.expectedCalibrationError.toFixed(4)} |`,
    ),
    '',
    '| stated | cases | mean stated | right |',
    '| --- | ---: | ---: | ---: |',
    ...rows,
  ].join('\n')
}
