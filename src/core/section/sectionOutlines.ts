import { constructionOf } from '../construction/constructions'
import type { Retention } from '../construction/kinds'
import type { DrawnParts, JointFigures } from './drawnParts'
import type { Outline } from './outline'
import type { SectionCase } from './sectionGeometry'

/** One half of the section: the case by how its crystal is held, with what lies in it. */
export function sectionOutlines(
  retention: Retention,
  section: SectionCase,
  joint: JointFigures,
  parts: DrawnParts,
): Outline[] {
  return constructionOf(retention).outlines(section, joint, parts)
}
