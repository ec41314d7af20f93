import { useEventListener, useIntervalFn } from '@vueuse/core'

/** Tries something again every so often while a view is open, and at once when the connection is back. */
export function useAgain(work: () => unknown, everyMs: number): void {
  useIntervalFn(work, everyMs)
  useEventListener('online', work)
}
