import { effectScope, nextTick } from 'vue'
import { shade } from '../../tests/support/kits'
import { readyWorker, Stopped, unlessStopped, useWorkerTask, useWorkerTurns } from './useWorkerTask'

jest.mock('comlink', () => ({ wrap: (worker: unknown) => worker, proxy: (f: unknown) => f }))
const made: Record<'terminate' | 'prepare', jest.Mock>[] = []
beforeEach(() => {
  made.length = 0
  Object.assign(globalThis, {
    Worker: class {
      terminate = jest.fn()
      prepare = jest.fn()
      constructor() {
        made.push(this)
      }
    },
  })
})
/** A computation that ends when it is told to. */
function running<T>() {
  let end!: (value: T) => void
  const promise = new Promise<T>(resolve => {
    end = resolve
  })
  return { promise, end }
}

describe('a worker made ready before anybody asks', () => {
  it('is told of the kit while it waits, and taken by whoever asks first', async () => {
    const kit = [shade(3)]
    readyWorker(kit)
    expect(made).toHaveLength(1)
    expect(made[0]!.prepare).toHaveBeenCalledWith(kit)
    const taken = (task: ReturnType<typeof useWorkerTask>) => task.run(work => Promise.resolve({ work }))
    const [first, second] = [useWorkerTask(), useWorkerTask()]
    expect((await taken(first)).work).toBe(made[0])
    expect((await taken(second)).work).toBe(made[1])
    expect(made.flatMap(w => w.prepare.mock.calls)).toHaveLength(1)
    first.stop()
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
  })
})

describe('a computation in a worker', () => {
  it('tells how far it is, and nothing once it is done; the worker is kept for the next', async () => {
    const task = useWorkerTask()
    const one = running<number>()
    let report!: (done: number) => void
    const answer = task.run((_work, told) => {
      report = told
      return one.promise
    })
    expect(task.progress.value).toBe(0)
    report(0.4)
    expect(task.progress.value).toBe(0.4)
    one.end(7)
    expect(await answer).toBe(7)
    expect(task.progress.value).toBeNull()
    await task.run(() => Promise.resolve(8))
    expect(made).toHaveLength(1)
  })

  it('the newest wins: what ran before is stopped and its worker ended', async () => {
    const task = useWorkerTask()
    const first = task.run(() => running().promise)
    const second = task.run(() => Promise.resolve('new'))
    await expect(first).rejects.toBeInstanceOf(Stopped)
    expect(await second).toBe('new')
    expect(made).toHaveLength(2)
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
  })

  it('stopping ends it, and what is stopped is no failure to whoever asked', async () => {
    const task = useWorkerTask()
    const answer = unlessStopped(task.run(() => running().promise))
    task.stop()
    expect(await answer).toBeUndefined()
    await expect(unlessStopped(Promise.reject(new TypeError('broken')))).rejects.toThrow('broken')
    expect(await unlessStopped(Promise.resolve(3))).toBe(3)
  })

  it('a failure is told, and the next computation runs', async () => {
    const task = useWorkerTask()
    await expect(task.run(() => Promise.reject(new Error('no room')))).rejects.toThrow('no room')
    expect(task.progress.value).toBeNull()
    expect(await task.run(() => Promise.resolve(1))).toBe(1)
  })

  it('ends with the page it was for', async () => {
    const scope = effectScope()
    const answer = scope.run(() => useWorkerTask().run(() => running().promise))!
    scope.stop()
    await expect(answer).rejects.toBeInstanceOf(Stopped)
  })
})

describe('small questions in turn', () => {
  it('are all answered, one after the other', async () => {
    const { run } = useWorkerTurns()
    const [one, two] = [running<string>(), running<string>()]
    const began: string[] = []
    const first = run(() => (began.push('one'), one.promise))
    const second = run(() => (began.push('two'), two.promise))
    await nextTick()
    expect(began).toEqual(['one'])
    one.end('1')
    expect(await first).toBe('1')
    two.end('2')
    expect(await second).toBe('2')
    expect(began).toEqual(['one', 'two'])
  })

  it('nobody waits for them any more once the page is gone', async () => {
    const scope = effectScope()
    const { run } = scope.run(() => useWorkerTurns())!
    scope.stop()
    await expect(run(() => Promise.resolve(1))).rejects.toBeInstanceOf(Stopped)
  })
})
