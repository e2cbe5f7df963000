/**
 * What a page of ours may load and do: only what comes from here, scripts only with the page's own nonce. Content
 * Security Policy Level 3 (W3C). Styles that the server writes into elements cannot carry a nonce.
 * @param nonce - made anew for every page
 * @param developing - true while the page is served from its sources, which loads it by eval
 */
export function contentPolicy(nonce: string, developing: boolean): string {
  const own = `'self' 'nonce-${nonce}'`
  return [
    `default-src 'none'`,
    `script-src ${own}${developing ? " 'unsafe-eval'" : ''}`,
    `style-src ${own}`,
    `style-src-attr 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `worker-src 'self' blob:`,
    `manifest-src 'self'`,
    `form-action 'self'`,
    `base-uri 'none'`,
    `frame-ancestors 'none'`,
    `object-src 'none'`,
  ].join('; ')
}

/** Abilities of a browser that the bench uses itself; the others are for nobody. Permissions Policy (W3C). */
const OURS = ['camera', 'screen-wake-lock', 'autoplay']
const NOBODYS = [
  'accelerometer',
  'bluetooth',
  'display-capture',
  'encrypted-media',
  'geolocation',
  'gyroscope',
  'hid',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'publickey-credentials-get',
  'serial',
  'usb',
  'xr-spatial-tracking',
]

/** Headers that everything we answer carries beside its policy. */
export const ANSWER_HEADERS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  // “no-referrer” would have the browser send our own forms with the origin “null”.
  'Referrer-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': [
    ...OURS.map((name) => `${name}=(self)`),
    ...NOBODYS.map((name) => `${name}=()`),
  ].join(', '),
}
