import { expose } from 'comlink'
import { readPhotograph } from '#core/reading/photograph'

const work = { read: readPhotograph }
export type PhotographWork = typeof work

expose(work)
