import { effectScope, nextTick } from 'vue'
import { shade } from '../../tests/support/kits'
import { ApiProblem, outcomeOf, Stopped } from './api'
import { readyWorker, useComplexionWorker, useWorkerTurns } from './useWorker'

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
    const taken = (task: ReturnType<typeof useComplexionWorker>) => task.run(work => Promise.resolve({ work }))
    const [first, second] = [useComplexionWorker(), useComplexionWorker()]
    expect((await taken(first)).work).toBe(made[0])
    expect((await taken(second)).work).toBe(made[1])
    expect(made.flatMap(w => w.prepare.mock.calls)).toHaveLength(1)
    first.stop()
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
  })
})

describe('a computation in a worker', () => {
  it('tells how far it is, and nothing once it is done; the worker is kept for the next', async () => {
    const task = useComplexionWorker()
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
    const task = useComplexionWorker()
    const first = task.run(() => running().promise)
    const second = task.run(() => Promise.resolve('new'))
    await expect(first).rejects.toBeInstanceOf(Stopped)
    expect(await second).toBe('new')
    expect(made).toHaveLength(2)
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
  })

  it('stopping ends it, and what is stopped is no failure to whoever asked', async () => {
    const task = useComplexionWorker()
    const answer = outcomeOf(task.run(() => running().promise))
    task.stop()
    expect(await answer).toEqual({ ok: false, refused: null })
  })

  it('the signal of a question stops it, and one that has ended begins nothing', async () => {
    const task = useComplexionWorker()
    const asked = new AbortController()
    const answer = outcomeOf(task.run(() => running().promise, asked.signal))
    asked.abort()
    expect(await answer).toEqual({ ok: false, refused: null })
    expect(made[0]!.terminate).toHaveBeenCalledTimes(1)
    expect(task.busy.value).toBe(false)
    expect(await outcomeOf(task.run(() => Promise.resolve(1), asked.signal))).toEqual({ ok: false, refused: null })
    expect(made).toHaveLength(1)
  })

  it('the signal of an earlier question leaves a later one alone', async () => {
    const task = useComplexionWorker()
    const asked = new AbortController()
    const [one, two] = [running<number>(), running<number>()]
    const first = outcomeOf(task.run(() => one.promise, asked.signal))
    const second = task.run(() => two.promise)
    expect(await first).toEqual({ ok: false, refused: null })
    asked.abort()
    two.end(2)
    expect(await second).toBe(2)
  })

  it('a failure inside is a refusal, and the next computation runs', async () => {
    const task = useComplexionWorker()
    await expect(task.run(() => Promise.reject(new Error('no room')))).rejects.toEqual(new ApiProblem('no room'))
    expect(task.progress.value).toBeNull()
    expect(await task.run(() => Promise.resolve(1))).toBe(1)
  })

  it('ends with the page it was for', async () => {
    const scope = effectScope()
    const answer = scope.run(() => useComplexionWorker().run(() => running().promise))!
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
