import { createPinia, setActivePinia } from 'pinia'

/** What a device keeps between two visits, empty before each test. */
export function device(): Map<string, string> {
  const kept = new Map<string, string>()
  beforeEach(() => {
    kept.clear()
    Object.assign(globalThis, {
      localStorage: { getItem: (k: string) => kept.get(k) ?? null, setItem: (k: string, v: string) => kept.set(k, v) },
    })
    visit()
  })
  return kept
}

/** The page is loaded anew on the same device. */
export const visit = () => setActivePinia(createPinia())
