import { sql } from 'drizzle-orm'
import { nearestPossible } from '#core/colour/possible'
import type { Lab } from '#core/colour/lab'
import { typicalSkin } from '#core/complexion/skins/skin'
import { Consultation } from '#shared/records/method/consultation'
import { PlanInput } from '#shared/records/people/plans'
import { Settings } from '#shared/records/method/settings'
import { planFace } from '#core/plan/facePlan'
import { questionOf } from '#shared/asked/planQuestion'
import { bottleInput, faceInput, MID_SKIN, typedReading } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

const on = services(async on => {
  await on.stockSimulatedSuppliers()
})
/** What a hand or an old version may leave behind: past every check. */
const byHand = (query: string) => on.write(tx => tx.run(sql.raw(query)))

const add = (shade: string) => on.addProduct(bottleInput(shade, { family: 'silicone' }))
const asideNames = async () => (await on.allSetAside()).map(a => a.name)

describe('a broken row', () => {
  it.each<[string, 'product' | 'unit' | 'fill', string, RegExp]>([
    ['a colour no surface can have', 'product', 'l = 6.2', /was L\* 62 meant/],
    ['a colour without end', 'product', 'l = 9e999', /number from 0 to 100/],
    ['text for a number', 'fill', "level = 'half'", /number from 0 to 1/],
    ['a kind nobody knows', 'product', "kind = 'teapot'", /one of/],
    ['JSON that is none', 'product', "traits = '{'", /describe the product/],
    ['bytes for a name', 'product', "name = x'00ff'", /text/],
    ['a day that is none', 'fill', "opened_on = '2026-W10'", /day that exists/],
    ['a list in place of flags', 'product', "flag_fixes = '[1]'", /flags/],
    ['an ingredient list of two thousand', 'product', `inci = '${'a,'.repeat(2000)}'`, /at most 400 ingredients/],
    ['a price below nothing', 'unit', 'price_minor = -5', /whole number from 0/],
  ])(
    'with %s is set aside by name, mended with the least change, and hangs nothing',
    async (what, sort, change, told) => {
      const { id, units } = await add(`Odd ${what}`)
      const { id: good } = await add(`Good beside ${what}`)
      const row = { product: id, unit: units[0]!.id, fill: units[0]!.fillId }[sort]
      await byHand(`UPDATE ${sort}s SET ${change} WHERE id = '${row}'`)
      const ids = (await on.kitProducts()).map(p => p.id)
      expect(ids).toContain(good)
      expect(ids).not.toContain(id)
      const [quarantine] = (await on.allSetAside()).filter(a => a.id === row)
      expect(quarantine!.issues.map(i => i.message).join()).toMatch(told)
      expect(quarantine!.proposal!.length).toBeGreaterThan(0)
      // What the form needs to put a bottle right by hand.
      if (sort === 'product') expect(quarantine!.record).toMatchObject({ id, units: [{ id: units[0]!.id }] })
      await on.mend(sort, row)
      expect((await on.kitProducts()).map(p => p.id)).toContain(id)
      expect((await on.allSetAside()).filter(a => a.id === row)).toEqual([])
      await on.removeThing(id)
      await on.removeThing(good)
    },
  )

  it.each<[string, Lab]>([
    ['a = 199', nearestPossible({ ...MID_SKIN, a: 199 })],
    ['a = 200', nearestPossible({ ...MID_SKIN, a: 200 })],
    ['a = 201', typicalSkin(5, 'neutral')],
    ['b = -9e999', typicalSkin(5, 'neutral')],
    ["a = 'red'", typicalSkin(5, 'neutral')],
  ])(
    'with %s for a colour becomes the nearest that a surface can have, or a usual one where it says nothing',
    async (change, wanted) => {
      const { id } = await add(`Colour ${change}`)
      await byHand(`UPDATE products SET ${change} WHERE id = '${id}'`)
      expect((await on.kitProducts()).map(p => p.id)).not.toContain(id)
      await on.mend('product', id)
      expect((await on.kitProducts()).find(p => p.id === id)!.lab).toEqual(wanted)
      await on.removeThing(id)
    },
  )

  it('is mended once: what is not set aside cannot be', async () => {
    const { id } = await add('In order')
    for (const act of [() => on.mend('product', id), () => on.mend('face', 'none'), () => on.putAway('product', id)])
      await expect(act()).rejects.toMatchObject({
        status: 404,
        message: expect.stringMatching(/^What was set aside/),
      })
  })

  it('is put right by hand with the form, also where nobody could read it before', async () => {
    const { id, units } = await add('By hand')
    await byHand(`UPDATE products SET kind = 'teapot' WHERE id = '${id}'`)
    await byHand(`UPDATE units SET price_minor = -5 WHERE id = '${units[0]!.id}'`)
    expect((await on.kitProducts()).map(p => p.id)).not.toContain(id)
    const changed = await on.changeProduct(id, bottleInput('By hand', { priceMinor: 900, notes: 'mended' }))
    expect(changed).toMatchObject({ id, kind: 'foundation', priceMinor: 900, notes: 'mended' })
    expect((await on.kitProducts()).find(p => p.id === id)).toMatchObject({ notes: 'mended' })
    expect((await on.allSetAside()).filter(a => a.id === id || a.id === units[0]!.id)).toEqual([])
    await expect(on.changeProduct('nobody-owns-it', bottleInput('None'))).rejects.toMatchObject({ status: 404 })
  })

  it('of a face takes nobody else’s readings, plans or history along', async () => {
    const { id } = await on.addFace(faceInput('Sound Somebody'))
    const { id: odd } = await on.addFace(faceInput('Odd Somebody'))
    const reading = typedReading()
    await on.addReading(id, reading)
    const { id: bad } = await on.addReading(id, { ...reading, lab: { ...MID_SKIN, L: 40 } })
    await byHand(`UPDATE readings SET covariance = '"x"' WHERE id = '${bad}'`)
    await byHand(`UPDATE faces SET consultation = '[1,' WHERE id = '${odd}'`)
    const [face] = await on.allFaces()
    expect(face).toMatchObject({ name: 'Sound Somebody', readings: [{ lab: MID_SKIN }] })
    expect(await asideNames()).toEqual(expect.arrayContaining(['The face Odd Somebody', 'A reading of a skin']))
    await add('For the plan')
    const records = await on.planRecords(face!, new PlanInput())
    expect(planFace(questionOf(records)).layers.length).toBeGreaterThan(0)
    await on.mend('face', odd)
    expect((await on.faceById(odd)).consultation).toEqual({ ...new Consultation() })
    await on.putAway('reading', bad)
    expect((await on.faceById(id)).readings).toHaveLength(1)
    await on.putBack('reading', bad)
    expect(await asideNames()).toContain('A reading of a skin')
  })

  it('that was deleted and brought back is in no list unmended', async () => {
    const { id } = await add('Deleted and odd')
    await on.removeThing(id)
    await byHand(`UPDATE products SET l = 1e300 WHERE id = '${id}'`)
    await on.undo()
    await expect(on.retire({ ids: [id], retired: true })).rejects.toThrow('not here any more')
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(false)
    expect(await asideNames()).toContain('The bottle Deleted and odd')
    await on.mend('product', id)
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(true)
  })

  it('of a simulated supplier is as that supplier has it again', async () => {
    const [offer] = (await on.catalogue()).offers
    await byHand(`UPDATE offers SET measure = 'x', price_minor = 'dear' WHERE id = '${offer!.id}'`)
    expect((await on.catalogue()).offers.some(o => o.id === offer!.id)).toBe(false)
    await on.allSetAside()
    await on.mend('offer', offer!.id)
    expect((await on.catalogue()).offers.find(o => o.id === offer!.id)).toEqual(offer)
    await byHand(`UPDATE products SET kind = 'x', l = 'pale' WHERE id = '${offer!.productId}'`)
    expect((await on.catalogue()).offers.some(o => o.id === offer!.id)).toBe(false)
    await on.mend('product', offer!.productId)
    expect((await on.catalogue()).offers.find(o => o.id === offer!.id)).toEqual(offer)
  })

  it('of the settings costs only what is wrong in it', async () => {
    await on.changeSettings(Object.assign(new Settings(), { tolerance: 3, currency: 'EUR' }))
    await byHand(`UPDATE settings SET value = json_set(value, '$.tolerance', 'wide')`)
    expect(await on.settings()).toMatchObject({ tolerance: new Settings().tolerance, currency: 'EUR' })
    await byHand("UPDATE settings SET value = 'nonsense'")
    expect(await on.settings()).toMatchObject({ ...new Settings() })
  })

  it('is checked once as it stands, and again when it changes', async () => {
    const { id } = await add('Checked')
    const begun = performance.now()
    await on.kitProducts()
    const first = performance.now() - begun
    for (let i = 0; i < 20; i++) await on.kitProducts()
    expect((performance.now() - begun - first) / 20).toBeLessThan(first * 3)
    await byHand(`UPDATE products SET l = 6.2 WHERE id = '${id}'`)
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(false)
    await byHand(`UPDATE products SET l = 62 WHERE id = '${id}'`)
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(true)
  })
})
