import { isFile, onWritten } from '../../db/connection'

/**
 * An answer that is dear to reckon, kept until something is written or its key is another. On a server that others may write to as well
 * it is reckoned each time. Whoever gets it does not write to it.
 */
export function untilWritten<T>(reckon: () => Promise<T>, keyNow: () => string = () => ''): () => Promise<T> {
  let known: { key: string; answer: Promise<T> } | null = null
  onWritten(() => {
    known = null
  })
  return () => {
    if (!isFile()) return reckon()
    const key = keyNow()
    if (known?.key === key) return known.answer
    const asked = { key, answer: reckon() }
    known = asked
    asked.answer.catch(() => {
      if (known === asked) known = null
    })
    return asked.answer
  }
}
