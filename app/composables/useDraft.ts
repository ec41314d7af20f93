import { ref, watch } from 'vue'
import { isPlainObject } from '#shared/checks/shape'
import { useDrafts } from '~/stores/drafts'

// JSON has no word for a field that was not filled in yet.
const NOT_YET = '\u0000not yet'
const written = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) => (typeof v === 'number' && Number.isNaN(v) ? NOT_YET : v))
const readBack = (text: string): unknown => JSON.parse(text, (_, v: unknown) => (v === NOT_YET ? Number.NaN : v))

/** What was typed, field by field, but for fields that were changed elsewhere meanwhile. */
function carried(mine: unknown, before: unknown, now: unknown): unknown {
  if (isPlainObject(mine) && isPlainObject(before) && isPlainObject(now))
    return Object.fromEntries(Object.keys(now).map(key => [key, carried(mine[key], before[key], now[key])]))
  return mine === undefined || written(before) !== written(now) ? now : mine
}

/** As the record is now, but for fields that were typed since it was `before`. */
function typedOver(mine: unknown, before: unknown, now: unknown): unknown {
  if (isPlainObject(mine) && isPlainObject(before) && isPlainObject(now))
    return Object.fromEntries(Object.keys(now).map(key => [key, typedOver(mine[key], before[key], now[key])]))
  return written(mine) === written(before) ? now : mine
}

/** Into the very objects the form is bound to, not in their place. */
function fill(values: object, from: unknown): void {
  for (const [key, value] of Object.entries(from as object)) {
    const there = (values as Record<string, unknown>)[key]
    if (isPlainObject(there) && isPlainObject(value)) fill(there, value)
    else Object.assign(values, { [key]: value })
  }
}

/**
 * Keeps what is typed into a form on this device until it is saved, and brings it back when the form is opened again. Fields that
 * were changed elsewhere meanwhile are as they are now.
 * @param key names the form and the record it is about
 * @param values what the form holds, reactive; its state now counts as nothing typed
 */
export function useDraft<T extends object>(key: string, values: T) {
  const drafts = useDrafts()
  let fresh = written(values)
  const found = ref(false)

  const left = drafts.of(key)
  if (left !== undefined) {
    try {
      const { mine, before } = readBack(left) as { mine: T; before: T }
      fill(values, carried(mine, before, readBack(fresh)))
      found.value = true
    } catch {
      // Of another version of this form: nothing to bring back.
      drafts.drop(key)
    }
  }

  watch(
    () => written(values),
    now => {
      if (now === fresh) drafts.drop(key)
      else drafts.keep(key, `{"mine":${now},"before":${fresh}}`)
    },
  )

  /** It was saved: what the form holds now is the new beginning. */
  function done(): void {
    fresh = written(values)
    found.value = false
    drafts.drop(key)
  }
  /** Begins anew. */
  function discard(): void {
    fill(values, readBack(fresh))
    found.value = false
    drafts.drop(key)
  }
  return {
    found,
    /** The record has changed while the form is open: the form follows, but for what was typed and is not saved yet. */
    follow(now: T): void {
      const next = written(now)
      fill(values, typedOver(readBack(written(values)), readBack(fresh), readBack(next)))
      fresh = next
    },
    done,
    discard,
  }
}
