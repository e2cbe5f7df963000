/** Further off than this no tick is taken for the one beside it, mm. From memory. */
export const MOST_OFFSET_MM = 3
/** Rings of watches. From memory. */
export const LEAST_RADIUS_MM = 3
export const MOST_RADIUS_MM = 40
/** What an owner may let pass, mm. */
export const LEAST_LIMIT_MM = 0.02
export const MOST_LIMIT_MM = 2
/** A dial lies below its ring by no more, mm. From memory. */
export const MOST_DEPTH_MM = 5
