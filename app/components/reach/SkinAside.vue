<script setup lang="ts">
import type { ReachedSkin } from '#core/complexion/reach'
import { ratioInWords, verdictOf } from '#core/complexion/mixing/recipe'

/** One skin of the field: the best the kit can do for it, or how it fails and what would mend that. */
const props = defineProps<{ skin: ReachedSkin; tolerance: number; bottles: ReturnType<typeof useKit>['byId'] }>()

const reached = computed(() => (props.skin.nearest?.deltaE ?? Infinity) <= props.tolerance)
// A recipe that is easy to count out, unless only a finer one is near enough.
const shown = computed(() => {
  const { best, nearest } = props.skin
  return best && (best.deltaE <= props.tolerance || !reached.value) ? best : nearest
})
const kit = useKit()
const fails = computed(() => listInWords(props.skin.failsBy))
</script>

<template>
  <div class="flow">
    <p class="small">Depth {{ skin.depth }}, {{ skin.undertone }}</p>
    <template v-if="shown">
      <TouchingFields :left="skin.lab" :right="shown.lab" left-name="skin" right-name="your mix" :height="130" />
      <h2>{{ VERDICT_WORDS[verdictOf(shown.deltaE)] }}</h2>
      <p class="small">
        ΔE {{ shown.deltaE.toFixed(1) }} in daylight<template v-if="!reached && fails"
          >; the nearest mix is {{ fails }}</template
        >
      </p>
      <h3>{{ ratioInWords(shown.drops) }}</h3>
      <DropStrip :drops="shown.drops" :bottles="bottles" />
    </template>
    <p v-else>There is nothing in the kit to mix: add a foundation.</p>
    <template v-if="!reached && kit.usable.length > 0">
      <h3>The smallest purchase that mends it</h3>
      <MendLines :skin="skin.lab" />
    </template>
    <v-btn v-if="!reached" color="primary" variant="flat" to="/buys">Weigh it against the other gaps</v-btn>
  </div>
</template>

<style scoped>
h2 {
  margin-top: 6px;
}
p {
  margin: 0;
}
</style>
