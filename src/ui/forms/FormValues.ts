/** What a record's form holds: text as typed, flags as ticked. Figures are read on the server. */
export type FormValues = Record<string, string | boolean>
