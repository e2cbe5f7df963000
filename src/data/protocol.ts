/** Messages of the query protocols, by their first byte: PostgreSQL documentation, 54.7 Message Formats. */
export const QUERY = 'Q'.charCodeAt(0)
export const PARSE = 'P'.charCodeAt(0)
export const DESCRIBE = 'D'.charCodeAt(0)
export const BIND = 'B'.charCodeAt(0)
export const CLOSE = 'C'.charCodeAt(0)
export const STATEMENT = 'S'.charCodeAt(0)
/** Of the type and the length that every message starts with. */
export const HEAD_BYTES = 5
