import { expose } from 'comlink'
import { readPasted } from '#core/stock/table/pasted'

/** A pasted list, read beside the page, with how far it is. */
const work = {
  read: (lines: string[], today: string, headed: number | null | undefined, report: (done: number) => void) =>
    readPasted(lines, today, headed, report),
}
export type ListWork = typeof work

expose(work)
