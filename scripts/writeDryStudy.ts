// Writes docs/dry-study.md: how often a dry test's verdict is right, on records with known truth.
import fs from 'node:fs'
import { format } from 'prettier'
import { DRY_TEST_POLICY } from '@/core/dry-test/dryTestPolicy'
import { dryStudy } from '@/devices/simulated-dry-test/dryStudy'

const RECORDS = Number(process.argv[2] ?? 2000)
const SEED = 11

const study = dryStudy(RECORDS, SEED, DRY_TEST_POLICY)
const percent = (share: number) => `${(100 * share).toFixed(2)} %`
const rows: readonly (readonly [what: string, is: string])[] = [
  ['records that could give a 90 % answer, by what is true of them', String(study.decidable)],
  ['of these decided', percent(study.decided)],
  ['of the decided rightly', percent(study.right)],
  ['bad cases that passed', percent(study.falsePass)],
  ['passes that the record could not have earned, of all records', percent(study.unearned)],
  ['wide open cases that passed', String(study.grossPassed)],
  ['true leaks that their interval of 95 % holds', percent(study.covered)],
  ['bad cases that a plain slope, the usual drift taken off, would pass', percent(study.slopePassed)],
]
const page = `# A dry test: how often its verdict is right

Written by \`npm run study\`. ${RECORDS} records of \`devices/simulated-dry-test\`, which knows nothing of the judge: leaks over four
decades, three of ten near the limit and some cases wide open, 0.8 to 4 cm³, 2 to 10 bar, 40 to 900 s, noise of .01 to .05 µm,
a tester that drifts and bends as it warms, a little otherwise each time. The limit is ${DRY_TEST_POLICY.limitUgPerMin} µg/min of air.

| what | |
| --- | --- |
${rows.map(([what, is]) => `| ${what} | ${is} |`).join('\n')}

The judge is not told the true drift nor how far this very case goes in. It gets three to eight blank runs of the same tester, as
records, and how far such cases usually go in with its spread. The plain slope has the tester's usual drift taken off whole.
`
fs.writeFileSync('docs/dry-study.md', await format(page, { parser: 'markdown', printWidth: 120 }))
console.log(page)
