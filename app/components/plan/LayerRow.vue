<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Layer } from '#core/plan/facePlan'
import { amountInWords, effectInWords, reasonInWords } from '~/words/plan'

/** One layer: what, its colour, why, how much and with what; unfolds into every reason and what could go there instead. */
const props = defineProps<{ layer: Layer; open: boolean; isCut?: boolean }>()
const emit = defineEmits<{
  toggle: []
  lock: []
  unlock: []
  empty: []
  take: [other: Layer['alternatives'][number]]
}>()
const head = computed(() => `${props.layer.name}${props.layer.where ? `, ${props.layer.where}` : ''}`)
</script>

<template>
  <li class="layer" :class="{ open, cut: isCut }">
    <button type="button" class="row" :aria-expanded="open" @click="emit('toggle')">
      <span class="what"
        ><b>{{ head }}</b
        ><span class="small">{{ layer.item.name }}{{ layer.locked ? ' · held' : '' }}</span></span
      >
      <span
        class="chip"
        :class="{ clear: !layer.item.lab }"
        :style="layer.item.lab ? { background: labToCss(layer.item.lab) } : {}"
        aria-hidden="true"
      />
      <span class="why">{{ reasonInWords(layer.findings, layer.asked) }}</span>
      <span class="how small">{{ amountInWords(layer.amount) }}<br />{{ layer.tool }}</span>
    </button>
    <div v-if="open" class="more">
      <ul class="bare reasons">
        <li v-for="why in layer.asked" :key="why"><span class="weight">why</span>{{ why }}</li>
        <li v-for="f in layer.findings" :key="f.rule + f.sentence">
          <span class="weight">{{ effectInWords(f) }}</span>{{ f.sentence }}
        </li>
      </ul>
      <div class="acts">
        <Act v-if="layer.locked" @click="emit('unlock')">Let it go</Act>
        <Act v-else @click="emit('lock')">Hold it here</Act>
        <Act @click="emit('empty')">Leave it out</Act>
      </div>
      <template v-if="layer.alternatives.length > 0">
        <h3>Or</h3>
        <p v-for="other in layer.alternatives" :key="other.item.id" class="other">
          <Act @click="emit('take', other)">{{ other.item.name }}</Act>
          <span class="small">{{ reasonInWords(other.findings, [], 3) }}</span>
        </p>
      </template>
    </div>
  </li>
</template>

<style scoped>
.layer {
  border-bottom: 1px solid var(--line);
}
.row {
  width: 100%;
  display: grid;
  grid-template-columns: 200px 34px minmax(0, 1fr) 132px;
  gap: 0 16px;
  align-items: center;
  min-height: 44px;
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  line-height: 1.25;
}
.row:hover .what b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.what {
  display: grid;
  padding: 3px 0;
}
.chip {
  align-self: stretch;
  print-color-adjust: exact;
}
.chip.clear {
  border: 1px dashed var(--muted);
  margin: 6px 0;
}
.why {
  font-size: 0.92rem;
  padding: 3px 0;
}
.how {
  text-align: right;
  padding: 3px 0;
}
.cut .what b {
  text-decoration: line-through;
}
.open {
  background: var(--sheet);
}
.more {
  padding: 4px 0 12px;
  display: grid;
  gap: 6px;
  margin-left: 250px;
}
.reasons li {
  display: grid;
  grid-template-columns: 5.2em 1fr;
  gap: 6px;
}
.weight {
  font-weight: 650;
  text-align: right;
  padding-right: 8px;
}
.other {
  margin: 0;
  display: flex;
  gap: 10px;
  align-items: baseline;
  flex-wrap: wrap;
}
.other .small {
  flex: 1 1 260px;
}
@media (max-width: 760px) {
  .row {
    grid-template-columns: 22px minmax(0, 1fr) auto;
    grid-template-areas: 'chip what how' 'chip why why';
    gap: 0 10px;
  }
  .chip {
    grid-area: chip;
  }
  .what {
    grid-area: what;
  }
  .why {
    grid-area: why;
  }
  .how {
    grid-area: how;
  }
  .more {
    margin-left: 32px;
  }
}
</style>
