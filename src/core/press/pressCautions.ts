import type { Construction } from '../construction/Construction'

/** What to mind while a crystal goes in. Common practice. */
export function pressCautions(
  { pressed, cautions }: Pick<Construction, 'pressed' | 'cautions'>,
  glassSplinters: boolean,
): string[] {
  return [
    ...(pressed ? ['Eye protection on: a crystal under a press can burst.'] : []),
    ...(glassSplinters
      ? ['Glass splinters on this tray: finger cots, and no fragment left on seat, dial or gasket.']
      : []),
    ...(pressed ? ['Fingers clear of the dies: a press stores energy.'] : []),
    ...cautions,
    'Finger cots on: the underside cannot be cleaned later.',
  ]
}
