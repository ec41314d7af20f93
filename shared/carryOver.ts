/**
 * What was answered and not kept yet, carried over a change that was made elsewhere: of the fields that changed there the
 * new state is taken, of all others what was answered.
 */
export function carryOver<T extends object>(mine: T, before: T, now: T): T {
  const changed = (field: keyof T) => JSON.stringify(before[field]) !== JSON.stringify(now[field])
  const fields = Object.keys(now) as (keyof T)[]
  return Object.assign({}, mine, ...fields.filter(changed).map(field => ({ [field]: now[field] }))) as T
}
