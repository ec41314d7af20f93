import { expose } from 'comlink'
import type { Mapping } from '#core/stock/table/fields'
import { readRows, type TableHabits } from '#core/stock/table/rows'
import { readTableFile } from '#shared/tableFile'

/** What takes a while of somebody's table: opening it, and reading each of its cells. */
const work = {
  open: async (file: File) => readTableFile(await file.arrayBuffer()),
  read: (rows: string[][], mapping: Mapping, habits: TableHabits) => readRows(rows, mapping, habits),
}
export type TableWork = typeof work

expose(work)
