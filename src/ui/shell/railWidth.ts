/** Width of the rail of places, px. In a file of its own, because server and client both lay out by it. */
export const RAIL_WIDTH = 76
