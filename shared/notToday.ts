/** A bottle as far as it matters whether it can be used. */
interface Bottle {
  shade: string
  level: number
  retiredAt: string | null
  /** Last day of use; null while unopened or unknown. */
  useBy: string | null
}

/** Why a bottle of a recipe cannot be taken on a day (ISO date); null where it can. */
export function notToday({ shade, level, retiredAt, useBy }: Bottle, day: string): string | null {
  if (retiredAt !== null) return `${shade} is retired`
  if (level <= 0) return `${shade} is empty`
  return useBy !== null && useBy < day ? `${shade} is past its last day` : null
}
