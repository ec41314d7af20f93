<script setup lang="ts">
/** A number as it is typed, with a point or a comma; empty is not a number. What it may be is said by the form's rules. */
const { whole = false } = defineProps<{ whole?: boolean }>()
const number = defineModel<number>({ required: true })
defineOptions({ inheritAttrs: false })

/** A comma is taken for a point before the field, which knows one sign only, would drop it and make 32,5 to 325. */
function point(event: InputEvent | ClipboardEvent) {
  const typed = 'data' in event ? event.data : event.clipboardData?.getData('text')
  if (!typed?.includes(',')) return
  event.preventDefault()
  event.stopPropagation()
  document.execCommand('insertText', false, typed.replaceAll(',', '.'))
}
</script>

<template>
  <div @beforeinput.capture="point($event as InputEvent)" @paste.capture="point">
    <v-number-input
      v-bind="$attrs"
      :model-value="Number.isFinite(number) ? number : null"
      :precision="whole ? 0 : null"
      decimal-separator="."
      control-variant="hidden"
      :inputmode="whole ? 'numeric' : 'decimal'"
      @update:model-value="number = $event ?? Number.NaN"
    />
  </div>
</template>
