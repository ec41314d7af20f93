import { computed, type Ref, type WritableComputedRef } from 'vue'

/** A model for the dialog of each of several forms, of which at most one is open. */
export const oneOpen =
  <Form extends string>(form: Ref<Form | null>) =>
  (name: Form): WritableComputedRef<boolean> =>
    computed({
      get: () => form.value === name,
      set: open => {
        form.value = open ? name : null
      },
    })
