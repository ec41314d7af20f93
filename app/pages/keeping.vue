<script setup lang="ts">
import type { Preview } from '#shared/records/keeping'

/** Backups: when, how many, and the way back. */
useHead({ title: 'Keeping · Varietas' })
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
      <table v-if="keeping.state.backups.length > 0" class="ledger">
        <caption class="visually-hidden">
          Backups kept here
        </caption>
        <thead>
          <tr>
            <th>Made</th>
            <th class="num">Size</th>
            <th><span class="visually-hidden">Actions</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="b in keeping.state.backups" :key="b.name">
            <td>{{ momentInWords(b.createdAt) }}</td>
            <td class="num">{{ sizeInWords(b.bytes) }}</td>
            <td class="row-acts">
              <a class="act" :href="`/api/keeping/backups/${b.name}`" download>Download</a>
              <button
                class="act"
                type="button"
                :aria-label="`Look at the backup of ${momentInWords(b.createdAt)}`"
                @click="look(() => keeping.previewKept(b.name))"
              >
                Look at it
              </button>
            </td>
          </tr>
        </tbody>
      </table>
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
.row-acts {
  text-align: right;
  white-space: nowrap;
}
h2 {
  margin-top: 14px;
}
</style>
