import { useStorage } from '@vueuse/core'
import type { Ref } from 'vue'

function storage(): Storage | undefined {
  try {
    return globalThis.localStorage
  } catch {
    // Not allowed on this device.
    return undefined
  }
}

/**
 * Something this device remembers. What something else wrote there is not worth a page that does not open, and where there is no
 * room, or none allowed, it still stands in the page.
 * @param read makes of what was found what it has to be
 */
export const kept = <T extends object>(key: string, nothing: T, read: (found: Partial<T>) => T): Ref<T> =>
  useStorage(key, nothing, storage(), {
    // At once: the page may be left the moment after.
    flush: 'sync',
    listenToStorageChanges: false,
    writeDefaults: false,
    onError: () => undefined,
    serializer: {
      read: text => {
        try {
          return read((JSON.parse(text) ?? {}) as Partial<T>)
        } catch {
          return nothing
        }
      },
      write: JSON.stringify,
    },
  })
