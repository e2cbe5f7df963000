/** Request header by which the layout learns the nonce of the page it draws. */
export const NONCE_HEADER = 'x-page-nonce'
