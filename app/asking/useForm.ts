import { ref, shallowRef, type ShallowRef } from 'vue'
import type { StoredNow } from '#shared/checks/refusal'
import type { Dto } from '#shared/checks/shape'
import { check, type Issue } from '#shared/checks/validate'
import { outcomeOf, type NotSwallowed } from './api'

/**
 * A form over a DTO: the same rules as on the server, shown at their fields, and nothing typed is lost when it is refused.
 * @typeParam Changed the record it changes, as the server has it
 */
export function useForm<T extends object, Changed extends StoredNow = StoredNow>(dto: Dto<T>) {
  const issues = ref<Issue[]>([])
  const problem = ref('')
  const busy = ref(false)
  /** The record as it is now, where it was changed elsewhere meanwhile. */
  const clash: ShallowRef<Changed | null> = shallowRef(null)

  /** Messages for one field and those below it. */
  const at = (path: string) =>
    issues.value.filter(i => i.path === path || i.path.startsWith(`${path}.`)).map(i => i.message)

  /** Checks and sends; true when the server took it. */
  async function submit<R>(
    values: object,
    send: (value: T) => Promise<R>,
    ..._seen: NotSwallowed<R>
  ): Promise<boolean> {
    reset()
    const checked = check(dto, values)
    if (!checked.ok) {
      issues.value = checked.issues
      problem.value = 'Not saved yet: put right what is marked.'
      return false
    }
    busy.value = true
    try {
      const outcome = await outcomeOf(send(checked.value))
      if (!outcome.ok && outcome.refused) {
        issues.value = outcome.refused.issues
        problem.value = outcome.refused.message
        // A route answers with the record that its form is about.
        clash.value = outcome.refused.today as Changed | null
      }
      return outcome.ok
    } finally {
      busy.value = false
    }
  }

  function reset(): void {
    issues.value = []
    problem.value = ''
    clash.value = null
  }
  return { issues, problem, busy, clash, at, submit, reset }
}
