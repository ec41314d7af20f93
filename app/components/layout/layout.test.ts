import { defineComponent, h, nextTick, ref, shallowRef, type PropType } from 'vue'
import { all, mount, textOf } from '../../../tests/support/mount'
import Act from './Act.vue'
import Answer from './Answer.vue'
import Choices from './Choices.vue'
import Clash from './Clash.vue'
import Computing from './Computing.vue'
import DraftNote from './DraftNote.vue'
import Failed from './Failed.vue'
import FormDialog from './FormDialog.vue'
import Guard from './Guard.vue'
import MoneyField from './MoneyField.vue'
import NumberField from './NumberField.vue'
import PageHead from './PageHead.vue'
import RecordForm from './RecordForm.vue'
import ShowMore from './ShowMore.vue'
import Working from './Working.vue'

/** A table as the lines it was given: how it is drawn is the browser tests' matter. */
const Ledger = defineComponent({
  props: {
    columns: { type: Array as PropType<{ of: (line: unknown) => string }[]>, required: true },
    lines: { type: Array, required: true },
  },
  setup: props => () =>
    props.lines.map(line =>
      h(
        'tr',
        props.columns.map(c => h('td', `${c.of(line)} `)),
      ),
    ),
})
const parts = { Act, Clash, DraftNote, Failed, Guard, Ledger, Working }

describe('the answer to what a page asked', () => {
  const asking = () => ({ value: shallowRef<string | null>(null), problem: ref(''), again: jest.fn() })
  const drawn = (asked: ReturnType<typeof asking>, more = {}) =>
    mount(
      Answer,
      { asked, waiting: 'Looking', refused: 'It could not be looked up.', ...more },
      { parts, slots: { default: () => h('p', `It is ${asked.value.value}.`) } },
    )

  it('is waited for, then there', async () => {
    const asked = asking()
    const page = drawn(asked)
    expect(page.text()).toBe('Looking …')
    asked.value.value = 'Keel'
    await nextTick()
    expect(page.text()).toBe('It is Keel.')
  })

  it('that is refused says why, and asks again', async () => {
    const asked = asking()
    asked.problem.value = 'The server does not answer.'
    const page = drawn(asked)
    expect(page.text()).toBe('It could not be looked up.The server does not answer. Try again')
    await page.press('Try again')
    expect(asked.again).toHaveBeenCalledTimes(1)
  })

  it('stays when the next is refused, only where it keeps', () => {
    for (const [keeps, says] of [
      [true, 'It is Keel.'],
      [false, 'It could not be looked up.The server does not answer. Try again'],
    ] as const) {
      const asked = asking()
      asked.value.value = 'Keel'
      asked.problem.value = 'The server does not answer.'
      expect(drawn(asked, { keeps }).text()).toBe(says)
    }
  })
})

describe('choices', () => {
  const choosing = (props: object) => {
    const chosen = jest.fn()
    const page = mount(Choices, { 'label': 'Finish', 'onUpdate:modelValue': chosen, ...props })
    const choose = page.one('div')!.props['onUpdate:modelValue'] as (now: unknown) => void
    return { page, chosen, choose }
  }
  const pressed = ({ root }: ReturnType<typeof mount>) =>
    all(root, n => n.tag === 'button' && n.props['aria-pressed'] === true).map(textOf)

  it('show what is chosen, and hand on what is chosen next', () => {
    const { page, chosen, choose } = choosing({ modelValue: 'matte', options: ['matte', ['dewy', 'a glow']] })
    expect(pressed(page)).toEqual(['matte'])
    expect(page.text()).toContain('a glow')
    choose('dewy')
    expect(chosen).toHaveBeenCalledWith('dewy')
  })

  it('that may be several keep what is not offered here', () => {
    const { page, chosen, choose } = choosing({
      modelValue: ['latex', 'matte'],
      options: ['matte', 'dewy'],
      several: true,
    })
    expect(pressed(page)).toEqual(['matte'])
    choose(['dewy'])
    expect(chosen).toHaveBeenCalledWith(['latex', 'dewy'])
  })
})

describe('two versions of a record', () => {
  const kept = jest.fn()
  const taken = jest.fn()
  const clash = (mine: object, today: object) => mount(Clash, { mine, today, onMine: kept, onTheirs: taken }, { parts })

  it('are shown field by field where they differ, in words', () => {
    const { text } = clash(
      { shade: 'Heron', skinType: 'oily', notes: '', version: 3 },
      { shade: 'Plover', skinType: 'oily', notes: null, version: 4 },
    )
    expect(text()).toContain('Name Heron Plover')
    expect(text()).not.toMatch(/version|oily/)
  })

  it('can be taken either way', async () => {
    const page = clash({ shade: 'Heron' }, { shade: 'Plover' })
    await page.press('Keep yours')
    await page.press('Take what is there')
    expect([kept, taken].map(f => f.mock.calls.length)).toEqual([1, 1])
  })

  it('that say the same say so', () => {
    expect(clash({ shade: 'Heron' }, { shade: 'Heron' }).text()).toContain('Both say the same.')
  })
})

describe('a computation', () => {
  const computing = (state: string, more = {}) => {
    const acts = { onStop: jest.fn(), onAgain: jest.fn() }
    return {
      ...acts,
      page: mount(Computing, { state, what: 'Weighing every set', done: 0.4, ...acts, ...more }, { parts }),
    }
  }

  it('says how far it is, and can be stopped', async () => {
    const { page, onStop } = computing('working')
    expect(page.text()).toContain('Weighing every set …')
    expect(page.withRole('progressbar')!.props).toMatchObject({
      'aria-valuenow': 40,
      'aria-label': 'Weighing every set',
    })
    await page.press('Stop')
    expect(onStop).toHaveBeenCalledTimes(1)
  })

  it('that was stopped or failed is begun again', async () => {
    const stopped = computing('stopped', { again: 'Plan again' })
    await stopped.page.press('Plan again')
    expect(stopped.onAgain).toHaveBeenCalledTimes(1)
    const failed = computing('failed')
    expect(failed.page.text()).toMatch(/could not be computed.*Nothing is lost/)
    await failed.page.press('Try again')
    expect(failed.onAgain).toHaveBeenCalledTimes(1)
  })

  it('that has an answer says nothing', () => {
    expect(computing('ready').page.text()).toBe('')
  })
})

describe('fields', () => {
  const typing = (component: typeof MoneyField | typeof NumberField, modelValue: number | null) => {
    const taken = jest.fn()
    const page = mount(component, { modelValue, 'onUpdate:modelValue': taken, 'label': 'Price' })
    const field = () => page.one('input')!.props
    return { taken, field, type: (text: unknown) => (field()['onUpdate:modelValue'] as (text: unknown) => void)(text) }
  }

  it('of money read a comma, keep what is typed, and take nothing for a sum', async () => {
    const { taken, field, type } = typing(MoneyField, 3200)
    expect(field()).toMatchObject({ 'model-value': '32.00', 'label': 'Price' })
    type('32,5')
    type('')
    type('a lot')
    expect(taken.mock.calls.map(([minor]) => minor as number | null)).toEqual([3250, null, Number.NaN])
    await nextTick()
    expect(field()['model-value']).toBe('a lot')
  })

  it('of a number are empty where there is none, and hand on that there is none', () => {
    const { taken, field, type } = typing(NumberField, Number.NaN)
    expect(field()['model-value']).toBeNull()
    type(12)
    type(null)
    expect(taken.mock.calls.map(([n]) => n as number)).toEqual([12, Number.NaN])
  })
})

describe('a form over a record', () => {
  const form = () => ({
    at: () => [],
    problem: ref(''),
    busy: ref(false),
    clash: shallowRef<object | null>(null),
    draft: { found: ref(false), follow: jest.fn(), done: jest.fn(), discard: jest.fn() },
    save: jest.fn(),
    takeTheirs: jest.fn(),
    keepMine: jest.fn(),
  })
  const drawn = (of: ReturnType<typeof form>) =>
    mount(
      RecordForm,
      { title: 'A face', act: 'Save', form: of, values: { name: 'Noor' } },
      { parts, slots: { default: () => h('p', 'Name') } },
    )

  it('has its fields and its end; a press saves', () => {
    const of = form()
    const page = drawn(of)
    expect(page.text()).toBe('A faceNameSaveCancel')
    ;(page.one('form')!.props.onSubmit as (event: object) => void)({ preventDefault: () => undefined })
    expect(of.save).toHaveBeenCalledTimes(1)
  })

  it('says what is wrong, that it was left half filled in, and that the record was changed elsewhere', async () => {
    const of = form()
    of.problem.value = 'Say a name.'
    of.draft.found.value = true
    of.clash.value = { name: 'Nour' }
    const page = drawn(of)
    for (const words of ['Say a name.', 'As you left it, not saved yet.', 'Name Noor Nour'])
      expect(page.text()).toContain(words)
    await page.press('Begin anew')
    await page.press('Keep yours')
    expect([of.draft.discard, of.keepMine, of.takeTheirs].map(f => f.mock.calls.length)).toEqual([1, 1, 0])
  })
})

it('a part that cannot be drawn takes only itself, and is tried again', async () => {
  let isOdd = true
  const Odd = {
    setup: () => () => {
      if (isOdd) throw new Error('odd')
      return h('p', 'drawn')
    },
  }
  const page = mount(Guard, { what: 'The board' }, { parts, slots: { default: () => h(Odd) } })
  await nextTick()
  expect(page.text()).toMatch(/^The board cannot be shown\./)
  isOdd = false
  await page.press('Try again')
  expect(page.text()).toBe('drawn')
})

it('a head has its reason and its acts only where there are some', () => {
  expect(mount(PageHead, { title: 'Everything is in.' }).text()).toBe('Everything is in.')
  const full = mount(
    PageHead,
    { title: 'One is in.', class: 'free' },
    { slots: { default: () => 'Pouch by pouch.', acts: () => h('button', 'Print') } },
  )
  expect(full.text()).toBe('One is in.Pouch by pouch.Print')
  expect(full.one('h1')!.props.class).toBe('free')
})

it('a list says how much of it is shown, and offers the rest while there is some', async () => {
  const more = jest.fn()
  const page = (next: string | null, lines = 2) =>
    mount(
      ShowMore,
      { page: { lines: Array.from({ length: lines }), next, count: 5 }, busy: false, onMore: more },
      { parts },
    )
  await page('x').press('Show more')
  expect(more).toHaveBeenCalledTimes(1)
  expect(page(null).text()).toBe('2 of 5 shown.')
  expect(page(null, 0).text()).toBe('')
})

it('a dialog has nothing in it until it is opened, and its form is made anew each time', async () => {
  const open = ref(false)
  let made = 0
  const Form = { setup: () => (made++, () => h('p', 'form')) }
  const page = mount({
    setup: () => () => h(FormDialog, { modelValue: open.value, label: 'Face' }, { default: () => h(Form) }),
  })
  expect(page.one('dialog')).toBeUndefined()
  for (const is of [true, false, true]) {
    open.value = is
    await nextTick()
  }
  expect([page.text(), made]).toEqual(['form', 2])
})
