import { expose } from 'comlink'
import { readBars } from '#shared/bars'

const work = { read: readBars }
export type BarsWork = typeof work

expose(work)
