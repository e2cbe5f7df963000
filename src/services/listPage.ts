import Joi from 'joi'

/** One page of a list, as a page asks for it. */
export interface ListPageSent {
  readonly q: string
  readonly page: number
  readonly size: number
  /** `field:asc`; empty for the usual order */
  readonly sort: string
}

const MOST_ROWS = 200
export const MOST_SEARCH_TEXT = 200

/** Fields of a message that asks for a page of a list. */
export const LIST_PAGE_FIELDS = {
  q: Joi.string().allow('').max(MOST_SEARCH_TEXT).default(''),
  page: Joi.number().integer().min(0).max(1_000_000).default(0),
  size: Joi.number().integer().min(1).max(MOST_ROWS).default(50),
  sort: Joi.string()
    .allow('')
    .pattern(/^[A-Za-z]+:(asc|desc)$/)
    .default(''),
} as const

/** The same as an address says it; what it leaves out is left to the usual. */
export function listPageIn(given: URLSearchParams): Record<string, string | number> {
  const number = (name: string) => (given.has(name) ? { [name]: Number(given.get(name)) } : {})
  return { q: given.get('q') ?? '', sort: given.get('sort') ?? '', ...number('page'), ...number('size') }
}
