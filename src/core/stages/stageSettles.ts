import type { StageId } from './stages'

/** What each stage settles before the next one may begin. Common practice. */
const SETTLES: Readonly<Record<StageId, string>> = {
  intake: 'Which case this is, what is broken and what was promised.',
  open: 'The back is off and its thread or lip is known.',
  decase: 'The movement is out, under cover, and every part that came off has its place.',
  measure: 'What is there has been read, before anything presses on it.',
  'push-out': 'What must come off is off, and nothing else moved.',
  clean: 'Seat, gasket and dial are clean, sound and read.',
  match: 'The parts are chosen, with their reasons.',
  'press-in': 'The crystal is home.',
  align: 'Magnifier, chapter ring, insert and bezel stand true to the dial.',
  close: 'Movement in, back on, no part left over.',
  prove: 'It works and it is tight, with a date and a figure.',
  'hand-back': 'The owner knows what was found, done and tested.',
}

export function stageSettles(stage: StageId): string {
  return SETTLES[stage]
}
