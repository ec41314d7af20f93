<script setup lang="ts">
import { rangeKey } from '#shared/asked/kitPigments'

/** What palette and flash tests have shown: they count before the table of bases and before every guess. */
const plans = usePlans()
const undo = useUndo()
const { ranges: owned } = useRangesOwned()
const ranges = computed(() => [...new Set(owned.value.map(rangeKey).filter(Boolean))].sort())
const [a, b, after] = [ref<string | null>(null), ref<string | null>(null), ref('')]
const result = ref<'held' | 'separated' | 'pilled'>('held')
const itemId = ref<string | null>(null)
const flash = ref<'good' | 'bad'>('good')
useDraft('palette and flash', reactive({ a, b, after, result, itemId, flash }))
const { nameOf } = useProductNames()

async function addPalette() {
  if (!a.value || !b.value) return
  if (
    await undo.attempt(() =>
      plans.addPaletteTest({ a: a.value!, b: b.value!, result: result.value, after: after.value }),
    )
  ) {
    a.value = b.value = null
    after.value = ''
  }
}
async function addFlash() {
  if (
    itemId.value
    && (await undo.attempt(() => plans.addFlashTest({ itemIds: [itemId.value!], result: flash.value, note: '' })))
  )
    itemId.value = null
}
</script>

<template>
  <section class="flow">
    <h2>What the palette showed</h2>
    <ul class="rows">
      <li v-for="t in plans.tests.palette" :key="t.id">
        <b>{{ t.a.replace(' / ', ' ') }}</b> with <b>{{ t.b.replace(' / ', ' ') }}</b>: {{ t.result
        }}{{ t.after ? `, ${t.after}` : '' }}
        <Act
          :aria-label="`Forget the test of ${t.a} with ${t.b}`"
          @click="undo.attempt(() => plans.removePaletteTest(t.id))"
        >
          Forget
        </Act>
      </li>
    </ul>
    <div class="add">
      <v-autocomplete v-model="a" label="This range" :items="ranges" />
      <v-autocomplete v-model="b" label="with that range" :items="ranges" />
      <v-select v-model="result" label="it" :items="['held', 'separated', 'pilled']" />
      <v-text-field v-model="after" label="after" maxlength="120" />
      <v-btn color="primary" :disabled="!a || !b" @click="addPalette">Keep</v-btn>
    </div>
    <h2>What the flash showed</h2>
    <ul class="rows">
      <li v-for="t in plans.tests.flash" :key="t.id">
        <b>{{ listInWords(t.itemIds.map(nameOf)) }}</b>: {{ t.result }} in flash
        <Act
          :aria-label="`Forget the flash test of ${listInWords(t.itemIds.map(nameOf))}`"
          @click="undo.attempt(() => plans.removeFlashTest(t.id))"
        >
          Forget
        </Act>
      </li>
    </ul>
    <div class="add">
      <ProductPicker v-model="itemId" label="Photographed" />
      <Choices v-model="flash" label="It was" :options="['good', 'bad']" hide-label />
      <v-btn color="primary" :disabled="!itemId" @click="addFlash">Keep</v-btn>
    </div>
  </section>
</template>
