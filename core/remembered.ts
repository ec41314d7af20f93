/**
 * A function that makes what it is asked for once and hands the same out again; all is forgotten when there is too much of it.
 * @param most how many are kept
 * @param keyOf the same for questions that have the same answer
 */
export function remembered<Q, A>(
  most: number,
  keyOf: (question: Q) => string,
  make: (question: Q) => A,
): (question: Q) => A {
  const kept = new Map<string, A>()
  return question => {
    const key = keyOf(question)
    const known = kept.get(key)
    if (known !== undefined) return known
    if (kept.size >= most) kept.clear()
    const made = make(question)
    kept.set(key, made)
    return made
  }
}
