import * as is from '../../checks/rules'
import type { DemoHere } from './demo'

/** Taking a backup that was looked at. */
export class RestoreInput {
  @is.Id() id!: string
}

export interface BackupFile {
  name: string
  createdAt: string
  bytes: number
}

/** What is kept, and what needs a hand. */
export interface Keeping {
  /** False where a libSQL server keeps the data with its own means. */
  here: boolean
  /** Newest first. */
  backups: BackupFile[]
  troubles: string[]
}

export interface KeepingAnswer extends Keeping {
  demo: DemoHere
}

/** How one table of a backup differs from the data of today. */
export interface TableDifference {
  table: string
  here: number
  there: number
  /** Rows that only the data of today hold: a restore would take them away. */
  onlyHere: number
  onlyThere: number
  changed: number
}

/** A backup ready to be restored, and what that would change. */
export interface Preview {
  id: string
  createdAt: string
  app: string
  reason: string
  pictures: number
  /** Tables in which it differs from the data of today; null where those cannot be read. */
  differences: TableDifference[] | null
}

export interface Restored {
  /** The backup of the data as they were before; null where those could not be read. */
  before: BackupFile | null
  sentence: string
}

/** How far an erasure has come. */
export interface Erased {
  /** Nothing of theirs can be seen any more: true as soon as this is answered. */
  rows: true
  /** No byte of theirs is left in the file and the backups. */
  bytes: boolean
  sentence: string
}
