import { FairQueue, GivenUp } from './queue'

const LIMITS = { slots: 2, scriptSlots: 1, each: 3, all: 6 }
/** Work that ends when it is told to. */
function held() {
  let end: () => void = () => undefined
  const done = new Promise<void>(resolve => {
    end = resolve
  })
  return { work: () => done, end }
}
const settle = () => new Promise(resolve => setImmediate(resolve))

describe('who computes next', () => {
  it('scripts never take the last thread from a screen', async () => {
    const queue = new FairQueue(LIMITS)
    const [first, second] = [held(), held()]
    const order: string[] = []
    void queue.run('script', 'a', first.work)
    void queue.run('script', 'a', async () => void order.push('second script'))
    await queue.run('screen', 'b', async () => void order.push('screen'))
    expect(order).toEqual(['screen'])
    first.end()
    await settle()
    expect(order).toEqual(['screen', 'second script'])
    second.end()
  })

  it('a screen that came later goes before scripts that wait', async () => {
    const queue = new FairQueue({ ...LIMITS, slots: 1, scriptSlots: 1 })
    const busy = held()
    const order: string[] = []
    void queue.run('script', 'a', busy.work)
    const others = [
      queue.run('script', 'a', async () => void order.push('script')),
      queue.run('screen', 'b', async () => void order.push('screen')),
    ]
    busy.end()
    await Promise.all(others)
    expect(order).toEqual(['screen', 'script'])
  })

  it('callers take turns, however many requests one of them has sent', async () => {
    const queue = new FairQueue({ ...LIMITS, slots: 1, scriptSlots: 1 })
    const busy = held()
    const order: string[] = []
    void queue.run('script', 'a', busy.work)
    const all = ['a', 'a', 'a', 'b', 'b', 'c'].map(caller =>
      queue.run('script', caller, async () => void order.push(caller)),
    )
    busy.end()
    await Promise.all(all)
    expect(order).toEqual(['a', 'b', 'c', 'a', 'b', 'a'])
  })

  it('refuses what would wait too long, of one caller and of all, and goes on', async () => {
    const queue = new FairQueue({ ...LIMITS, slots: 1, scriptSlots: 1 })
    const busy = held()
    void queue.run('script', 'a', busy.work)
    const waiting = ['a', 'a', 'a', 'b', 'b', 'b'].map(caller => queue.run('script', caller, async () => caller))
    await expect(queue.run('script', 'a', async () => 'a')).rejects.toThrow('try again')
    await expect(queue.run('screen', 'c', async () => 'c')).rejects.toThrow('try again')
    busy.end()
    expect(await Promise.all(waiting)).toEqual(['a', 'a', 'a', 'b', 'b', 'b'])
    expect(await queue.run('screen', 'c', async () => 'c')).toBe('c')
  })

  it('whoever hangs up leaves the line; work that fails frees its place', async () => {
    const queue = new FairQueue({ ...LIMITS, slots: 1, scriptSlots: 1 })
    const busy = held()
    void queue.run('script', 'a', busy.work)
    const gone = new AbortController()
    let ran = false
    const waiting = queue.run('script', 'a', async () => void (ran = true), gone.signal)
    gone.abort()
    await expect(waiting).rejects.toThrow(GivenUp)
    await expect(queue.run('script', 'a', async () => 1, gone.signal)).rejects.toThrow(GivenUp)
    busy.end()
    await settle()
    expect(ran).toBe(false)
    await expect(queue.run('script', 'a', () => Promise.reject(new Error('broke')))).rejects.toThrow('broke')
    expect(await queue.run('script', 'a', async () => 'next')).toBe('next')
  })
})
