import { reactive, ref, shallowRef } from 'vue'
import type { ReadRows, TableHabits } from '#core/stock/table/rows'
import { IMPORTED_MOST, ImportInput, KIT_FORMAT, KIT_VERSION, type ImportOutcome } from '#shared/records/kit/imported'
import { today } from '#shared/today'
import { check, plain } from '#shared/checks/validate'
import type { TableWork } from '~/workers/table.worker'
import { api, ApiProblem, outcomeOf } from '../asking/api'
import { useWorker } from '../asking/useWorker'
import { useSheets } from './useSheets'

/** A table from a file: opened, its columns named, looked through, and only then imported. */
export function useTableIn(currency: string) {
  const worker = useWorker<TableWork>(
    () => new Worker(new URL('../workers/table.worker.ts', import.meta.url), { type: 'module' }),
  )
  const step = ref<'file' | 'columns' | 'look'>('file')
  const problem = ref('')
  const table = useSheets()
  const { sheets, headed, mapping, body, choose } = table
  const habits = reactive<TableHabits>({ today: today(), dayFirst: true, currency, rates: {} })
  const read = shallowRef<ReadRows | null>(null)
  const input = shallowRef<ImportInput | null>(null)
  const outcome = shallowRef<ImportOutcome | null>(null)
  const sending = ref(false)

  const attempt = async <T>(act: () => Promise<T>): Promise<T | undefined> => {
    problem.value = ''
    const outcome = await outcomeOf(act)
    if (outcome.ok) return outcome.value
    problem.value = outcome.refused?.message ?? ''
    return undefined
  }

  async function open(file: File): Promise<void> {
    if (/\.json$/i.test(file.name)) return openJson(file)
    const found = await attempt(() => worker.run(w => w.open(file)))
    if (!found) return
    sheets.value = found
    choose(found.reduce((most, s, i) => (s.rows.length > found[most]!.rows.length ? i : most), 0))
    step.value = 'columns'
  }

  /** A kit that was written out says itself what it is. */
  async function openJson(file: File): Promise<void> {
    await attempt(async () => {
      const kit = exportedKit(await file.text())
      read.value = { things: [], problems: [], asides: [], currencies: [] }
      await look(kit)
    })
  }

  async function readIt(): Promise<void> {
    const rowsRead = await attempt(() =>
      worker.run(w => w.read(body.value, [...mapping.value], { ...habits, rates: { ...habits.rates } })),
    )
    if (!rowsRead) return
    read.value = rowsRead
    if (rowsRead.things.length > IMPORTED_MOST) {
      problem.value = `It has ${rowsRead.things.length} rows and ${IMPORTED_MOST} are taken in at a time: split it in two.`
      return
    }
    if (rowsRead.things.length === 0) {
      outcome.value = null
      step.value = 'look'
      return
    }
    const checked = check(ImportInput, { things: rowsRead.things })
    if (!checked.ok) {
      const at = /^things\[(\d+)\]/.exec(checked.issues[0]!.path)
      const row = at ? `Row ${rowsRead.things[Number(at[1])]!.row + (headed.value ?? -1) + 1}: ` : ''
      problem.value = `${row}${checked.issues[0]!.path.replace(/^things\[\d+\]\./, '')} ${checked.issues[0]!.message}.`
      return
    }
    await attempt(() => look(checked.value))
  }

  async function look(checked: ImportInput): Promise<void> {
    input.value = checked
    outcome.value = await send(true)
    step.value = 'look'
  }

  async function send(onlyLook: boolean): Promise<ImportOutcome> {
    sending.value = true
    try {
      return await api('post', '/api/things/import', {}, { body: { ...plain(input.value!), onlyLook } })
    } finally {
      sending.value = false
    }
  }
  const takeIn = () => attempt(() => send(false))

  return {
    ...table,
    worker,
    step,
    problem,
    habits,
    read,
    outcome,
    sending,
    open,
    readIt,
    takeIn,
  }
}

function parsed(text: string): Record<string, unknown> | null {
  try {
    return JSON.parse(text) as Record<string, unknown> | null
  } catch {
    throw new ApiProblem('It cannot be read as JSON: is it whole?')
  }
}

/** A kit that Varietas exported. @throws ApiProblem for anything else */
function exportedKit(text: string): ImportInput {
  const kit = parsed(text)
  if (kit?.format !== KIT_FORMAT)
    throw new ApiProblem(`It is no kit that was written out: its format must be ${KIT_FORMAT}.`)
  if (kit.version !== KIT_VERSION) throw new ApiProblem('It was written by a newer Varietas: take it in with that one.')
  const checked = check(ImportInput, { places: kit.places, things: kit.things })
  if (!checked.ok) throw new ApiProblem(`${checked.issues[0]!.path} ${checked.issues[0]!.message}.`)
  return checked.value
}
