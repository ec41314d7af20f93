<script setup lang="ts">
import type { Preview, TableDifference } from '#shared/records/record/keeping'
import type { Column } from '~/words/columns'

/** What restoring a backup would change, before anything is changed. */
defineProps<{ preview: Preview; busy: boolean }>()
const emit = defineEmits<{ restore: []; leave: [] }>()

const WORDS: Record<string, string> = {
  products: 'Products, owned or offered',
  pans: 'Pans of palettes',
  places: 'Places',
  units: 'Bottles and other things owned',
  fills: 'What is in them',
  uses: 'What was used on whom',
  jobs: 'Jobs',
  bookings: 'Bookings',
  changes: 'History of changes',
  plan_bodies: 'What kept plans say',
  ranges_apart: 'Ranges that separate',
  faces: 'Faces',
  readings: 'Readings',
  recipes: 'Saved recipes',
  seen_verdicts: 'What was seen of mixes',
  face_history: 'History of products on faces',
  plans: 'Kept plans',
  pictures: 'Pictures',
  palette_tests: 'Palette tests',
  flash_tests: 'Flash tests',
  measured_mixes: 'Measured mixes',
  suppliers: 'Suppliers (simulated)',
  offers: 'Offers (simulated)',
  purchases: 'Purchase lists',
  purchase_lines: 'Lines of purchase lists',
  settings: 'Methods',
  standards: 'Standards of the kit',
  standing_lists: 'Standing lists',
  ticks: 'What was ticked on jobs',
  simulated_skins: 'Skins the simulated meter sees',
  demo_mark: 'The mark of the demo',
}
const changeInWords = ({ onlyHere, onlyThere, changed }: TableDifference) =>
  [
    onlyHere > 0 && `${onlyHere} would go`,
    onlyThere > 0 && `${onlyThere} would come back`,
    changed > 0 && `${changed} would be as ${changed === 1 ? 'it was' : 'they were'}`,
  ]
    .filter(Boolean)
    .join(', ')
const COLUMNS: Column<NonNullable<Preview['differences']>[number]>[] = [
  { key: 'what', text: 'What', of: d => WORDS[d.table] ?? d.table },
  { key: 'here', text: 'Here', class: 'num', of: d => d.here },
  { key: 'there', text: 'In the backup', class: 'num', of: d => d.there },
  { key: 'change', text: 'Restoring', of: changeInWords },
]
</script>

<template>
  <section class="preview" aria-label="What restoring would change" data-testid="preview">
    <h2>The backup of {{ momentInWords(preview.createdAt) }}</h2>
    <p class="small">
      Made {{ preview.reason === 'asked' ? 'when you asked for it' : preview.reason }}, by version {{ preview.app }},
      with {{ plural(preview.pictures, 'picture') }}.{{
        preview.reason === 'open file' ? '' : ' It is whole: every part agrees with its checksum.'
      }}
    </p>
    <p v-if="preview.differences?.length === 0"><b>It holds what is here now: restoring would change nothing.</b></p>
    <Ledger
      v-else-if="preview.differences"
      caption="What restoring would change"
      :columns="COLUMNS"
      :lines="preview.differences"
    />
    <p class="small">The data as they are now are backed up first, so this can be taken back the same way.</p>
    <div class="acts">
      <v-btn color="primary" variant="flat" :loading="busy" @click="emit('restore')">Restore it</v-btn
      ><v-btn variant="text" @click="emit('leave')">Leave everything as it is</v-btn>
    </div>
  </section>
</template>

<style scoped>
.preview {
  display: grid;
  gap: 10px;
  border-left: 4px solid var(--accent);
  padding-left: 18px;
  margin-top: 18px;
}
p {
  margin: 0;
}
.ledger :deep(:is(th, td):last-child) {
  padding-left: 28px;
}
</style>
