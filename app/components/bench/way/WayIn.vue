<script setup lang="ts">
import { START_LISTS, type StartListId } from '#core/standard/startLists'

/** The first page of an empty database: three ways to a first answer, and what the answers look like. */
const settings = useSettings()
const demo = useDemo()
const paste = ref(false)
const list = ref<StartListId | null>(null)
const listOpen = computed({ get: () => list.value !== null, set: open => (list.value = open ? list.value : null) })

const ANSWERS = [
  { picture: 'reach', words: 'Whom the kit can match, and whom not' },
  { picture: 'match', words: 'What to mix for one face, in drops' },
  { picture: 'plan', words: 'What goes on this skin, in which order, and why' },
] as const
</script>

<template>
  <div>
    <h1 data-testid="answer">What is in your kit?</h1>
    <p class="lead">Once it is in, Varietas says whom it can match. That takes about three minutes.</p>
    <ol class="bare ways">
      <li>
        <h2>Paste what you own</h2>
        <p>A note from the phone or rows of a spreadsheet: headings, shades and several things in a line are read.</p>
        <v-btn color="primary" variant="flat" @click="paste = true">Paste a list</v-btn>
      </li>
      <li>
        <h2>Start from a list</h2>
        <p>Tick what you have, and say where your shades sit.</p>
        <div class="lists">
          <v-btn v-for="l in START_LISTS" :key="l.id" variant="outlined" @click="list = l.id">{{ l.name }}</v-btn>
        </div>
      </li>
      <li>
        <h2>Look round the demo</h2>
        <p>
          The kit, people and jobs of an invented artist, in a folder of their own. One tap leads back; nothing of it
          enters your kit.
        </p>
        <template v-if="demo.canOpen.value">
          <v-btn v-if="!demo.opening.value" variant="outlined" @click="demo.open()">Open the demo</v-btn>
          <Working v-else what="Opening the demo" :done="null" @stop="demo.stop()" />
          <p v-if="demo.refused.value" role="alert" class="problem">{{ demo.refused.value }}</p>
        </template>
        <p v-else class="small">It opens on the computer that Varietas runs on.</p>
      </li>
    </ol>
    <section aria-labelledby="answers">
      <h2 id="answers">What it will answer</h2>
      <ul class="bare answers">
        <li v-for="a in ANSWERS" :key="a.picture">
          <figure>
            <img
              :src="`/answers/${a.picture}-${settings.value.theme === 'day' ? 'day' : 'dark'}.webp`"
              width="480"
              height="300"
              loading="lazy"
              alt=""
            />
            <figcaption>{{ a.words }}</figcaption>
          </figure>
        </li>
      </ul>
      <p class="small">Pictures of the demo.</p>
    </section>
    <p v-if="settings.value.currency" class="small">
      Sums will be shown in {{ settings.value.currency }}, the currency of your browser’s region.
      <NuxtLink to="/methods">Choose another</NuxtLink>
    </p>
    <FormDialog v-model="paste" label="Paste a list" wide><LazyPasteList @done="paste = false" /></FormDialog>
    <FormDialog v-model="listOpen" label="Start from a list" wide
      ><LazyStartList v-if="list" :list-id="list" @done="list = null"
    /></FormDialog>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 28px;
  margin: 22px 0 26px;
}
.ways > li {
  display: grid;
  align-content: start;
  justify-items: start;
  gap: 8px;
  padding-top: 10px;
  border-top: 2px solid var(--ink);
}
.ways p,
.ways h2 {
  margin: 0;
}
.lists {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.answers {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 28px;
  margin-top: 8px;
}
figure {
  margin: 0;
}
img {
  display: block;
  width: 100%;
  height: auto;
  border: 1px solid var(--line);
}
figcaption {
  padding-top: 6px;
}
@media (max-width: 760px) {
  .ways,
  .answers {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
}
</style>
