import { isClassStated } from '../intake/waterClass'
import type { TrayCase } from '../tray/trayCase'
import type { DraftLine } from './OwnerLetter'

/** How a piece is to be kept, by what it is and what its test said. Common practice. */
export function careLines({ kept, facts, dryTest }: TrayCase): DraftLine[] {
  const tight = dryTest?.isTight ?? false
  const wet = tight && isClassStated(kept.tray)
  return [
    ...(wet ? [] : [{ key: 'care-dry', words: 'Keep it from water, steam and the shower.' }]),
    ...(wet && facts.crownKind === 'screw-down'
      ? [{ key: 'care-crown', words: 'Screw the crown down before it goes near water.' }]
      : []),
    ...(wet && facts.crownKind === 'push-pull'
      ? [{ key: 'care-crown', words: 'Push the crown in before it goes near water.' }]
      : []),
    ...(wet && facts.pushers ? [{ key: 'care-pushers', words: 'Press no button under water.' }] : []),
    ...(wet
      ? [
          {
            key: 'care-salt',
            words: 'Rinse it with fresh water after the sea or the pool; no hot water, no sauna.',
          },
        ]
      : []),
    ...(facts.crystalMaterial === 'acrylic'
      ? [
          {
            key: 'care-acrylic',
            words: 'Its crystal is acrylic: it scratches and can be polished. No solvent, no alcohol.',
          },
        ]
      : []),
  ]
}
