<script setup lang="ts">
import { useDisplay } from 'vuetify'
import { doubles } from '#core/complexion/bottles/doubles'

const kit = useKit()
const clientele = useClientele()
const settings = useSettings()
const reach = useKeptReach()
const whatIf = useWhatIf()
const { width } = useDisplay()

const board = ref<HTMLElement>()
const skinId = ref<string | null>(null)
const bottleId = ref<string | null>(null)
const tolerance = computed(() => settings.value.tolerance)
const shown = computed(() => whatIf.skins.value ?? reach.skins)
const matched = computed(() => shown.value.filter(reach.isReached).length)
const before = computed(() => reach.skins.filter(reach.isReached).length)
const skin = computed(() => shown.value.find(s => s.id === skinId.value))
const bottle = computed(() => kit.byId.get(bottleId.value ?? ''))
const idle = computed(() => new Set(reach.result?.redundant ?? []))

/** Skins that hang on the chosen bottle, or that went with those left out. */
const hanging = computed(() =>
  bottle.value && !whatIf.leftOut.value.has(bottle.value.id)
    ? shown.value.filter(s => reach.isReached(s) && s.essential.includes(bottle.value!.id))
    : [],
)
const lost = computed(() => {
  const now = new Set(shown.value.filter(reach.isReached).map(s => s.id))
  return new Set([
    ...reach.skins.filter(s => reach.isReached(s) && !now.has(s.id)).map(s => s.id),
    ...hanging.value.map(s => s.id),
  ])
})
const lostFaces = computed(() =>
  [...reach.faceSkins]
    .filter(([, s]) => reach.isReached(s) && s.essential.includes(bottleId.value ?? ''))
    .map(([id]) => clientele.nameOf(id)),
)
const inRecipe = computed(
  () =>
    new Set(
      ((skin.value?.best?.deltaE ?? 9) <= tolerance.value ? skin.value?.best : skin.value?.nearest)?.drops.map(
        d => d.id,
      ),
    ),
)

const failing = computed(() => {
  const ways = new Map<string, typeof shown.value>()
  for (const s of shown.value)
    for (const way of reach.isReached(s) ? [] : s.failsBy.slice(0, 1)) ways.set(way, [...(ways.get(way) ?? []), s])
  return [...ways].map(([way, skins]) => ({ way, skins })).sort((x, y) => y.skins.length - x.skins.length)
})
const twice = computed(() => doubles(kit.shelf.products))
const nameOf = ({ id }: { id: string }) => kit.byId.get(id)?.shade ?? ''
const sameWork = computed(() => kit.usable.filter(p => idle.value.has(p.id) && !whatIf.leftOut.value.has(p.id)))

function chooseSkin(id: string) {
  skinId.value = id
  bottleId.value = null
}
function chooseBottle(id: string) {
  bottleId.value = bottleId.value === id ? null : id
  skinId.value = null
}
</script>

<template>
  <div class="sheet">
    <section ref="board" class="board">
      <template v-if="kit.usable.length === 0">
        <h1>No bottle, no reach.</h1>
        <p class="lead">Reach shows whom your kit can match. It needs at least one foundation with something in it.</p>
        <v-btn class="set-off" color="primary" variant="flat" to="/kit?add">Add a bottle</v-btn>
      </template>
      <template v-else>
        <h1 data-testid="answer">
          <template v-if="shown.length > 0"
            >{{ whatIf.leftOut.value.size > 0 ? 'Without them it' : 'This kit' }} matches {{ matched }} of
            {{ shown.length }} skins.</template
          >
          <template v-else>Whom can this kit match?</template>
        </h1>
        <p class="lead">
          <template v-if="whatIf.leftOut.value.size > 0"
            >With everything {{ before }}. Left out:
            {{ listInWords([...whatIf.leftOut.value].map(id => kit.byId.get(id)?.shade ?? '')) }}.
            <Act @click="whatIf.clear()">Put all back</Act></template
          >
          <template v-else
            >Every depth and undertone, as real colours. {{ percent(reach.result?.share.within3 ?? 0) }} if a workable
            edge is enough, {{ percent(reach.result?.share.within1 ?? 0) }} so that nobody sees the seam.</template
          >
        </p>
        <ReachComputing what="Mixing every recipe" />
        <Computing
          v-if="reach.state === 'ready'"
          :state="whatIf.failed.value ? 'failed' : whatIf.progress.value === null ? 'ready' : 'working'"
          what="Mixing without it"
          :done="whatIf.progress.value"
          @stop="whatIf.clear()"
          @again="(whatIf.clear(), reach.refresh())"
        />
        <ReachField
          v-if="shown.length > 0"
          class="set-off"
          :skins="shown"
          :tolerance="tolerance"
          :selected="skinId"
          :lost="lost"
          :down="width < 760"
          @select="chooseSkin"
        />
        <p class="key small">
          <span><i />plain: matched</span><span><i class="ring" />ring: workable</span
          ><span><i class="hatch" />hatched: out of reach</span><span>× lost</span
          ><span>= does no work of its own</span>
        </p>
        <BottleShelf
          :products="kit.usable"
          :in-recipe="inRecipe"
          :left-out="whatIf.leftOut.value"
          :idle="idle"
          :selected="bottleId"
          :shares="reach.byFamily"
          @select="chooseBottle"
        />
        <ChainForEveryone class="set-off" />
        <ReachThreads v-if="board && skinId" :board="board" :skin="skinId" :bottles="inRecipe" />
      </template>
    </section>
    <aside v-if="kit.usable.length > 0" aria-live="polite">
      <SkinAside v-if="skin" :skin="skin" :tolerance="tolerance" :bottles="kit.byId" />
      <BottleAside
        v-else-if="bottle"
        :product="bottle"
        :lost="hanging"
        :lost-faces="lostFaces"
        :matched="matched"
        :total="shown.length"
        :is-out="whatIf.leftOut.value.has(bottle.id)"
        @leave-out="whatIf.leave(bottle.id)"
        @put-back="whatIf.putBack(bottle.id)"
      />
      <div v-else class="flow why">
        <h2>How it fails</h2>
        <p v-if="failing.length === 0" class="small">Nobody is out of reach.</p>
        <dl>
          <template v-for="{ way, skins } in failing" :key="way">
            <dt>
              {{ way }} <span class="small">{{ plural(skins.length, 'skin') }}</span>
            </dt>
            <dd class="small">{{ rangesInWords(skins) }}</dd>
          </template>
        </dl>
        <template v-if="twice.length > 0">
          <h3>Bought twice</h3>
          <p v-for="group in twice" :key="group[0]!.id" class="small">
            {{ listInWords(group.map(nameOf)) }} are one colour to the eye: one of them does the work.
          </p>
        </template>
        <template v-if="sameWork.length > 0">
          <h3>No work of its own</h3>
          <p class="small">
            {{ listInWords(sameWork.map(p => p.shade)) }}: each alone can stay at home and nobody is lost, not even a
            face of yours.
          </p>
        </template>
        <v-btn color="primary" variant="flat" to="/buys">What to buy first</v-btn>
        <p class="small">Touch a skin for its recipe, a bottle to see the kit without it.</p>
      </div>
    </aside>
  </div>
</template>

<style scoped>
.board {
  position: relative;
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 6px 0 0 58px;
}
.key span {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.key i {
  width: 16px;
  height: 16px;
  border: 1px solid var(--muted);
}
.key .ring {
  border-radius: 50%;
  border: 2px solid var(--ink);
  width: 13px;
  height: 13px;
}
.key .hatch {
  background: repeating-linear-gradient(135deg, var(--ink) 0 1.5px, transparent 1.5px 5px);
}
dl,
.why p {
  margin: 0;
}
dt {
  font-weight: 600;
  margin-top: 6px;
}
dd {
  margin: 0;
}
@media (max-width: 760px) {
  .key {
    margin-left: 0;
  }
}
</style>
