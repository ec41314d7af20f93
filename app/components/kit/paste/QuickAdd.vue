<script setup lang="ts">
import { barcodeProblem } from '#core/stock/labels/barcode'
import { ListedInput } from '#shared/records/kit/listed'
import type { FoundUnder } from '#shared/records/kit/things'
import { today } from '#shared/today'
import type { BarsWork } from '~/workers/bars.worker'
import { api, outcomeOf } from '~/asking/api'

/** One thing in one line of words, or several, or by the barcode of its pack: shown as understood, then added to the kit. */
const board = useBoard()
const kit = useKit()
const { submit, problem, busy } = useForm(ListedInput)
const bars = useWorker<BarsWork>(
  () => new Worker(new URL('../../../workers/bars.worker.ts', import.meta.url), { type: 'module' }),
)

const typed = ref('')
const asked = ref('')
const review = useListReview()
const { rows } = review
const found = ref<FoundUnder | null>(null)
const said = ref('')
const POUCH = 'pouch'
const into = ref<string>(POUCH)
const places = computed(() => [{ value: POUCH, title: 'the pouch of its kind' }, ...ownPlaces.value])
const figures = computed(() => typed.value.replace(/[\s-]/g, ''))
const isBarcode = computed(() => /^\d{6,}$/.test(figures.value))

async function understand() {
  said.value = ''
  rows.value = []
  found.value = null
  asked.value = typed.value
  if (isBarcode.value) return lookUp()
  // The grammar is as large as the rest of the page.
  const { thingsOf } = await import('#core/stock/list/thingsOf')
  review.show({ things: thingsOf(asked.value, 0, null, today()), headings: [] })
}
async function lookUp() {
  const wrong = barcodeProblem(figures.value)
  if (wrong) {
    said.value = `${wrong.charAt(0).toUpperCase()}${wrong.slice(1)}.`
    return
  }
  const outcome = await outcomeOf(api('get', '/api/things/barcode/:id', { id: figures.value }))
  if (!outcome.ok) {
    said.value = outcome.refused?.message ?? ''
    return
  }
  found.value = outcome.value
  if (!found.value.owned && !found.value.offered)
    said.value = 'Nobody sells this here and you have none of it: say in words what it is.'
}
async function fromPicture(event: Event) {
  const field = event.target as HTMLInputElement
  const [file] = field.files ?? []
  if (!file) return
  said.value = ''
  const number = await outcomeOf(async () => {
    const { data, width, height } = await pixelsOf(file, 1600)
    return bars.run(w => w.read(data, width, height))
  })
  field.value = ''
  if (!number.ok) said.value = number.refused?.message ?? ''
  else if (number.value === null)
    said.value = 'No bars can be read in this picture: hold the pack flat and near, or type the figures.'
  else {
    typed.value = number.value
    await understand()
  }
}
const isStale = computed(() => typed.value !== asked.value)
const ownPlaces = computed(() => board.board.places.map(p => ({ value: p.id, title: p.name })))
const placeId = computed(() => (into.value === POUCH ? null : into.value))

async function save() {
  const line = asked.value
  const things = rows.value.map(row => ({ ...review.listedOf(row), placeId: row.placeId ?? placeId.value }))
  if (await submit({ things, intoPouches: placeId.value === null }, kit.addListed)) clear(line)
}
async function take() {
  const line = asked.value
  const body = { barcode: figures.value, placeId: placeId.value }
  const outcome = await outcomeOf(api('post', '/api/things/barcode', {}, { body }))
  if (outcome.ok) clear(line)
  else said.value = outcome.refused?.message ?? ''
}
/** Makes way for the next thing; one that was typed while this one was saved stays. */
function clear(line: string) {
  if (asked.value !== line) return
  if (typed.value === line) typed.value = ''
  asked.value = ''
  rows.value = []
  found.value = null
  said.value = ''
}
</script>

<template>
  <form
    class="quick no-print"
    @submit.prevent="rows.length > 0 && !isStale ? save() : found && !isStale ? take() : understand()"
  >
    <div class="line">
      <v-text-field
        v-model="typed"
        label="Add one thing: say it, or type the figures under its bars"
        placeholder="matte primer silicone 30 ml half full"
        density="compact"
        hide-details
        maxlength="300"
        @keydown.esc="clear"
      />
      <v-btn type="submit" variant="outlined" :disabled="typed.trim() === ''" :loading="busy">{{
        (rows.length > 0 || found) && !isStale ? 'Put it in the kit' : 'Look'
      }}</v-btn>
      <label class="bars act"
        >Bars from a picture<input type="file" accept="image/*" class="visually-hidden" @change="fromPicture"
      /></label>
    </div>
    <Working v-if="bars.busy.value" what="Looking for bars" :done="null" @stop="bars.stop()" />
    <p v-if="problem || said" role="alert">{{ problem || said }}</p>
    <div v-if="rows.length > 0 && !isStale" role="status">
      <ul class="bare" aria-label="Understood so">
        <ListRow
          v-for="row in rows"
          :key="row.key"
          :model-value="row"
          :count="review.listedOf(row).count"
          :is-doubtful="review.isDoubtful(row)"
          :places="ownPlaces"
          @choose="k => review.choose(row, k)"
          @leave="review.leaveOut([row])"
        />
      </ul>
      <v-select v-model="into" class="into" :items="places" label="It goes into" density="compact" hide-details />
    </div>
    <div v-else-if="found && (found.owned || found.offered) && !isStale" class="understood" role="status">
      <p v-if="found.owned">
        You have <b class="free">{{ found.owned.name }}</b>: another of it goes into the kit, full.
      </p>
      <p v-else-if="found.offered">
        <b class="free">{{ found.offered.name }}</b><br /><span class="small"
          >{{ found.offered.kind }} · {{ found.offered.brand }} · {{ found.offered.range }} · as the simulated suppliers
          sell it</span
        >
      </p>
      <v-select v-model="into" class="into" :items="places" label="It goes into" density="compact" hide-details />
    </div>
  </form>
</template>

<style scoped>
.quick {
  display: grid;
  gap: 8px;
  margin: 4px 0 10px;
}
.line,
.understood {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.line > :first-child {
  flex: 1 1 320px;
  max-width: 560px;
}
.understood p {
  margin: 0;
}
.into {
  flex: 0 1 220px;
  max-width: 280px;
  margin-top: 10px;
}
.bars {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
}
.bars:focus-within {
  outline: 2px solid currentcolor;
}
</style>
