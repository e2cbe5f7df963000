/** Options chosen among the schools of a step, by the school's id; one left out follows the usual way. */
export type ChosenOptions = Readonly<Partial<Record<string, string>>>
