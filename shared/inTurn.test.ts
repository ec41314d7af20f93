import { inTurn } from './inTurn'

describe('in turn', () => {
  it('everything is answered, in the order it was asked, one at a time', async () => {
    const take = inTurn()
    const told: string[] = []
    let busy = 0
    const ask = (name: string, ms: number) =>
      take(async () => {
        expect(++busy).toBe(1)
        await new Promise(resolve => setTimeout(resolve, ms))
        busy--
        told.push(name)
        return name
      })
    expect(await Promise.all([ask('slow', 20), ask('quick', 1), ask('last', 5)])).toEqual(['slow', 'quick', 'last'])
    expect(told).toEqual(['slow', 'quick', 'last'])
  })
  it('a failure is told to the one who asked and to nobody else', async () => {
    const take = inTurn()
    const bad = take(() => Promise.reject(new Error('no')))
    const good = take(() => Promise.resolve(1))
    await expect(bad).rejects.toThrow('no')
    await expect(good).resolves.toBe(1)
  })
})
