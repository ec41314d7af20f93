import { difference } from '#core/colour/difference'
import { packPigments } from '#core/complexion/bottles/pigments'
import { mixLab } from '#core/complexion/mixing/touch'
import { complexionOf } from '#shared/asked/kitPigments'
import { OwnedProductInput } from '#shared/records/kit/kit'
import { bottleInput } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

const on = services()

const add = (shade: string, L: number) =>
  on.addProduct(bottleInput(shade, { lab: { L, a: 11, b: 19 }, family: 'silicone' }))

describe('measured mixes', () => {
  it('are kept with the names of their bottles, stand with the tests, and are forgotten', async () => {
    const [light, deep] = [await add('Linnet', 75), await add('Tarn', 40)]
    const drops = [
      { id: light.id, count: 2 },
      { id: deep.id, count: 1 },
    ]
    const mix = await on.addMix({ drops, lab: { L: 62, a: 11, b: 19 } })
    expect(mix).toMatchObject({ drops, lab: { L: 62, a: 11, b: 19 }, names: { [light.id]: 'Linnet' } })
    expect((await on.allTests()).mixes.map(m => m.id)).toEqual([mix.id])
    await on.removeTest('measuredMixes', mix.id)
    expect((await on.allTests()).mixes).toEqual([])
    await expect(on.removeTest('measuredMixes', mix.id)).rejects.toMatchObject({ status: 404 })
  })

  it('of a bottle that is not in the kit are refused', async () => {
    const drops = [{ id: 'none', count: 1 }]
    await expect(on.addMix({ drops, lab: { L: 50, a: 0, b: 0 } })).rejects.toMatchObject({ status: 404 })
  })

  it('are seen by the simulated meter as bottles pull, once it is calibrated', async () => {
    const [light, deep] = [await add('Plover', 78), await add('Scree', 35)]
    const drops = [light, deep].map(({ id }) => ({ id, count: 1 }))
    await expect(on.readMix({ drops })).rejects.toMatchObject({ status: 409 })
    on.calibrate()
    const seen = await on.readMix({ drops })
    const asThought = [light, deep].map(complexionOf)
    const asSeen = asThought.map((p, i) => ({ ...p, strength: on.strengthSeen([light, deep][i]!.shade) }))
    expect(difference(seen, mixLab(packPigments(asSeen), drops))).toBeLessThan(3)
  })

  it('what a bottle was found to pull is on its record', async () => {
    const { id, ...rest } = await add('Ouzel', 60)
    expect(rest.strength).toBe(1)
    await on.changeProduct(id, Object.assign(new OwnedProductInput(), { ...rest, strength: 1.3 }))
    const again = (await on.kitProducts()).find(p => p.id === id)!
    expect(again.strength).toBe(1.3)
    expect(complexionOf(again).strength).toBe(1.3)
  })
})
