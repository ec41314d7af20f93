<script setup lang="ts">
import type { Preview } from '#shared/records/record/keeping'
import type { Column } from '~/words/columns'

/** Backups: when, how many, and the way back. */
const keeping = useKeeping()
const undo = useUndo()
const workspace = useWorkspace()
const preview = shallowRef<Preview | null>(null)
const doing = ref<'' | 'backing up' | 'reading' | 'restoring'>('')
const input = ref<HTMLInputElement>()

const newest = computed(() => keeping.state.backups[0])
const answer = computed(() => {
  if (!keeping.state.here) return 'A libSQL server keeps these data.'
  return newest.value ? `Backed up ${sinceInWords(newest.value.createdAt)}.` : 'Nothing is backed up yet.'
})

async function during(what: typeof doing.value, work: () => Promise<unknown>): Promise<boolean> {
  doing.value = what
  const done = await undo.attempt(work)
  doing.value = ''
  return done
}
const look = (work: () => Promise<Preview>) =>
  during('reading', async () => {
    preview.value = null
    preview.value = await work()
  })
async function fromFile(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (file) await look(() => keeping.previewFile(file))
  field.value = ''
}
async function restore() {
  if (!preview.value) return
  const taken = preview.value
  if (!(await during('restoring', () => keeping.restore(taken)))) return
  preview.value = null
  await workspace.load()
}
onMounted(() => undo.attempt(() => keeping.load()))
const COLUMNS: Column<(typeof keeping.state.backups)[number]>[] = [
  { key: 'made', text: 'Made', of: b => momentInWords(b.createdAt) },
  { key: 'size', text: 'Size', class: 'num', of: b => sizeInWords(b.bytes) },
  { key: 'acts', text: 'Actions', unseen: true, class: 'num' },
]
</script>

<template>
  <div class="keeping">
    <h1 data-testid="answer">{{ answer }}</h1>
    <p class="lead">
      A backup is one file with everything in it, pictures too. One is made every day while Varietas runs, before every
      update and before every restore; the last ten are kept. Download one now and then to another device.
    </p>
    <p v-for="sentence in keeping.state.troubles" :key="sentence" role="alert">
      <b>{{ sentence }}</b>
    </p>
    <template v-if="keeping.state.here">
      <p class="acts">
        <v-btn
          color="primary"
          variant="flat"
          :loading="doing === 'backing up'"
          @click="during('backing up', keeping.backUp)"
          >Back up now</v-btn
        >
        <v-btn color="primary" :loading="doing === 'reading'" @click="input?.click()">Look at a backup file …</v-btn>
        <input
          ref="input"
          type="file"
          accept=".zip,.json,application/zip,application/json"
          class="visually-hidden"
          tabindex="-1"
          aria-label="Backup file"
          @change="fromFile"
        />
      </p>
      <p v-if="doing === 'reading'" role="status">Unpacking and comparing with what is here …</p>
      <RestorePreview
        v-if="preview"
        :preview="preview"
        :busy="doing === 'restoring'"
        @restore="restore"
        @leave="preview = null"
      />
      <Ledger
        v-if="keeping.state.backups.length > 0"
        caption="Backups kept here"
        :columns="COLUMNS"
        :lines="keeping.state.backups"
      >
        <template #acts="{ line: b }">
          <a class="act" :href="`/api/keeping/backups/${b.name}`" download>Download</a>
          <Act
            :aria-label="`Look at the backup of ${momentInWords(b.createdAt)}`"
            @click="look(() => keeping.previewKept(b.name))"
            >Look at it</Act
          >
        </template>
      </Ledger>
      <h2>Take everything elsewhere</h2>
      <p class="small">
        Every record by table, pictures included, in a format that is written down; the same file can be looked at and
        taken in again above.
        <a class="act" href="/api/keeping/everything" download>Download as JSON</a>
      </p>
      <details class="history">
        <summary>What was changed, and when</summary>
        <ChangeList />
      </details>
    </template>
  </div>
</template>

<style scoped>
.keeping {
  max-width: 860px;
  display: grid;
  gap: 14px;
}
p {
  margin: 0;
}
h2 {
  margin-top: 14px;
}
</style>
