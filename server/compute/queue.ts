import { Busy } from '../base/problems'

/*
 * Who computes next. What somebody waits for at a screen goes before what a script asks, scripts never take the last thread, and
 * callers of one kind take turns, however many requests one of them has sent.
 */

export type Lane = 'screen' | 'script'

interface Waiting {
  lane: Lane
  start: () => void
}

export interface QueueLimits {
  /** Computations at once. */
  slots: number
  /** How many of them may be of scripts. */
  scriptSlots: number
  /** How many of one caller may wait. */
  each: number
  /** How many may wait in all. */
  all: number
}

export class FairQueue {
  private running = 0
  private scripts = 0
  private waiting = 0
  /** Callers in the order of their next turn. */
  private readonly lanes: Record<Lane, Map<string, Waiting[]>> = { screen: new Map(), script: new Map() }

  constructor(private readonly limits: QueueLimits) {}

  /**
   * Does the work when it is its turn.
   * @param caller those with the same one share a turn
   * @param signal gives the place up while it waits
   * @throws Busy when this caller or all together wait for too much already
   */
  async run<T>(lane: Lane, caller: string, work: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    await this.turn(lane, caller, signal)
    try {
      return await work()
    } finally {
      this.running--
      if (lane === 'script') this.scripts--
      this.next()
    }
  }

  private turn(lane: Lane, caller: string, signal?: AbortSignal): Promise<void> {
    if (signal?.aborted) return Promise.reject(new GivenUp())
    const line = this.lanes[lane].get(caller) ?? []
    if (line.length >= this.limits.each || this.waiting >= this.limits.all) return Promise.reject(new Busy())
    return new Promise((resolve, reject) => {
      const entry: Waiting = {
        lane,
        start: () => {
          signal?.removeEventListener('abort', leave)
          resolve()
        },
      }
      const leave = () => {
        this.remove(lane, caller, entry)
        reject(new GivenUp())
      }
      signal?.addEventListener('abort', leave, { once: true })
      line.push(entry)
      this.lanes[lane].set(caller, line)
      this.waiting++
      this.next()
    })
  }

  private remove(lane: Lane, caller: string, entry: Waiting): void {
    const line = this.lanes[lane].get(caller)
    const at = line?.indexOf(entry) ?? -1
    if (!line || at < 0) return
    line.splice(at, 1)
    this.waiting--
    if (line.length === 0) this.lanes[lane].delete(caller)
  }

  private next(): void {
    while (this.running < this.limits.slots) {
      const lane: Lane = this.lanes.screen.size > 0 ? 'screen' : 'script'
      if (lane === 'script' && this.scripts >= this.limits.scriptSlots) return
      const [first] = this.lanes[lane]
      if (!first) return
      const [caller, line] = first
      const entry = line.shift()!
      // To the end of the line of callers.
      this.lanes[lane].delete(caller)
      if (line.length > 0) this.lanes[lane].set(caller, line)
      this.waiting--
      this.running++
      if (lane === 'script') this.scripts++
      entry.start()
    }
  }
}

/** Whoever waited hung up. */
export class GivenUp extends Error {
  constructor() {
    super('given up')
    this.name = 'GivenUp'
  }
}
