import { nextTick, reactive, ref } from 'vue'
import { useDrafts } from '~/stores/drafts'
import { device, visit } from '../../tests/support/device'
import { useDraft } from './useDraft'

const kept = device()
const form = () => reactive({ shade: '', lab: { L: Number.NaN }, kind: 'foundation' })

describe('a form left half filled in', () => {
  it('is as it was left when it is opened again, figures not typed yet too', async () => {
    const values = form()
    useDraft('product:new', values)
    values.shade = 'Heron'
    await nextTick()
    visit()
    const later = form()
    const draft = useDraft('product:new', later)
    expect(draft.found.value).toBe(true)
    expect(later).toEqual({ shade: 'Heron', lab: { L: Number.NaN }, kind: 'foundation' })
    draft.discard()
    expect(later.shade).toBe('')
    visit()
    expect(useDraft('product:new', form()).found.value).toBe(false)
  })

  it('is no draft once saved, or when it says again what it said at first', async () => {
    const values = form()
    const draft = useDraft('product:new', values)
    values.shade = 'Heron'
    await nextTick()
    draft.done()
    visit()
    expect(useDraft('product:new', form()).found.value).toBe(false)
    const other = form()
    useDraft('product:new', other)
    other.shade = 'x'
    await nextTick()
    other.shade = ''
    await nextTick()
    visit()
    expect(useDraft('product:new', form()).found.value).toBe(false)
  })

  it('takes what was changed elsewhere meanwhile', async () => {
    const values = form()
    useDraft('product:1', values)
    values.shade = 'Heron'
    await nextTick()
    visit()
    const now = reactive({ ...form(), kind: 'adjuster' })
    useDraft('product:1', now)
    expect(now).toMatchObject({ shade: 'Heron', kind: 'adjuster' })
  })

  it('follows its record while it is open, and keeps what was typed meanwhile', async () => {
    const values = form()
    const draft = useDraft('product:3', values)
    values.shade = 'Heron'
    // Saved with another kind, say, and typed on before the answer came.
    draft.follow({ ...form(), kind: 'adjuster', lab: { ...form().lab, L: 50 } })
    expect(values).toEqual({ shade: 'Heron', lab: { L: 50 }, kind: 'adjuster' })
    draft.follow({ ...form(), shade: 'Plover', kind: 'medium', lab: { ...form().lab, L: 50 } })
    expect(values).toMatchObject({ shade: 'Heron', kind: 'medium' })
    await nextTick()
    draft.discard()
    expect(values.shade).toBe('Plover')
  })

  it('fills the form’s own objects, also where it is made of several', async () => {
    const make = () => ({ values: form(), price: ref('') })
    const first = make()
    useDraft('product:2', reactive(first))
    first.values.shade = 'Heron'
    first.price.value = '32'
    await nextTick()
    visit()
    const later = make()
    const { values } = later
    useDraft('product:2', reactive(later))
    expect(values.shade).toBe('Heron')
    expect(later.price.value).toBe('32')
  })

  it('of another version, or of another program, stops nothing', () => {
    kept.set('varietas.drafts', JSON.stringify({ 'product:new': '{"mine":', 'face:new': 7 }))
    visit()
    expect(useDraft('product:new', form()).found.value).toBe(false)
    kept.set('varietas.drafts', 'nonsense')
    visit()
    expect(useDraft('product:new', form()).found.value).toBe(false)
  })

  it('goes with the person it was about, and a device is no archive', () => {
    const drafts = useDrafts()
    drafts.keep('ask:anna', '{}')
    drafts.keep('history:bert', '{"note":"like anna"}')
    drafts.keep('methods', '{}')
    drafts.dropAbout('anna')
    expect([drafts.of('ask:anna'), drafts.of('history:bert'), drafts.of('methods')]).toEqual([
      undefined,
      undefined,
      '{}',
    ])
    for (let i = 0; i < 100; i++) drafts.keep(`k${i}`, 'x'.repeat(10_000))
    expect(drafts.of('k99')).toBeDefined()
    expect(drafts.of('k0')).toBeUndefined()
    expect(kept.get('varietas.drafts')!.length).toBeLessThan(500_000)
  })
})
