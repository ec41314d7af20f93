import { agreementPaper, quotePaper, type JobPaper } from '../services/papers/jobPapers'
import { labelSheet, type LabelOrder } from '../services/papers/labelSheet'
import { questionSheet } from '../services/papers/questionSheet'
import { makeBackup } from './backup'
import { rewriteFile } from './erase'
import { readEverything, writeEverything } from './openJson'
import { faultsOf, withFile } from './raw'
import { compare, replaceRows, unpack } from './restore'
import { exportReadable, salvage } from './salvage'

/** What is printed, and the folder of the type it is printed in. */
interface Printed<T> {
  order: T
  fonts: string
}

/** What the keeper's thread can be asked for. */
const tasks = {
  'backup': makeBackup,
  'unpack': ({ zip, to, migrations }: { zip: string; to: string; migrations: string }) => unpack(zip, to, migrations),
  'compare': ({ database, other }: { database: string; other: string }) => compare(database, other),
  'replace': ({ database, other }: { database: string; other: string }) => replaceRows(database, other),
  'rewrite': ({ database, until }: { database: string; until: number }) => rewriteFile(database, until),
  'check': ({ database }: { database: string }) => withFile(database, faultsOf),
  'salvage': ({ folder, migrations, at }: { folder: string; migrations: string; at: string }) =>
    salvage(folder, migrations, at),
  'question sheet': ({ fonts }: { fonts: string }) => questionSheet(fonts),
  'labels': ({ order, fonts }: Printed<LabelOrder>) => labelSheet(order, fonts),
  'quote': ({ order, fonts }: Printed<JobPaper>) => quotePaper(order, fonts),
  'agreement': ({ order, fonts }: Printed<JobPaper>) => agreementPaper(order, fonts),
  'write everything': ({ database, to, app, at }: { database: string; to: string; app: string; at: string }) =>
    writeEverything(database, to, app, at),
  'read everything': ({ file, to, migrations }: { file: string; to: string; migrations: string }) =>
    readEverything(file, to, migrations),
  'export': ({ database }: { database: string }) => exportReadable(database),
} as const

export type KeepingTasks = typeof tasks

export const run = <T extends keyof KeepingTasks>(
  task: T,
  order: Parameters<KeepingTasks[T]>[0],
): Promise<Awaited<ReturnType<KeepingTasks[T]>>> =>
  (tasks[task] as (order: unknown) => Promise<Awaited<ReturnType<KeepingTasks[T]>>>)(order)
