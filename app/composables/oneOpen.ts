import { computed, type Ref, type WritableComputedRef } from 'vue'

/** Whether each of some forms is open, of which one is at a time: a model for the dialog of each. */
export const oneOpen =
  <Form extends string>(form: Ref<Form | null>) =>
  (name: Form): WritableComputedRef<boolean> =>
    computed({
      get: () => form.value === name,
      set: open => {
        form.value = open ? name : null
      },
    })
