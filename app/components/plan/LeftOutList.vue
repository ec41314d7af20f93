<script setup lang="ts">
import type { LeftOut } from '#core/plan/described/leftOut'

/** What was there and was not taken, with the one reason that weighed most; a veto can be lifted here. */
const props = defineProps<{ leftOut: readonly LeftOut[] }>()
const emit = defineEmits<{ lift: [itemId: string, rule: string, reason: string] }>()
const FIRST = 5
const all = ref(false)
const shown = computed(() => (all.value ? props.leftOut : props.leftOut.slice(0, FIRST)))

const asking = ref<LeftOut | null>(null)
const chosen = ref<string>()
const reason = ref('')
const drafts = useDrafts()
const namesOf = ({ products }: Pick<LeftOut, 'products'>) => products.map(p => p.name)
const keyOf = ({ finding, products }: LeftOut) => `lift:${finding.rule}:${products.map(p => p.itemId ?? p.name).join()}`
watch(reason, now => {
  if (asking.value && now) drafts.keep(keyOf(asking.value), now)
})
const isHarm = ({ finding: { effect } }: LeftOut) => effect.is === 'veto' && effect.of === 'harm'
/** A veto can be lifted, but not an empty bottle filled. */
const usable = ({ finding, products }: LeftOut): { name: string; itemId: string }[] =>
  finding.effect.is === 'veto' && finding.sentence !== 'it is empty'
    ? products.flatMap(({ name, itemId }) => (itemId === null ? [] : [{ name, itemId }]))
    : []

function use(entry: LeftOut) {
  const all = usable(entry)
  if (all.length === 1 && !isHarm(entry)) return emit('lift', all[0]!.itemId, entry.finding.rule, '')
  reason.value = drafts.of(keyOf(entry)) ?? ''
  chosen.value = all[0]?.itemId
  asking.value = entry
}
function confirm() {
  const entry = asking.value
  const itemId = chosen.value
  if (!entry || !itemId || (isHarm(entry) && reason.value.trim() === '')) return
  emit('lift', itemId, entry.finding.rule, reason.value.trim())
  drafts.drop(keyOf(entry))
  asking.value = null
}
</script>

<template>
  <section aria-label="Left out">
    <h2>Left out, and why</h2>
    <p v-if="leftOut.length === 0" class="small">Nothing had to be left out.</p>
    <dl>
      <template v-for="entry in shown" :key="entry.finding.rule + entry.finding.sentence">
        <dt>
          <s v-for="(p, i) in entry.products" :key="p.itemId ?? p.name"
            >{{ p.name }}{{ i < entry.products.length - 1 ? ', ' : '' }}</s
          >
        </dt>
        <dd class="small">
          {{ entry.finding.sentence }}
          <Act
            v-if="usable(entry).length > 0"
            :aria-label="`Use all the same: ${namesOf({ products: usable(entry) }).join(', ')}`"
            @click="use(entry)"
          >
            Use it
          </Act>
        </dd>
      </template>
    </dl>
    <Act v-if="leftOut.length > FIRST" :aria-expanded="all" @click="all = !all">
      {{ all ? 'Fewer' : `${leftOut.length - FIRST} more` }}
    </Act>
    <v-dialog
      :model-value="asking !== null"
      max-width="480"
      aria-label="Use all the same"
      @update:model-value="asking = null"
    >
      <v-card v-if="asking">
        <form class="ask" @submit.prevent="confirm">
          <h2>{{ usable(asking).length === 1 ? usable(asking)[0]!.name : 'Which of them?' }}</h2>
          <Choices
            v-if="usable(asking).length > 1"
            v-model="chosen"
            label="Product"
            :options="usable(asking).map(p => [p.itemId, p.name] as const)"
            hide-label
          />
          <template v-if="isHarm(asking)">
            <p>
              <b>{{ capital(asking.finding.sentence) }}.</b> It may do harm. If it has to be used, say why: the reason
              is kept with the plan.
            </p>
            <p class="small">Labels, local rules and a professional’s training come first.</p>
            <v-textarea v-model="reason" v-first label="Why it is used all the same" rows="2" maxlength="500" />
          </template>
          <p v-else>{{ capital(asking.finding.sentence) }}.</p>
          <div class="acts">
            <v-btn type="submit" color="primary" variant="flat" :disabled="isHarm(asking) && reason.trim() === ''"
              >Use it</v-btn
            ><v-btn variant="text" @click="asking = null">Leave it out</v-btn>
          </div>
        </form>
      </v-card>
    </v-dialog>
  </section>
</template>

<style scoped>
dl {
  margin: 6px 0 0;
}
dt {
  margin-top: 6px;
}
dd {
  margin: 0;
}
dd {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  align-items: center;
}
dd .act {
  flex: none;
}
.ask {
  display: grid;
  gap: 12px;
  padding: 22px 24px;
}
.ask p {
  margin: 0;
}
</style>
