/*
 * Cells that a spreadsheet would take for a formula: what leaves is marked with an apostrophe, as spreadsheets themselves mark text, and
 * what comes in loses the mark again. What begins with apostrophes before such a sign gets one more, so that nothing is lost on the way.
 */

const RISKY = /^'*[=+\-@\t\r\n]/
const MARKED = /^''*[=+\-@\t\r\n]/

export const harmless = (cell: string): string => (RISKY.test(cell) ? `'${cell}` : cell)
export const fromHarmless = (cell: string): string => (MARKED.test(cell) ? cell.slice(1) : cell)
