<script setup lang="ts">
const workspace = useWorkspace()
const route = useRoute()
const undo = useUndo()
/** A page that asks only what can be mixed does not wait for the rest. */
const canShow = computed(
  () => workspace.state === 'ready' || (workspace.state === 'loading' && workspace.canMix && route.meta.asksMixes),
)
</script>

<template>
  <v-app>
    <a class="skip" href="#work">Skip to the work</a>
    <AppRail />
    <div class="house">
      <PinnedBar />
      <main id="work" tabindex="-1">
        <Guard v-if="canShow" what="This page" :anew="route.fullPath"><slot /></Guard>
        <div v-else-if="workspace.state === 'loading'" class="waiting" role="status">
          <p>Opening the kit …</p>
          <v-progress-linear indeterminate color="primary" aria-label="Opening the kit" />
        </div>
        <div v-else class="waiting" role="alert">
          <h2>The kit could not be opened</h2>
          <p>{{ workspace.problem }}</p>
          <v-btn color="primary" @click="workspace.load()">Try again</v-btn>
        </div>
      </main>
    </div>
    <!-- Another timeout begins it anew. -->
    <v-snackbar
      v-model="undo.shown"
      :timeout="16000 + (undo.told % 2)"
      location="bottom"
      color="#1a1a1a"
      :theme="undefined"
    >
      <span role="status" class="said">{{ undo.message }}</span>
      <template #actions>
        <v-btn v-if="undo.canUndo" variant="text" color="#8fd3db" @click="undo.run()">Undo</v-btn>
        <v-btn variant="text" color="#ffffff" @click="undo.dismiss()">Close</v-btn>
      </template>
    </v-snackbar>
  </v-app>
</template>

<style scoped>
/* It is dark in either theme. */
.said {
  color: #fff;
}
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
