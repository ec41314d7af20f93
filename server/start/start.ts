import { allowedHosts, backupFolder, databaseServer, isDemo, warmsUp } from '../base/config'
import { closeDatabase, onHeld, startIsOver } from '../db/connection'
import { Held, heldAtStart } from '../db/held'
import { releaseFolder } from '../db/lock'
import { startPool, stopPool } from '../compute/pool'
import { errorDetail, log, tell } from '../base/log'
import { stockSimulatedSuppliers } from '../services/buying/buys'
import { loadDemo } from '../demo/demo'
import { markOldReasons } from '../services/record/oldReasons'
import { warmPlans } from '../services/plans/plans'
import { forgetQuarantine } from '../services/record/validRows'
import { forgetAnswers } from '../services/record/once'
import { lookThroughBeside } from '../services/data/quarantine'
import { clearHalves } from '../keeping/backup'
import { finishErasing } from '../keeping/erasing'
import { backUpDaily, checkIntegrity, clearWork } from '../keeping/keeping'
import { endDemo, endWithOther } from './demoBeside'
import { CannotStart, openData, watchRoom } from '../keeping/open'
import { dataState, trouble } from '../keeping/state'
import { stopKeeper } from '../keeping/thread'

/* The course of a process: open, listen, then see to what takes longer, and close. */

const HOURLY_MS = 3_600_000

/** Opens the data and brings them to where they can be served; ends the process with a sentence where that has no sense. */
export async function begin(): Promise<void> {
  // Ten seconds are what a person waits before pulling the plug; read by the server that is about to be made.
  process.env.NITRO_SHUTDOWN_TIMEOUT ??= '8000'
  outliveReaders()
  watchForTakenPort()
  allowedHosts()
  onHeld(sentence => trouble('held', sentence))
  try {
    await reopen()
  } catch (problem) {
    end(problem)
  }
  const state = dataState()
  if (!state.usable) tell(`${state.sentence} Varietas serves only a page for that.`)
}

let listens = false

/** Opens the data, for the first time or after they were restored or repaired. */
export async function reopen(): Promise<void> {
  forgetQuarantine()
  forgetAnswers()
  await openData()
  if (!dataState().usable) return
  if (isDemo()) await loadDemo()
  // None of these is worth a start that fails: what is not done now is done at the next.
  await tried('suppliers', stockSimulatedSuppliers)
  await tried('reasons', markOldReasons)
  await tried('erasing', finishErasing)
  if (listens) lookThroughBeside()
  if (databaseServer()) return
  await tried('halves', () => clearHalves(backupFolder()))
  await tried('restoring', clearWork)
}

async function tried(step: string, work: () => Promise<unknown>): Promise<void> {
  try {
    await work()
  } catch (problem) {
    log('warning', 'not done', { step, ...errorDetail(problem) })
  }
}

function end(problem: unknown): never {
  if (problem instanceof CannotStart) tell(problem.message)
  else if (problem instanceof Held) tell(heldAtStart(problem.by))
  else {
    log('error', 'start failed', errorDetail(problem))
    tell(
      problem instanceof Error && problem.message.startsWith('VARIETAS_DATA')
        ? problem.message
        : 'Varietas could not start. Nothing was changed. The line above says where it broke off.',
    )
  }
  process.exit(1)
}

/** The reader of this output has gone: ignore it, and do not report that by writing again. */
function outliveReaders(): void {
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined)
}

/** The server that listens is made elsewhere: what keeps it from listening comes here. */
function watchForTakenPort(): void {
  process.on('uncaughtException', problem => {
    const { syscall, code, port, address } = problem as NodeJS.ErrnoException & { port?: number; address?: string }
    if (syscall !== 'listen') {
      log('error', 'uncaught', errorDetail(problem))
      return
    }
    const where = `${address ?? ''}:${port ?? ''}`
    tell(
      code === 'EADDRINUSE'
        ? `Something else is served at ${where} already. Nothing was changed. Stop that, or choose another PORT.`
        : `Varietas may not serve at ${where} (${code ?? 'unknown'}). Nothing was changed. Choose another HOST or PORT.`,
    )
    process.exit(1)
  })
}

let hourly: NodeJS.Timeout | undefined
let settled: NodeJS.Timeout | undefined
// Who waited for the server to listen is answered first.
const SETTLE_MS = 1000

/** What takes longer than anybody should wait for: done once the server listens. */
export function afterwards(): void {
  listens = true
  startIsOver()
  endWithOther()
  startPool()
  settled = setTimeout(() => {
    // Data that cannot be used are looked through once they were restored, see reopen.
    if (dataState().usable) lookThroughBeside()
    void see([...(warmsUp() ? [warmPlans] : []), checkIntegrity, backUpDaily])
  }, SETTLE_MS)
  settled.unref()
  hourly = setInterval(() => void see([watchRoom, backUpDaily, finishErasing]), HOURLY_MS)
  hourly.unref()
}

/** One after the other, each whether or not those before went well; nothing while the data cannot be used. */
async function see(to: readonly (() => Promise<unknown>)[]): Promise<void> {
  for (const work of to) if (dataState().usable) await tried(work.name, work)
}

/** Stops what is under way, brings everything into the one file and lets go of the folder. */
export async function finish(): Promise<void> {
  clearInterval(hourly)
  clearTimeout(settled)
  endDemo()
  await Promise.all([stopPool(), stopKeeper()]).catch(() => undefined)
  await closeDatabase()
  releaseFolder()
  // Whoever started it shall know that it did not do its work.
  if (!dataState().usable) process.exit(1)
}
