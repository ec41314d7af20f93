const MOST_HELD_MS = 8

let since = performance.now()

/**
 * Lets everybody else have a turn where this one has lasted too long. SQLite is called synchronously and awaiting it never reaches the
 * event loop: without this, a long act would hold up every other request.
 */
export async function giveTurn(): Promise<void> {
  if (performance.now() - since < MOST_HELD_MS) return
  await new Promise(setImmediate)
  since = performance.now()
}
