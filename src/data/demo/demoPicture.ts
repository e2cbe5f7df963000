import sharp from 'sharp'
import { planPoint } from '@/core/plan-view/planViewGeometry'
import { seededRandom } from '@/devices/seededRandom'
import type { CrystalState } from '@/core/intake/crystalStates'

const SIDE_PX = 640
const CENTRE = SIDE_PX / 2
const CASE_PX = 250
const DIAL_PX = 205

/**
 * A drawn stand-in for a photograph: an invented piece from above, its damage where the state says so.
 * @param seed - the same seed draws the same cracks
 */
export async function demoPicture(seed: number, state: CrystalState) {
  const random = seededRandom(seed)
  const at = (radius: number, deg: number) => {
    const { xMm, yMm } = planPoint(radius, deg)
    return `${(CENTRE + xMm).toFixed(1)} ${(CENTRE + yMm).toFixed(1)}`
  }
  const markers = Array.from(
    { length: 12 },
    (_, hour) =>
      `<path d="M${at(DIAL_PX - 12, hour * 30)}L${at(DIAL_PX - 38, hour * 30)}" stroke="#efe7d2" stroke-width="9"/>`,
  )
  const cracked = state === 'cracked' || state === 'shattered'
  const hit = planPoint(random.uniform(40, 120), random.uniform(0, 360))
  const cracks = cracked
    ? Array.from({ length: state === 'shattered' ? 13 : 3 }, () => {
        const deg = random.uniform(0, 360)
        const bend = at(random.uniform(60, 150), deg + random.uniform(-14, 14))
        return `<path d="M${(CENTRE + hit.xMm).toFixed(1)} ${(CENTRE + hit.yMm).toFixed(1)}L${bend}L${at(DIAL_PX, deg)}" fill="none" stroke="#ffffff" stroke-opacity="0.75" stroke-width="2.4"/>`
      })
    : []
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${SIDE_PX}" height="${SIDE_PX}">
    <rect width="100%" height="100%" fill="#cbbfa6"/>
    <rect x="${CENTRE - 95}" y="0" width="190" height="${SIDE_PX}" fill="#4a3b2e"/>
    <rect x="${CENTRE + CASE_PX - 8}" y="${CENTRE - 24}" width="44" height="48" rx="6" fill="#8b8f8e"/>
    <circle cx="${CENTRE}" cy="${CENTRE}" r="${CASE_PX}" fill="#9aa09e" stroke="#6d7472" stroke-width="5"/>
    <circle cx="${CENTRE}" cy="${CENTRE}" r="${DIAL_PX}" fill="#22313a"/>
    ${markers.join('')}
    <path d="M${CENTRE} ${CENTRE}L${at(110, 305)}" stroke="#efe7d2" stroke-width="11"/>
    <path d="M${CENTRE} ${CENTRE}L${at(165, 66)}" stroke="#efe7d2" stroke-width="7"/>
    ${cracks.join('')}
  </svg>`
  const { data, info } = await sharp(Buffer.from(svg))
    .jpeg({ quality: 80 })
    .toBuffer({ resolveWithObject: true })
  return { bytes: new Uint8Array(data), widthPx: info.width, heightPx: info.height }
}
