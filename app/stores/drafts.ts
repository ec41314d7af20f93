import { defineStore } from 'pinia'
import { kept } from '~/composables/kept'

const KEPT_AT = 'varietas.drafts'
const MOST = 60
const MOST_SIGNS = 400_000

/** What was typed and not kept yet, on this device: it outlives a reload, a crash and a request that failed. */
export const useDrafts = defineStore('drafts', () => {
  const texts = kept(KEPT_AT, {} as Record<string, string>, read)
  const write = (next: Record<string, string>) => {
    texts.value = next
  }
  const of = (key: string): string | undefined => texts.value[key]

  function keep(key: string, text: string): void {
    const { [key]: _before, ...others } = texts.value
    // The newest last, and only so many: a device is not an archive.
    const entries = [...Object.entries(others), [key, text] as const].slice(-MOST)
    while (entries.length > 1 && entries.reduce((sum, [, t]) => sum + t.length, 0) > MOST_SIGNS) entries.shift()
    write(Object.fromEntries(entries))
  }
  function drop(key: string): void {
    if (!(key in texts.value)) return
    const { [key]: _gone, ...others } = texts.value
    write(others)
  }
  /** Everything typed about a record that is gone. */
  function dropAbout(id: string): void {
    const entries = Object.entries(texts.value)
    const others = entries.filter(([key, text]) => !key.includes(id) && !text.includes(id))
    if (others.length < entries.length) write(Object.fromEntries(others))
  }
  return { of, keep, drop, dropAbout }
})

const read = (found: unknown): Record<string, string> =>
  Object.fromEntries(Object.entries(found ?? {}).filter((e): e is [string, string] => typeof e[1] === 'string'))
