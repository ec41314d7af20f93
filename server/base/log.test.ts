import { errorDetail, log } from './log'

describe('what is written down of an error', () => {
  const typed = 'Failed query: insert into faces, params: Ottoline Farrow-Diaz'
  it('its kind, its code and the way it came, never its words or a path', () => {
    const cause = Object.assign(new RangeError('Ottoline again'), { code: 'SQLITE_FULL' })
    const detail = errorDetail(new Error(typed, { cause }))
    expect(detail).toMatchObject({ kind: 'Error < RangeError', code: 'SQLITE_FULL' })
    expect(JSON.stringify(detail)).not.toMatch(/Ottoline|Failed query|\/work|node_modules/)
    expect(detail.through).toMatch(/log\.test\.ts:\d+/)
  })
  it('also when a name runs over several lines of the message', () => {
    const detail = errorDetail(new Error('first\n    at Ottoline Farrow-Diaz (and more)\nlast'))
    expect(JSON.stringify(detail)).not.toContain('Ottoline')
  })
  it('one line of JSON', () => {
    const write = jest.spyOn(process.stderr, 'write').mockReturnValue(true)
    log('warning', 'tried', { times: 2 })
    const line = String(write.mock.calls[0]![0])
    write.mockRestore()
    expect(line.endsWith('\n')).toBe(true)
    expect(JSON.parse(line)).toMatchObject({ level: 'warning', event: 'tried', times: 2, at: expect.any(String) })
  })
})
