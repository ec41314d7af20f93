const AGAIN_MS = 25

/** Whether another program holds the file. */
export function isBusy(problem: unknown): boolean {
  for (let at = problem; at instanceof Error; at = at.cause)
    if (/^SQLITE_(?:BUSY|LOCKED)/.test(String((at as { code?: unknown }).code ?? ''))) return true
  return false
}

/**
 * Tries again while another program holds the file, and holds nobody up meanwhile.
 * @param until moment of the last try, ms since 1970
 * @param isBegun whether the work has begun, so that it must not be done a second time
 * @throws what the last try threw
 */
export async function whileBusy<T>(until: number, work: () => Promise<T>, isBegun = () => false): Promise<T> {
  for (;;) {
    try {
      return await work()
    } catch (problem) {
      if (isBegun() || !isBusy(problem) || Date.now() >= until) throw problem
      await new Promise(resolve => setTimeout(resolve, AGAIN_MS))
    }
  }
}
