import { planFace } from '../plan/facePlan'
import { demoQuestion } from '../../tests/support/demo'
import { betweenFaces } from './between'

describe('between two faces', () => {
  it.each(['Orla', 'Captain', 'Amahle', 'Mirela'])(
    '%s: hands first, and no tool of the set is named twice or left out',
    name => {
      const plan = planFace(demoQuestion(name))
      const lines = betweenFaces(plan)
      expect(lines[0]).toEqual({ do: 'hands', what: [] })
      const tools = lines.filter(l => !['scrape', 'sharpen', 'flush', 'hands'].includes(l.do)).flatMap(l => l.what)
      expect(new Set(tools).size).toBe(tools.length)
      expect(plan.pack).toEqual(expect.arrayContaining(tools))
      expect(plan.pack.filter(word => / brush$/.test(word) && !tools.includes(word))).toEqual([])
      // What stays on them, or goes with them, is not wiped.
      expect(tools.filter(word => /lash pair|pouch/.test(word))).toEqual([])
    },
  )
  it('scrapes pans and pots, sharpens pencils, and leaves alone what the person brought', () => {
    const plan = planFace(demoQuestion('Orla'))
    const open = plan.layers.filter(l => ['pot', 'pan', 'stick'].includes(l.item.dispenser))
    expect(open.length).toBeGreaterThan(0)
    const scraped = (layers: typeof plan.layers) => betweenFaces({ ...plan, layers }).find(l => l.do === 'scrape')?.what
    expect(scraped(plan.layers)).toEqual([...new Set(open.map(l => l.item.name))])
    const own = plan.layers.map(l => ({ ...l, item: { ...l.item, own: true } }))
    expect(scraped(own)).toBeUndefined()
    const pencil = { ...plan.layers[0]!, item: { ...plan.layers[0]!.item, dispenser: 'pencil' as const, name: 'Plum' } }
    expect(betweenFaces({ ...plan, layers: [pencil] }).find(l => l.do === 'sharpen')?.what).toEqual(['Plum'])
  })
})
