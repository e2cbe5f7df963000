import type { KeptPartOut, KeptTray } from './KeptTray'

/** What is out of the drawers to seal back and crown: every O-ring, and every ring that is none of the crystal's own. */
export function sealsOut({ partsOut, picked }: Pick<KeptTray, 'partsOut' | 'picked'>): KeptPartOut[] {
  const ofCrystal = [picked?.gasket?.id, picked?.bezelGasket?.id]
  return partsOut.filter(
    ({ kind, partId }) => kind === 'o-ring' || (kind === 'gasket' && !ofCrystal.includes(partId)),
  )
}
