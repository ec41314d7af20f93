import { MishapInput } from '#shared/records/people/plans'
import { JobInput } from '#shared/records/days/jobs'
import { ApiProblem, type Attempted } from './api'
import { useForm } from './useForm'

const good = () => Object.assign(new JobInput(), { name: 'Market day' })

describe('a form', () => {
  it('is not sent while a field is wrong, and says at which', async () => {
    const form = useForm(JobInput)
    const send = jest.fn()
    expect(await form.submit({ ...good(), name: ' ', conditions: { hours: 99 } }, send)).toBe(false)
    expect(send).not.toHaveBeenCalled()
    expect(form.at('name')).toHaveLength(1)
    expect(form.at('conditions')).toHaveLength(1)
    expect(form.at('conditions.hours')).toHaveLength(1)
    expect(form.at('condition')).toEqual([])
    expect(form.problem.value).toMatch(/Not saved yet/)
  })

  it('sends what the rules make of it, busy meanwhile, and forgets what was wrong before', async () => {
    const form = useForm(JobInput)
    await form.submit({}, jest.fn())
    const sent = form.submit({ ...good(), stray: 1 }, value => {
      expect(form.busy.value).toBe(true)
      expect(value).toMatchObject({ name: 'Market day', place: '' })
      return Promise.resolve()
    })
    expect(await sent).toBe(true)
    expect([form.busy.value, form.problem.value, form.issues.value]).toEqual([false, '', []])
  })

  it('shows what the server refused, with both versions where it was changed elsewhere', async () => {
    const form = useForm(JobInput)
    const today = { name: 'Market night', version: 4 }
    const refused = new ApiProblem('It was changed elsewhere.', [{ path: 'name', message: 'is taken' }], today)
    expect(await form.submit(good(), () => Promise.reject(refused))).toBe(false)
    expect([form.at('name'), form.problem.value, form.clash.value, form.busy.value]).toEqual([
      ['is taken'],
      'It was changed elsewhere.',
      today,
      false,
    ])
    form.reset()
    expect([form.at('name'), form.problem.value, form.clash.value]).toEqual([[], '', null])
  })

  it('what is no refusal is not swallowed, and the form can be used again', async () => {
    const form = useForm(MishapInput)
    const broken = form.submit({ mishap: 'separated' }, () => Promise.reject(new TypeError('broken')))
    await expect(broken).rejects.toThrow('broken')
    expect(form.busy.value).toBe(false)
  })

  it('cannot be handed work that has swallowed its refusal: it would pass for a success', async () => {
    const form = useForm(JobInput)
    const attempt = () => Promise.resolve(false as Attempted)
    // @ts-expect-error -- an attempt has told its refusal and thrown none
    expect(await form.submit(good(), attempt)).toBe(true)
    expect(await form.submit(good(), () => Promise.resolve(false))).toBe(true)
  })
})
