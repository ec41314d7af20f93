/** Does one thing after another: whoever comes waits until those before are done, whether they went well or not. */
export function inTurn() {
  let last: Promise<unknown> = Promise.resolve()
  return function take<T>(work: () => Promise<T>): Promise<T> {
    const mine = last.then(work)
    last = mine.catch(() => undefined)
    return mine
  }
}
