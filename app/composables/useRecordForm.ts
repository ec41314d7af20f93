import type { Dto } from '#shared/checks/shape'
import { useDraft } from './useDraft'
import { useForm } from '../asking/useForm'

/**
 * A form over one record, new or there already: what is typed is kept on the device until it is saved, and where the record was
 * changed elsewhere meanwhile either version can be taken.
 * @param of what the form is about, to keep its draft by
 * @param form `values` is what is typed: the input of the DTO, and what else the fields hold
 */
export function useRecordForm<
  R extends { id: string; version: number },
  I extends { version?: number },
  V extends I = I,
>(
  of: string,
  dto: Dto<I>,
  form: {
    record: R | null
    values: V
    inputOf: (record: R) => V
    /** What is sent, where it is not what was typed word for word. */
    sent?: (values: V) => object
    add: (input: I) => Promise<R>
    change: (id: string, input: I) => Promise<unknown>
    /** Shows the record as it is now wherever else it is on screen. */
    put: (record: R) => void
    done: (id: string) => void
  },
) {
  const { record, values } = form
  const { at, submit, problem, busy, clash, reset } = useForm<I, R>(dto)
  const draft = useDraft(`${of}:${record?.id ?? 'new'}`, values)

  async function save(): Promise<void> {
    let id = record?.id
    const saved = await submit(form.sent?.(values) ?? values, async input => {
      if (id) await form.change(id, input)
      else ({ id } = await form.add(input))
    })
    if (!saved || !id) return
    draft.done()
    form.done(id)
  }
  function takeTheirs(): void {
    const there = clash.value!
    form.put(there)
    Object.assign(values, form.inputOf(there))
    reset()
  }
  async function keepMine(): Promise<void> {
    values.version = clash.value!.version
    await save()
  }
  return { at, problem, busy, clash, draft, save, takeTheirs, keepMine }
}
