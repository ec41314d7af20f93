<script setup lang="ts">
import { quoteInput, QuoteInput } from '#shared/records/days/quotes'
import type { Job } from '#shared/records/days/jobs'
import { api } from '~/asking/api'

/** What the job costs, the least fee worth taking, what the client reads, and afterwards how it turned out. */
const { job } = defineProps<{ job: Job }>()
useHead({ title: () => `Quote, ${job.name}` })
const jobs = useJobs()
const settings = useSettings()
const asked = useAsked(
  () => job.id,
  (id, signal) => api('get', '/api/jobs/:id/quote', { id }, { signal }),
)
const money = (minor: number) => formatMoney(minor, settings.value.currency)

const { at, submit, problem: refused, busy } = useForm(QuoteInput)
const values = reactive<QuoteInput>(quoteInput(job))
const draft = useDraft(`quote:${job.id}`, values)
watch(
  () => job.version,
  () => draft.follow(quoteInput(job)),
)
async function save() {
  const sent = { ...values, version: job.version, extras: values.extras.filter(e => e.what.trim() || e.minor > 0) }
  if (await submit(sent, input => jobs.quote(job.id, input))) draft.done()
}
const addExtra = () => values.extras.push({ what: '', minor: 0 })
const difference = (planned: number, real: number) =>
  real === planned ? '' : `${real > planned ? '+' : '−'}${money(Math.abs(real - planned))}`
</script>

<template>
  <div>
    <Answer
      v-slot="{ answer: quote }"
      :asked="asked"
      waiting="Reckoning what everybody’s plan takes"
      refused="The quote could not be worked out."
    >
      <PageHead data-testid="answer" :title="quoteInWords(quote, job.quote.feeMinor != null, money)"
        ><template v-if="quote.settled">Planned against what it was; your own hours are what is left.</template>
        <template v-else
          >Everything it costs you{{ quote.unsaid.includes('hour') ? '' : ', your hours among it'
          }}{{
            quote.quote.marginMinor > 0
              ? `, and ${Math.round((quote.quote.marginMinor / Math.max(1, quote.quote.costMinor)) * 100)} % on top`
              : ''
          }}.</template
        >
        <template v-if="quote.unsaid.length > 0">
          What {{ listInWords(quote.unsaid.map(what => (what === 'hour' ? 'an hour' : 'a kilometre'))) }} is worth is
          not said yet. <NuxtLink to="/methods">Say it</NuxtLink></template
        >
        <template v-if="quote.guessed.length > 0">
          {{ listInWords(quote.guessed) }}: reckoned as a usual face until the skin is read.</template
        ><template #acts
          ><v-btn variant="outlined" :href="`/api/jobs/${job.id}/quote.pdf`" download>Quote as PDF</v-btn>
          <v-btn variant="outlined" :href="`/api/jobs/${job.id}/agreement.pdf`" download
            >Agreement as PDF</v-btn
          ></template
        ></PageHead
      >
      <div class="answer">
        <div>
          <section v-if="quote.settled" aria-labelledby="settled">
            <h2 id="settled">Planned and real</h2>
            <table>
              <caption class="visually-hidden">
                Planned and real, line by line
              </caption>
              <thead>
                <tr>
                  <th scope="col">What</th>
                  <th scope="col" class="num">Planned</th>
                  <th scope="col" class="num">Real</th>
                  <th scope="col" class="num">Differs</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="l in quote.settled.lines" :key="`${l.of} ${l.what}`">
                  <th scope="row">{{ quoteLineInWords(l) }}</th>
                  <td class="num">{{ money(l.plannedMinor) }}</td>
                  <td class="num">{{ money(l.realMinor) }}</td>
                  <td class="num">{{ difference(l.plannedMinor, l.realMinor) }}</td>
                </tr>
                <tr class="sum">
                  <th scope="row">It cost</th>
                  <td class="num">{{ money(quote.quote.costMinor) }}</td>
                  <td class="num">{{ money(quote.settled.realMinor) }}</td>
                  <td class="num">{{ difference(quote.quote.costMinor, quote.settled.realMinor) }}</td>
                </tr>
                <tr class="sum">
                  <th scope="row">Asked, and paid with tips</th>
                  <td class="num">{{ money(quote.settled.plannedMinor) }}</td>
                  <td class="num">{{ money(quote.settled.paidMinor + quote.settled.tipMinor) }}</td>
                  <td class="num">
                    {{ difference(quote.settled.plannedMinor, quote.settled.paidMinor + quote.settled.tipMinor) }}
                  </td>
                </tr>
              </tbody>
            </table>
          </section>
          <section v-else aria-labelledby="lines">
            <h2 id="lines">What it costs you</h2>
            <table>
              <caption class="visually-hidden">
                What the job costs, line by line
              </caption>
              <tbody>
                <tr v-for="l in quote.quote.lines" :key="`${l.of} ${l.what}`">
                  <th scope="row">{{ quoteLineInWords(l) }}</th>
                  <td>{{ quantityOf(l) }}</td>
                  <td class="num">{{ money(l.minor) }}</td>
                </tr>
                <tr class="sum">
                  <th scope="row" colspan="2">It costs</th>
                  <td class="num">{{ money(quote.quote.costMinor) }}</td>
                </tr>
                <tr>
                  <th scope="row" colspan="2">Margin</th>
                  <td class="num">{{ money(quote.quote.marginMinor) }}</td>
                </tr>
                <tr class="sum">
                  <th scope="row" colspan="2">The least worth taking</th>
                  <td class="num" data-testid="least">{{ money(quote.quote.leastMinor) }}</td>
                </tr>
              </tbody>
            </table>
            <p v-if="quote.unpriced.length > 0" class="small">
              Without a price on record, so reckoned as nothing: {{ someOf(quote.unpriced) }}.
            </p>
          </section>
          <section aria-labelledby="client">
            <h2 id="client">What the client reads</h2>
            <table>
              <caption class="visually-hidden">
                What the client reads
              </caption>
              <tbody>
                <tr v-for="l in quote.client" :key="l.what">
                  <th scope="row" class="free">{{ l.count > 1 ? `${l.count} × ` : '' }}{{ l.what }}</th>
                  <td class="num">{{ money(l.minor) }}</td>
                </tr>
                <tr class="sum">
                  <th scope="row">Together</th>
                  <td class="num" data-testid="fee">{{ money(quote.feeMinor) }}</td>
                </tr>
              </tbody>
            </table>
          </section>
        </div>
        <form class="form no-print" novalidate @submit.prevent="save">
          <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
          <h2>What it takes beside the faces</h2>
          <p v-if="refused" role="alert" class="problem">{{ refused }}</p>
          <v-text-field v-model="values.client" label="Client" :error-messages="at('client')" maxlength="120" />
          <MoneyField
            v-model="values.feeMinor"
            label="Fee asked"
            :error-messages="at('feeMinor')"
            hint="Empty: the least worth taking"
            persistent-hint
          />
          <div class="pair">
            <NumberField v-model="values.km" label="Km, there and back" :error-messages="at('km')" />
            <NumberField
              v-model="values.travelMinutes"
              whole
              label="Travel, minutes"
              :error-messages="at('travelMinutes')"
            />
          </div>
          <MoneyField v-model="values.faresMinor" label="Tickets, tolls, parking" :error-messages="at('faresMinor')" />
          <div class="pair">
            <NumberField
              v-model="values.standingByMinutes"
              whole
              label="Standing by, minutes"
              :error-messages="at('standingByMinutes')"
            />
            <NumberField
              v-model="values.cleaningMinutes"
              whole
              label="Cleaning, minutes"
              :error-messages="at('cleaningMinutes')"
            />
          </div>
          <div v-for="(extra, i) in values.extras" :key="i" class="pair">
            <v-text-field
              v-model="extra.what"
              :label="`Extra ${i + 1}`"
              :error-messages="at(`extras[${i}].what`)"
              maxlength="120"
            />
            <MoneyField
              v-model="extra.minor"
              :label="`For extra ${i + 1}`"
              :error-messages="at(`extras[${i}].minor`)"
            />
          </div>
          <p><Act @click="addExtra">Something extra</Act></p>
          <div class="pair">
            <MoneyField
              v-model="values.hourMinor"
              label="Hour, this time"
              :error-messages="at('hourMinor')"
              :hint="settings.value.hourMinor === null ? 'Not said yet' : `Usually ${money(settings.value.hourMinor)}`"
              persistent-hint
            />
            <v-text-field
              :model-value="values.marginPercent ?? ''"
              label="Margin, %"
              inputmode="decimal"
              :error-messages="at('marginPercent')"
              :hint="`Usually ${settings.value.marginPercent} %`"
              persistent-hint
              @update:model-value="values.marginPercent = $event === '' ? null : Number($event)"
            />
          </div>
          <div class="acts"><v-btn type="submit" color="primary" variant="flat" :loading="busy">Save</v-btn></div>
        </form>
      </div>
    </Answer>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 380px);
  gap: 36px;
  align-items: start;
}
section {
  margin-bottom: 26px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 7px 6px 7px 0;
  border-bottom: 1px solid var(--line);
}
thead th {
  border-bottom-color: var(--ink);
}
.num {
  text-align: right;
  padding-right: 0;
}
.sum th,
.sum td {
  font-weight: 650;
  border-bottom-color: var(--ink);
}
.form {
  display: grid;
  gap: 10px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
@media (max-width: 900px) {
  .answer {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
