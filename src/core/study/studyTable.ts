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
    `${study.cases} simulated cases: verdict right in ${percent(study.rightByVerdict)}, measuring once and rounding right in ${percent(study.rightByRounding)}, expected calibration error ${study.expectedCalibrationError.toFixed(4)}.`,
    '',
    '| stated | cases | mean stated | right |',
    '| --- | ---: | ---: | ---: |',
    ...rows,
  ].join('\n')
}
