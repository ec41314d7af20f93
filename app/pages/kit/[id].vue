<script setup lang="ts">
import { UNIT_ROLES } from '#core/stock/things/things'
import { isCosmetic, type OwnedGear, type OwnedThing } from '#shared/records/kit/gear'
import type { OwnedProduct } from '#shared/records/kit/kit'
import { api } from '~/asking/api'

/** One thing, with all that is known of it: where the code on its label leads. */
const route = useRoute()
const board = useBoard()
const undo = useUndo()
const settings = useSettings()
const {
  value: story,
  problem,
  again,
  first,
} = useAsked(
  () => String(route.params.id),
  (id, signal) => api('get', '/api/things/:id', { id }, { signal }),
)
await Promise.all([first, board.load()])
const t = computed(() => story.value?.thing)
const product = computed(() => story.value?.products[0])
const group = computed(() => (t.value ? { first: t.value, things: [t.value], count: t.value.count } : null))
const money = (minor: number) => formatMoney(minor, settings.value.currency)
const flags = computed(() =>
  (story.value?.products ?? []).filter(isCosmetic).flatMap(p => (p.inci ? [{ name: p.shade, inci: p.inci }] : [])),
)
const title = computed(() => {
  if (!t.value) return 'This thing is not in the kit.'
  const used = story.value!.usedTimes
  return `${t.value.name}, used ${used === 0 ? 'on nobody yet' : used === 1 ? 'once' : `${used} times`}.`
})

const FEW = 6
const allUses = ref(false)
const usesShown = computed(() => (allUses.value ? story.value!.uses : story.value!.uses.slice(0, FEW)))
const editing = ref<OwnedProduct | null>(null)
const gear = ref<OwnedGear | null>(null)
const like = ref<{ product: OwnedProduct; step: LikeStep } | null>(null)
const form = ref<'bottle' | 'gear' | 'labels' | null>(null)
const isOpen = oneOpen(form)
const bottleOpen = isOpen('bottle')
const gearOpen = isOpen('gear')
const labelsOpen = isOpen('labels')
const byId = (id: string): OwnedThing | undefined => story.value?.products.find(p => p.id === id)
function edit(id: string) {
  const thing = byId(id)
  if (!thing) return
  like.value = null
  editing.value = isCosmetic(thing) ? thing : null
  gear.value = isCosmetic(thing) ? null : thing
  form.value = isCosmetic(thing) ? 'bottle' : 'gear'
}
function addLike(id: string, step: LikeStep) {
  const thing = byId(id)
  if (!thing || !isCosmetic(thing)) return
  editing.value = null
  like.value = { product: thing, step }
  form.value = 'bottle'
}
const buys = useBuys()
const listStandIn = ({ id, priceMinor }: { id: string; priceMinor: number }) =>
  undo.attempt(() =>
    buys.accept({ lines: [{ offerId: id, reason: `in place of ${t.value!.name}` }], budgetMinor: priceMinor }),
  )
const setRole = (role: (typeof UNIT_ROLES)[number]) =>
  undo.attempt(() => {
    const { size, measure, level, count, priceMinor, openedOn, expiresOn, notes, placeId, label } = t.value!
    const unit = { sizeMl: size, measure, level, count, priceMinor, openedOn, expiresOn, notes, placeId, label, role }
    return api('put', '/api/units/:id', { id: t.value!.id }, { body: unit })
  })
</script>

<template>
  <div>
    <PageHead class="free" :title="title"
      ><template v-if="t"
        >{{ thingInWords(t)
        }}<template v-if="story!.others.length > 0"
          >; {{ plural(story!.others.length, 'other') }} of it stand{{ story!.others.length === 1 ? 's' : '' }} in
          {{ story!.others.map(o => board.pathOf(o.placeId).at(-1) ?? 'no place').join(', ') }}</template
        >.</template
      >
      <NuxtLink to="/kit">The kit as it stands</NuxtLink></PageHead
    >
    <p v-if="problem" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <div v-if="t && story && group" class="columns">
      <div>
        <section v-if="story.lasts" aria-labelledby="lasts">
          <h2 id="lasts">How long it lasts</h2>
          <p class="small">{{ lastsInWords(story.lasts, t.measure) }}</p>
          <template v-if="story.standIns.length > 0">
            <p class="small">It is limited or made no more; when it is gone, nearest to it:</p>
            <StandIns :of="t.lab" :lines="story.standIns" @list="listStandIn" />
          </template>
        </section>
        <ReviveIt v-if="story.revival" :id="t.id" :name="t.name" :measure="t.measure" :revival="story.revival" />
        <section aria-labelledby="uses">
          <h2 id="uses">On whom</h2>
          <p v-if="story.uses.length === 0" class="small">No plan that was used had it, and nothing was noted of it.</p>
          <ul class="bare lines">
            <li v-for="u in usesShown" :key="u.id">
              <span class="when">{{ dateOfMoment(u.at) }}</span>
              <span>
                <NuxtLink v-if="u.faceId && u.face" :to="`/faces/${u.faceId}`">{{ u.face }}</NuxtLink>
                <template v-else>nobody on record</template>
                <template v-if="u.job"> · {{ u.job }}</template>
                <template v-if="u.note">
                  · <span class="free">{{ u.note }}</span></template
                >
              </span>
              <span class="num">{{
                u.amount === null ? '' : `${Math.round(u.amount * 100) / 100} ${u.measure ?? ''}`
              }}</span>
            </li>
          </ul>
          <Act v-if="story.uses.length > FEW && !allUses" class="no-print" @click="allUses = true"
            >{{ story.uses.length - FEW }} earlier ones</Act
          >
          <p v-if="allUses && story.usedTimes > story.uses.length" class="small">
            The newest {{ story.uses.length }} of {{ story.usedTimes }}.
          </p>
        </section>
        <section v-if="story.recipes.length > 0" aria-labelledby="recipes">
          <h2 id="recipes">Recipes it stands in</h2>
          <ul class="bare lines">
            <li v-for="r in story.recipes" :key="r.id">
              <span class="when">{{ dateOfMoment(r.savedAt) }}</span>
              <span
                ><NuxtLink :to="`/faces/${r.faceId}`">{{ r.face }}</NuxtLink
                >:
                <span class="free">{{
                  r.drops.map(d => `${d.count} ${r.names[d.id] ?? 'of what is gone'}`).join(' + ')
                }}</span></span
              >
              <span class="num">ΔE {{ r.deltaE.toFixed(1) }}</span>
            </li>
          </ul>
        </section>
        <section v-if="story.remembered.length > 0" aria-labelledby="remembered">
          <h2 id="remembered">What is remembered of it</h2>
          <ul class="bare lines">
            <li v-for="r in story.remembered" :key="r.id">
              <span class="when">{{ dateOfMoment(r.at) }}</span>
              <span
                ><NuxtLink :to="`/faces/${r.faceId}`">{{ r.face }}</NuxtLink
                >: {{ r.what
                }}<template v-if="r.note"
                  >, <span class="free">{{ r.note }}</span></template
                ></span
              >
            </li>
          </ul>
        </section>
        <section aria-labelledby="prices">
          <h2 id="prices">What it costs</h2>
          <p v-if="story.prices.length === 0" class="small">No price is on record, and nobody here sells it.</p>
          <ul class="bare lines">
            <li v-for="(p, i) in story.prices" :key="i">
              <span class="when">{{ p.at ? dateOfMoment(p.at) : 'today' }}</span>
              <span>{{ p.supplier ? `offered by ${p.supplier}` : 'paid' }}, {{ p.size }} {{ p.measure }}</span>
              <span class="num">{{ money(p.priceMinor) }}</span>
            </li>
          </ul>
        </section>
        <section v-if="flags.length > 0" aria-labelledby="inci">
          <h2 id="inci">Ingredients</h2>
          <p v-for="f in flags" :key="f.name" class="small free">
            <b v-if="flags.length > 1">{{ f.name }}: </b>{{ f.inci }}
          </p>
        </section>
      </div>
      <aside>
        <ThingPanel :group="group" alone @edit="edit" @like="addLike" @labels="form = 'labels'" />
        <Choices
          v-if="product && t.pans.length === 0"
          :model-value="t.role"
          label="It is"
          :options="UNIT_ROLES"
          @update:model-value="r => r && setRole(r)"
        />
      </aside>
    </div>
    <FormDialog v-model="bottleOpen" label="Bottle"
      ><LazyProductForm :product="editing" :like="like" @done="form = null"
    /></FormDialog>
    <FormDialog v-model="gearOpen" label="Tool or supply"><LazyGearForm :gear="gear" @done="form = null" /></FormDialog>
    <FormDialog v-model="labelsOpen" label="Labels" wide
      ><LazyLabelSheet v-if="t" :ids="[t.id]" @done="form = null"
    /></FormDialog>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 34px;
}
section {
  margin-top: 22px;
}
aside {
  border-left: 1px solid var(--line);
  padding: 4px 0 0 24px;
}
.lines li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  gap: 12px;
  padding: 7px 0;
  border-bottom: 1px solid var(--line);
}
.when {
  color: var(--muted);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    padding: 0;
  }
}
@media (max-width: 760px) {
  .lines li {
    grid-template-columns: 92px minmax(0, 1fr) auto;
  }
}
</style>
