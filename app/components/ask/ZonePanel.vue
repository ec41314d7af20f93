<script setup lang="ts">
import { SKIN_TYPES, ZONE_STATES, type Zone, type ZoneState } from '#core/asked/face'
import type { ZoneInput } from '#shared/records/method/consultation'

/** What is seen on the chosen zone; stopping signs say at once what follows from them. */
const props = defineProps<{ zone: Zone }>()
const zones = defineModel<ZoneInput[]>({ required: true })

const BY_ZONE: Partial<Record<Zone, readonly ZoneState[]>> = {
  'lips': ['chapped', 'lined', 'broken', 'signs of infection'],
  'eye area': ['dark circles', 'lined', 'reactive', 'dehydrated', 'broken', 'signs of infection'],
  'hairline': ['dehydrated', 'flaky', 'reactive', 'blemish-prone', 'broken', 'sunburnt', 'signs of infection'],
}
const ON_SKIN = ZONE_STATES.filter(s => !['dark circles', 'chapped', 'lined'].includes(s))
const states = computed(() => BY_ZONE[props.zone] ?? ON_SKIN)
const entry = computed<ZoneInput>(
  () => zones.value.find(z => z.zone === props.zone) ?? { zone: props.zone, states: [] },
)

function put(next: ZoneInput) {
  const others = zones.value.filter(z => z.zone !== props.zone)
  zones.value = next.states.length > 0 || next.type ? [...others, next] : others
}
const seen = computed({
  get: () => entry.value.states,
  set: states => put({ ...entry.value, states: [...states] }),
})
const type = computed({
  get: () => entry.value.type ?? undefined,
  set: type => put({ ...entry.value, type: type ?? null }),
})
const hasType = computed(() => !['lips', 'eye area', 'hairline', 'neck'].includes(props.zone))
const caution = computed(() => {
  if (entry.value.states.includes('signs of infection'))
    return 'Leave this area alone, and suggest they see a pharmacist or doctor. Varietas gives no medical advice.'
  if (entry.value.states.includes('broken') || entry.value.states.includes('sunburnt'))
    return 'Disposables only here, or leave it bare: nothing porous that is used again may touch it.'
  return ''
})
</script>

<template>
  <div class="flow">
    <h3>{{ capital(zone) }}</h3>
    <Choices
      v-if="hasType"
      v-model="type"
      label="Here the skin is"
      optional
      :options="SKIN_TYPES.filter(t => t !== 'combination')"
    />
    <Choices v-model="seen" several label="and it looks" :options="states" />
    <p v-if="caution" role="status">
      <b>{{ caution }}</b>
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
</style>
