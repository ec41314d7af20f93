const DIGITS = 5

/** Figures as far as they mean something: what differs beyond is the machine's. */
function rounded(value: number): number {
  return Math.abs(value) < 1e-7 ? 0 : Number(value.toPrecision(DIGITS))
}

/** A value on one line, as a person can compare it: figures rounded, maps and typed arrays as lists. */
export function inShort(value: unknown): string {
  const plain = (v: unknown): unknown => {
    if (typeof v === 'number') return rounded(v)
    if (v instanceof Map) return [...v].map(plain)
    if (v instanceof Set || v instanceof Float64Array || v instanceof Float32Array) return [...v].map(plain)
    if (Array.isArray(v)) return v.map(plain)
    if (v !== null && typeof v === 'object')
      return Object.fromEntries(Object.entries(v).map(([k, member]) => [k, plain(member)]))
    return v
  }
  return JSON.stringify(plain(value) ?? null).replaceAll('"', '')
}
