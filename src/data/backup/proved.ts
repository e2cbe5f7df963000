/** Ending of the file that says when a backup was last shown to restore. */
export const PROVED = '.proved'
