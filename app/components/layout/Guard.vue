<script setup lang="ts">
import type { FunctionalComponent } from 'vue'

/**
 * What goes wrong in drawing one part stays in that part: one odd record never blanks a list or a page. The slot is drawn by a
 * component of its own, since an error in a slot counts as one of the component that draws it.
 */
const props = defineProps<{
  what: string
  /** Drawn as a row of a table. */
  row?: boolean
  /** Tried again by itself when this changes. */
  anew?: string
}>()
const failed = ref(false)
const Part: FunctionalComponent = (_props, { slots }) => slots.default?.()

onErrorCaptured(() => {
  failed.value = true
  return false
})
const again = () => {
  failed.value = false
}
watch(() => props.anew, again)
</script>

<template>
  <Part v-if="!failed"><slot /></Part>
  <tr v-else-if="row">
    <td colspan="20" role="alert">
      <b>{{ what }} cannot be shown.</b> <Act @click="again">Try again</Act>
    </td>
  </tr>
  <div v-else role="alert">
    <h1>{{ what }} cannot be shown.</h1>
    <p class="lead">
      Something in it could not be drawn; nothing is lost, and everything else works. The
      <NuxtLink to="/">Bench</NuxtLink> says if a record needs a hand.
      <Act @click="again">Try again</Act>
    </p>
  </div>
</template>
