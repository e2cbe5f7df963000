import { crystalIsHome } from '@/core/section/caseLayers'
import type { TrayView } from '@/services/tray/trayView'
import type { SectionModel } from '../../section/sectionModel'

/** The section of the case as it stands now, the same on both sides: as planned once the crystal is home, as found else. */
export function asItStands(model: SectionModel, view: TrayView): SectionModel {
  if (!crystalIsHome(view.job.trail.lines)) return { ...model, planned: model.found }
  return { ...model, found: model.planned }
}
