import { effectScope, nextTick, reactive } from 'vue'
import { ApiProblem } from '../asking/api'
import { usePagedList } from './usePagedList'

interface Asked {
  q: string
  cursor: string
  state: string
}
const settled = () => new Promise(setImmediate)
const scope = effectScope()
afterAll(() => scope.stop())

function list(pages: (asked: Asked) => Promise<{ lines: string[]; next: string | null; count: number }>) {
  const sought = reactive({ q: '', state: 'in use' })
  const requests: Asked[] = []
  const it = scope.run(() =>
    usePagedList<string, { q: string; state: string }>(sought, one => {
      requests.push({ ...one })
      return pages({ ...one })
    }),
  )!
  return { ...it, sought, requests }
}
const page = (lines: string[], next: string | null = null) => ({ lines, next, count: 3 })

describe('a list a page at a time', () => {
  it('is asked for when it opens, and further pages are put behind the first', async () => {
    const {
      page: shown,
      more,
      requests,
    } = list(({ cursor }) => Promise.resolve(cursor ? page(['c']) : page(['a', 'b'], 'b')))
    await settled()
    expect(shown.value.lines).toEqual(['a', 'b'])
    await more()
    expect(shown.value).toEqual(page(['a', 'b', 'c']))
    await more()
    expect(requests.map(a => a.cursor)).toEqual(['', 'b'])
  })

  it('a further page of what was looked for before is not put behind another list', async () => {
    let late!: (answer: ReturnType<typeof page>) => void
    const {
      sought,
      page: shown,
      more,
    } = list(({ cursor, state }) =>
      cursor ? new Promise(resolve => (late = resolve)) : Promise.resolve(page([state], 'next')),
    )
    await settled()
    const further = more()
    sought.state = 'retired'
    await nextTick()
    await settled()
    late(page(['of before']))
    await further
    expect(shown.value.lines).toEqual(['retired'])
  })

  it('says why a further page could not be had, and keeps those that are there', async () => {
    const {
      page: shown,
      more,
      state,
      problem,
    } = list(({ cursor }) =>
      cursor ? Promise.reject(new ApiProblem('The server does not answer.')) : Promise.resolve(page(['a'], 'a')),
    )
    await settled()
    await more()
    expect([shown.value.lines, state.value, problem.value]).toEqual([['a'], 'failed', 'The server does not answer.'])
  })
})
