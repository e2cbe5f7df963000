import type { BackKind } from '../../opening/backKinds'
import type { ComputedTools } from '../Step'

/** What takes a back off, in words; screwed backs go on again with the same. */
export function backTools(kind: BackKind | null, computed: Pick<ComputedTools, 'pins' | 'socket'>): string[] {
  switch (kind) {
    case 'screw-notched':
      return ['case holder', computed.pins ?? 'back wrench with pins that fill the notch']
    case 'screw-coin-edge':
    case 'screw-polygon':
      return ['case holder', computed.socket ?? 'matching socket']
    case 'snap':
      return ['thin blade', 'case knife']
    case 'plate-screws':
      return ['driver as wide as the slot']
    default:
      return []
  }
}
