import { computed, type Ref, type WritableComputedRef } from 'vue'

/** Models for the dialogs of several forms: at most one is open. */
export const oneOpen =
  <Form extends string>(form: Ref<Form | null>) =>
  (name: Form): WritableComputedRef<boolean> =>
    computed({
      get: () => form.value === name,
      set: open => {
        form.value = open ? name : null
      },
    })
