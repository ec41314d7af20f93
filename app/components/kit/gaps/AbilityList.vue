<script setup lang="ts">
import type { AbilityFound, AbilityState } from '#core/standard/audit'
import type { AuditAnswer } from '#shared/records/kit/standards'

/** Abilities in one state, each with the things that give it and what it lacks. */
const { state, abilities, things } = defineProps<{
  standardId: string
  placeId: string | null
  atHomeToo: boolean
  state: AbilityState
  abilities: readonly AbilityFound[]
  things: AuditAnswer['things']
}>()

const HEADS: Record<AbilityState, { sign: string; title: string }> = {
  missing: { sign: '○', title: 'Missing' },
  thin: { sign: '◐', title: 'One failure away' },
  met: { sign: '●', title: 'Met' },
  doubled: { sign: '●●', title: 'Met twice over' },
}
const byId = computed(() => new Map(things.map(t => [t.id, t])))
const MOST_NAMED = 6
const named = (ids: readonly string[]) => {
  const names = [...new Set(ids.map(id => byId.value.get(id)?.name ?? ''))].filter(Boolean)
  return names.length > MOST_NAMED
    ? `${names.slice(0, MOST_NAMED).join(', ')} and ${names.length - MOST_NAMED} more`
    : listInWords(names)
}
const lacking = (a: AbilityFound) => depthsTogether(a.lacking).join('; ')
/** Colours of the things that give it. */
const swatches = ({ carriedBy }: AbilityFound) =>
  carriedBy.flatMap(id => byId.value.get(id)?.lab ?? []).slice(0, MOST_NAMED)
</script>

<template>
  <section v-if="abilities.length > 0" :aria-label="HEADS[state].title">
    <h2>
      <span class="sign" aria-hidden="true">{{ HEADS[state].sign }}</span> {{ HEADS[state].title }}
      <span class="small">{{ abilities.length }}</span>
    </h2>
    <ul class="bare list">
      <li v-for="a in abilities" :key="a.ability.id">
        <div>
          <p>
            <b>{{ a.ability.name }}</b>
            <span v-if="a.points > 1" class="small"> {{ a.served }} of {{ a.points }}</span>
          </p>
          <p class="small">{{ capital(a.ability.why) }}.</p>
          <p v-if="a.lacking.length > 0" class="small strong">Not there: {{ lacking(a) }}.</p>
          <p v-if="a.hangsOn.length > 0" class="small strong">Hangs on {{ named(a.hangsOn) }}.</p>
          <p v-else-if="a.carriedBy.length > 0" class="small">
            {{ state === 'missing' ? 'What there is of it is carried by' : 'Carried by' }} {{ named(a.carriedBy)
            }}{{ a.also.length > 0 ? `; ${plural(a.also.length, 'other thing')} can too` : '' }}.
          </p>
          <FillGap
            v-if="state === 'missing'"
            :standard-id="standardId"
            :ability-id="a.ability.id"
            :name="a.ability.name"
            :place-id="placeId"
            :at-home-too="atHomeToo"
          />
        </div>
        <span v-if="swatches(a).length > 0" class="colours" aria-hidden="true"
          ><Swatch v-for="(lab, i) in swatches(a)" :key="i" :lab="lab" :size="26"
        /></span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  border-bottom: 1px solid var(--ink);
  padding: 14px 0 4px;
}
.sign {
  display: inline-block;
  min-width: 1.5em;
  letter-spacing: -0.1em;
  font-family: var(--v-font-body);
  font-size: 1.1rem;
}
.list > li {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
p {
  margin: 1px 0 0;
}
.strong {
  color: var(--ink);
}
.colours {
  display: flex;
  flex: none;
  align-items: center;
}
</style>
