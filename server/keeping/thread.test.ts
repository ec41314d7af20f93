import { keep } from './thread'

/* The keeper's threads, as piscina is asked for them. */

interface Run {
  pool: number
  task: string
  signal: AbortSignal
  end: (outcome: object) => void
}
const runs: Run[] = []
let pools = 0
jest.mock('piscina', () => ({
  Piscina: class {
    readonly id = pools++
    run({ task }: { task: string }, { signal }: { signal: AbortSignal }) {
      return new Promise((resolve, reject) => {
        runs.push({ pool: this.id, task, signal, end: resolve })
        signal.addEventListener('abort', () => reject(new Error('aborted')))
      })
    }
    destroy() {
      return Promise.resolve()
    }
  },
}))

const copy = { zip: 'a', to: 'b', migrations: 'c' }

describe('the keeper', () => {
  beforeEach(() => (runs.length = 0))

  it('works on copies, on papers and on her data side by side: nobody waits for an upload or for an erasing', async () => {
    void keep('unpack', copy).catch(() => undefined)
    const rewritten = keep('rewrite', { database: 'd', until: 0 })
    void keep('question sheet', { fonts: 'f' }).catch(() => undefined)
    expect(new Set(runs.map(r => r.pool)).size).toBe(3)
    // A backup begun before an erasing must be there before the erasing clears the backups away.
    void keep('backup', {} as never).catch(() => undefined)
    expect(runs.find(r => r.task === 'backup')!.pool).toBe(runs.find(r => r.task === 'rewrite')!.pool)
    runs.find(r => r.task === 'rewrite')!.end({ done: undefined })
    await expect(rewritten).resolves.toBeUndefined()
    void keep('compare', { database: 'd', other: 'o' }).catch(() => undefined)
    expect(runs.find(r => r.task === 'compare')!.pool).toBe(runs.find(r => r.task === 'unpack')!.pool)
  })

  it('ends what nobody waits for any more', async () => {
    const gone = new AbortController()
    const unpacked = keep('unpack', copy, gone.signal)
    gone.abort()
    await expect(unpacked).rejects.toMatchObject({ code: 'hung-up' })
    expect(runs[0]!.signal.aborted).toBe(true)
  })

  it('ends what takes too long, and says so', async () => {
    const timeout = jest.spyOn(AbortSignal, 'timeout').mockImplementation(() => AbortSignal.abort())
    jest.spyOn(AbortSignal, 'any').mockImplementation(() => AbortSignal.abort())
    const late = keep('labels', {} as never)
    runs[0]!.end({ failed: { code: '', message: '' } })
    await expect(late).rejects.toBeDefined()
    expect(timeout).toHaveBeenCalledWith(30_000)
    jest.restoreAllMocks()
  })
})
