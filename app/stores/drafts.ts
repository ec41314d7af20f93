import { defineStore } from 'pinia'
import { KEPT_MOST_MS } from '#shared/asked/along'
import { kept } from '~/asking/kept'

const KEPT_AT = 'varietas.drafts'
const MOST = 60
const MOST_SIGNS = 400_000

interface Draft {
  text: string
  /** When it was typed, ms since 1970. */
  at: number
}
type Drafts = Record<string, Draft>

/** What was typed and not kept yet, on this device: it outlives a reload, a crash and a request that failed, and ends after a month. */
export const useDrafts = defineStore('drafts', () => {
  const drafts = kept(KEPT_AT, {} as Drafts, read)
  const keepOnly = (stays: (key: string, draft: Draft) => boolean) => {
    const entries = Object.entries(drafts.value)
    const left = entries.filter(([key, draft]) => stays(key, draft))
    if (left.length < entries.length) drafts.value = Object.fromEntries(left)
  }
  const of = (key: string): string | undefined => drafts.value[key]?.text

  function keep(key: string, text: string): void {
    const { [key]: _before, ...others } = drafts.value
    // The newest last, and only so many: a device is not an archive.
    const entries = [...Object.entries(others), [key, { text, at: Date.now() }] as const].slice(-MOST)
    while (entries.length > 1 && entries.reduce((sum, [, d]) => sum + d.text.length, 0) > MOST_SIGNS) entries.shift()
    drafts.value = Object.fromEntries(entries)
  }
  const drop = (key: string): void => keepOnly(k => k !== key)
  /** Everything typed about a record that is gone. */
  const dropAbout = (id: string): void => keepOnly((key, { text }) => !key.includes(id) && !text.includes(id))
  const dropOld = (nowMs: number): void => keepOnly((_key, { at }) => nowMs - at < KEPT_MOST_MS)
  /** Ids of the records that something was typed about. */
  const about = (): string[] =>
    Object.keys(drafts.value).flatMap(key =>
      key
        .split(':')
        .slice(1)
        .filter(part => /^[\w-]{3,120}$/.test(part) && part !== 'new'),
    )
  return { of, keep, drop, dropAbout, dropOld, about }
})

function read(found: unknown): Drafts {
  const entries = Object.entries((found ?? {}) as Record<string, unknown>)
  return Object.fromEntries(
    entries.flatMap(([key, draft]): [string, Draft][] => {
      // An earlier version kept the text alone.
      if (typeof draft === 'string') return [[key, { text: draft, at: Date.now() }]]
      const { text, at } = (draft ?? {}) as Partial<Draft>
      return typeof text === 'string' && typeof at === 'number' ? [[key, { text, at }]] : []
    }),
  )
}
