<script setup lang="ts">
import { api, outcomeOf } from '~/asking/api'

const workspace = useWorkspace()
const along = useAlong()
const route = useRoute()
// Where no page is shown, useRoute stays at the one that was.
const router = useRouter()
const undo = useUndo()
const jobs = useJobs()
/** A page that needs only the kit does not wait for the rest, and one that needs nothing waits for nothing. */
const canShow = computed(
  () =>
    workspace.state === 'ready'
    || router.currentRoute.value.meta.standsAlone === true
    || (workspace.state === 'loading' && workspace.canMix && route.meta.asksKitAlone),
)
// Once the server is back, so is everything.
const AGAIN_MS = 15_000
async function again() {
  if (workspace.state !== 'failed' || document.visibilityState !== 'visible') return
  const health = await outcomeOf(api('get', '/api/health'))
  if (health.ok) await workspace.load()
}
useAgain(again, AGAIN_MS)
watch(
  () => workspace.state === 'failed',
  failed => failed && along.list(),
)
</script>

<template>
  <v-app>
    <a class="skip" href="#work">Skip to the work</a>
    <AppRail />
    <div class="house">
      <PinnedBar />
      <InDemo />
      <p v-if="along.keptAt" class="told no-print" role="status">
        The server does not answer: this is as it stood {{ stampInWords(along.keptAt) }}. Ticks are kept here until it
        does; other changes have to wait.
      </p>
      <p v-if="along.newer" class="told no-print" role="status">
        A newer Varietas is stored here; it is taken up when all its pages are closed.
        <Act @click="along.takeTurn()">Take it up now</Act>
      </p>
      <main id="work" tabindex="-1">
        <!-- Whoever has a job written down is past it. -->
        <LazyNextStep v-if="workspace.state === 'ready' && jobs.lines.length === 0" />
        <Guard v-if="canShow" what="This page" :anew="route.fullPath"><slot /></Guard>
        <StillOpening v-else-if="workspace.state === 'loading'" class="waiting" />
        <div v-else class="waiting" role="alert">
          <h2>The kit could not be opened</h2>
          <p>{{ workspace.problem }}</p>
          <v-btn color="primary" @click="workspace.load()">Try again</v-btn>
          <KeptJobs />
        </div>
      </main>
    </div>
    <!-- Nothing of it is loaded before something was said. -->
    <LazyUndoBar v-if="undo.told > 0" />
  </v-app>
</template>

<style scoped>
.house {
  margin-left: var(--rail-width);
  min-height: 100vh;
  display: flex;
  flex-direction: column;
}
main {
  padding: 20px 24px 32px;
  outline: none;
}
.told {
  margin: 0;
  padding: 8px 24px;
  border-bottom: 1px solid var(--line);
}
.waiting {
  max-width: 40ch;
  margin: 15vh auto;
  display: grid;
  gap: 12px;
}
.skip {
  position: fixed;
  left: 8px;
  top: -60px;
  z-index: 2000;
  background: var(--accent);
  color: var(--on-accent);
  padding: 12px;
}
.skip:focus {
  top: 8px;
}
@media (max-width: 760px) {
  .house {
    margin-left: 0;
    padding-bottom: 64px;
  }
  main {
    padding: 14px 16px 24px;
  }
}
@media print {
  .house {
    margin: 0;
  }
}
</style>
