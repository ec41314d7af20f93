<script setup lang="ts">
import { METHOD_ORDERS } from '#core/asked/settings'
import { Settings, THEMES } from '#shared/records/method/settings'

const settings = useSettings()
const { at, submit, problem, busy } = useForm(Settings)
const AMOUNTS = [
  { key: 'faceMlSheer', label: 'Sheer, ml' },
  { key: 'faceMlLight', label: 'Light, ml' },
  { key: 'faceMlMedium', label: 'Medium, ml' },
  { key: 'faceMlFull', label: 'Full, ml' },
] as const
const SHOWING = [
  { key: 'showsFrom', label: 'Shows at all, ΔE00' },
  { key: 'clearFrom', label: 'Shows clearly, ΔE00' },
  { key: 'strongFrom', label: 'Shows strongly, ΔE00' },
  { key: 'chalkyFrom', label: 'A highlight is chalk, L*' },
  { key: 'vividFrom', label: 'Vivid, C*' },
] as const
/** What can be set here; the rest of the settings stays as it is. */
const copyOf = (value: Settings) => ({
  ...value,
  ruleWeights: { ...value.ruleWeights },
  houseRules: [...value.houseRules],
})
const typed = reactive(copyOf(settings.value))
const draft = useDraft('methods', typed)

async function save() {
  if (await submit({ ...typed }, value => settings.change({ ...value }))) draft.done()
}
// A change that was taken back, or made elsewhere, shows here too.
watch(
  () => settings.value,
  now => {
    if (!draft.found.value) Object.assign(typed, copyOf(now))
  },
)
function defaults() {
  Object.assign(typed, copyOf(new Settings()))
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
        <NumberField
          v-model="typed.tolerance"
          label="Largest difference, ΔE00"
          :error-messages="at('tolerance')"
          hint="2 is a match to a careful eye, 3 can be blended"
        />
      </section>
      <section>
        <h2>How finely you mix</h2>
        <Choices v-model="typed.maxProducts" label="Bottles in one recipe" :options="[1, 2, 3, 4]" />
        <NumberField
          v-model="typed.maxDrops"
          whole
          label="Drops in one recipe at most"
          :error-messages="at('maxDrops')"
          hint="12 reaches further than 8 and takes longer to count"
        />
      </section>
      <section>
        <h2>What your work is worth</h2>
        <div class="row">
          <MoneyField v-model="typed.hourMinor" label="An hour" :error-messages="at('hourMinor')" />
          <MoneyField v-model="typed.kmMinor" label="A kilometre" :error-messages="at('kmMinor')" />
          <NumberField v-model="typed.marginPercent" label="Margin, %" :error-messages="at('marginPercent')" />
        </div>
        <NumberField
          v-model="typed.toolFaces"
          whole
          label="Faces a tool lasts"
          :error-messages="at('toolFaces')"
          hint="Its price is spread over them"
        />
      </section>
      <section>
        <h2>How much a face takes</h2>
        <div class="row">
          <NumberField
            v-for="{ key, label } in AMOUNTS"
            :key="key"
            v-model="typed[key]"
            :label="label"
            :error-messages="at(key)"
          />
        </div>
        <NumberField
          v-model="typed.dropMl"
          label="One drop, ml"
          :error-messages="at('dropMl')"
          hint="Weigh 20 drops once and divide"
        />
      </section>
      <section>
        <h2>How a face is done</h2>
        <Choices v-model="typed.order" label="Order" :options="METHOD_ORDERS" />
        <Choices
          v-model="typed.mixing"
          label="Mixing across bases: practical takes pairs that often hold and says so"
          :options="['strict', 'practical']"
        />
        <Choices v-model="typed.primer" label="Primer" :options="['only with a reason', 'always']" />
        <Choices v-model="typed.toner" label="Toner" :options="['none', 'by skin type', 'always']" />
        <Choices v-model="typed.powder" label="Powder" :options="['by zone', 'all over', 'blot only']" />
        <details>
          <summary>How a colour shows: from where on</summary>
          <div class="row">
            <NumberField
              v-for="{ key, label } in SHOWING"
              :key="key"
              v-model="typed[key]"
              :label="label"
              :error-messages="at(key)"
            />
          </div>
        </details>
        <RuleWeights v-model="typed.ruleWeights" />
        <HouseRules v-model="typed.houseRules" />
      </section>
      <section>
        <h2>Screen</h2>
        <Choices v-model="typed.theme" label="Theme: day for the desk, wings for backstage" :options="THEMES" />
        <v-text-field
          v-model="typed.currency"
          label="Currency shown behind amounts"
          hint="Proposed by the region of your browser until you say another"
          persistent-hint
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
