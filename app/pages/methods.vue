<script setup lang="ts">
import { METHOD_ORDERS } from '#core/plan/settings'
import { Settings, THEMES } from '#shared/records/settings'

useHead({ title: 'Methods · Varietas' })
const settings = useSettings()
const { at, submit, problem, busy } = useForm(Settings)
const text = (value: Settings) => ({
  tolerance: String(value.tolerance),
  maxProducts: value.maxProducts,
  maxDrops: String(value.maxDrops),
  dropMl: String(value.dropMl),
  faceMlSheer: String(value.faceMlSheer),
  faceMlLight: String(value.faceMlLight),
  faceMlMedium: String(value.faceMlMedium),
  faceMlFull: String(value.faceMlFull),
  currency: value.currency,
  theme: value.theme,
  order: value.order,
  mixing: value.mixing,
  primer: value.primer,
  powder: value.powder,
  ruleWeights: { ...value.ruleWeights },
  houseRules: [...value.houseRules],
})
const typed = reactive(text(settings.value))
const draft = useDraft('methods', typed)
const number = (t: string) => (t.trim() === '' ? Number.NaN : Number(t.replace(',', '.')))

async function save() {
  const before = { ...settings.value }
  const { currency, theme, maxProducts, order, mixing, primer, powder, ruleWeights, houseRules, ...numbers } = typed
  const values = {
    ...before,
    currency,
    theme,
    maxProducts,
    order,
    mixing,
    primer,
    powder,
    ruleWeights,
    houseRules,
    ...Object.fromEntries(Object.entries(numbers).map(([k, v]) => [k, number(v)])),
  }
  if (await submit(values, value => settings.change({ ...value }))) draft.done()
}
// A change that was taken back, or made elsewhere, shows here too.
watch(
  () => settings.value,
  now => {
    if (!draft.found.value) Object.assign(typed, text(now))
  },
)
function defaults() {
  Object.assign(typed, text(new Settings()))
}
</script>

<template>
  <div>
    <form class="methods" novalidate @submit.prevent="save">
      <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
      <h1>How you work.</h1>
      <p class="lead">Starting values you can change; every answer follows them.</p>
      <p v-if="problem" role="alert">
        <b>{{ problem }}</b>
      </p>
      <section>
        <h2>What counts as a match</h2>
        <v-text-field
          v-model="typed.tolerance"
          label="Largest difference, ΔE00"
          inputmode="decimal"
          :error-messages="at('tolerance')"
          hint="2 is a match to a careful eye, 3 can be blended"
          persistent-hint
        />
      </section>
      <section>
        <h2>How finely you mix</h2>
        <Choices
          v-model="typed.maxProducts"
          label="Bottles in one recipe"
          :options="[1, 2, 3, 4].map(n => ({ value: n, text: String(n) }))"
        />
        <v-text-field
          v-model="typed.maxDrops"
          label="Drops in one recipe at most"
          inputmode="numeric"
          :error-messages="at('maxDrops')"
          hint="12 reaches further than 8 and takes longer to count"
          persistent-hint
        />
      </section>
      <section>
        <h2>How much a face takes</h2>
        <div class="row">
          <v-text-field
            v-model="typed.faceMlSheer"
            label="Sheer, ml"
            inputmode="decimal"
            :error-messages="at('faceMlSheer')"
          />
          <v-text-field
            v-model="typed.faceMlLight"
            label="Light, ml"
            inputmode="decimal"
            :error-messages="at('faceMlLight')"
          />
          <v-text-field
            v-model="typed.faceMlMedium"
            label="Medium, ml"
            inputmode="decimal"
            :error-messages="at('faceMlMedium')"
          />
          <v-text-field
            v-model="typed.faceMlFull"
            label="Full, ml"
            inputmode="decimal"
            :error-messages="at('faceMlFull')"
          />
        </div>
        <v-text-field
          v-model="typed.dropMl"
          label="One drop, ml"
          inputmode="decimal"
          :error-messages="at('dropMl')"
          hint="Weigh 20 drops once and divide"
          persistent-hint
        />
      </section>
      <section>
        <h2>How a face is done</h2>
        <Choices v-model="typed.order" label="Order" :options="METHOD_ORDERS.map(v => ({ value: v, text: v }))" />
        <Choices
          v-model="typed.mixing"
          label="Mixing across bases: practical takes pairs that often hold and says so"
          :options="[
            { value: 'strict', text: 'strict' },
            { value: 'practical', text: 'practical' },
          ]"
        />
        <Choices
          v-model="typed.primer"
          label="Primer"
          :options="[
            { value: 'only with a reason', text: 'only with a reason' },
            { value: 'always', text: 'always' },
          ]"
        />
        <Choices
          v-model="typed.powder"
          label="Powder"
          :options="[
            { value: 'by zone', text: 'by zone' },
            { value: 'all over', text: 'all over' },
            { value: 'blot only', text: 'blot only' },
          ]"
        />
        <RuleWeights v-model="typed.ruleWeights" />
        <HouseRules v-model="typed.houseRules" />
      </section>
      <section>
        <h2>Screen</h2>
        <Choices
          v-model="typed.theme"
          label="Theme: day for the desk, wings for backstage"
          :options="THEMES.map(t => ({ value: t, text: t }))"
        />
        <v-text-field
          v-model="typed.currency"
          label="Currency shown behind amounts"
          :error-messages="at('currency')"
          maxlength="10"
        />
      </section>
      <div class="acts">
        <v-btn type="submit" color="primary" variant="flat" :loading="busy">Save</v-btn
        ><v-btn variant="text" @click="defaults">Back to the starting values</v-btn>
      </div>
    </form>
    <TestLog class="log" />
  </div>
</template>

<style scoped>
.methods {
  max-width: 720px;
  display: grid;
  gap: 8px;
}
section {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  gap: 10px 24px;
  border-top: 1px solid var(--line);
  padding: 14px 0;
}
section > :not(h2) {
  grid-column: 2;
}
section.log {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  max-width: 720px;
}
section.log > :not(h2) {
  grid-column: 1;
}
h2 {
  grid-row: 1 / span 3;
  font-size: 1.25rem;
}
.row {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
}
@media (max-width: 760px) {
  section {
    grid-template-columns: 1fr;
  }
  section > :not(h2) {
    grid-column: 1;
  }
  .row {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
