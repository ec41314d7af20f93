<script setup lang="ts">
import { ForgetInput, type Mention } from '#shared/records/people/forgetting'
import type { Face } from '#shared/records/people/faces'
import { api } from '~/asking/api'

/** Forgets somebody for good: first it shows where else they are named, so that each text can be put right or left. */
const props = defineProps<{ face: Face }>()
const emit = defineEmits<{ stay: [] }>()
const faces = useFaces()
const buys = useBuys()

const {
  value: found,
  problem,
  again,
} = useAsked(
  () => props.face.id,
  (id, signal) => api('get', '/api/faces/:id/mentions', { id }, { signal }),
)

interface Choice extends Mention {
  leave: boolean
  now: string
}
const choices = ref<Choice[]>([])
watch(found, now => {
  choices.value = (now?.mentions ?? []).map(m => ({ ...m, leave: m.mayBeAnother, now: m.proposal }))
})
const left = computed(() => choices.value.filter(c => c.leave).length)

const { at, submit, problem: refused, busy } = useForm(ForgetInput)
async function forget() {
  const texts = choices.value.map(({ key, leave, now }) => ({ key, text: leave ? null : now }))
  const gone = await submit({ texts }, input => faces.forget(props.face.id, input))
  if (!gone) return
  emit('stay')
  await navigateTo('/faces')
  void buys.loadPurchases()
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="forget">
    <h2>Forget {{ face.name }}?</h2>
    <p>
      Readings, recipes, plans, cards, history, pictures, what they brought and their name in purchase lists are erased
      from the file itself. The backups kept here hold them too: one new backup without them takes their place. There is
      no undo. Copies you keep elsewhere stay.
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }} <Act @click="again">Look again</Act></p>
    <p v-else-if="!found" role="status">Looking where else they are named …</p>
    <template v-else>
      <section v-if="choices.length > 0" aria-labelledby="named">
        <h3 id="named">
          {{ choices.length === 1 ? 'One text names them' : `${choices.length} texts name them` }}
        </h3>
        <p class="small">Change what stands there, or leave it as it is.</p>
        <ul class="bare">
          <li v-for="(choice, i) in choices" :key="choice.key">
            <h4 class="small">{{ capital(choice.where) }}</h4>
            <v-textarea
              v-model="choice.now"
              :aria-label="capital(choice.where)"
              :disabled="choice.leave"
              :hint="choice.leave ? `Stays: ${choice.text}` : `Was: ${choice.text}`"
              persistent-hint
              :error-messages="at(`texts[${i}]`)"
              rows="1"
            />
            <v-checkbox v-model="choice.leave" label="Leave it" hide-details />
            <p v-if="choice.mayBeAnother" class="small">Somebody else here has that name too: it may be about them.</p>
          </li>
        </ul>
      </section>
      <p v-if="found.acts > 0">
        {{ found.acts === 1 ? 'One act in the History names' : `${found.acts} acts in the History name` }} them. The
        History will say “somebody” there, and they cannot be undone any more.
      </p>
    </template>
    <p v-if="refused" role="alert" class="problem">{{ refused }}</p>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="!found">
        {{
          left === 0 ? 'Erase everything' : `Erase all but ${left === 1 ? 'one text' : `${left} texts`}`
        }}</v-btn><v-btn v-first variant="text" @click="emit('stay')">Keep the record</v-btn>
    </div>
  </form>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  align-items: start;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
li p,
h4 {
  grid-column: 1 / -1;
  margin: 0;
}
h3 {
  margin: 0;
}
</style>
