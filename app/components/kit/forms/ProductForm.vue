<script setup lang="ts">
import { isRead, UNREAD } from '#core/colour/lab'
import { COVERAGES, FAMILIES } from '#core/complexion/bottles/product'
import { isMixed, rangeKey } from '#shared/asked/kitPigments'
import { isComplexionKind, traitsFor, USUAL_BY_KIND } from '#core/stock/things/usual'
import { CLEAR_LAB, FINISHES, ITEM_KINDS, type ItemKind } from '#core/product/item'
import { OwnedProductInput, type OwnedProduct } from '#shared/records/kit/kit'

/** Add or sharpen a bottle. A name, a kind and where it sits are enough; the rest has defaults by kind. */
const props = defineProps<{
  product: OwnedProduct | null
  /** What a new one is to be like, but for its colour. */
  like?: { product: OwnedProduct; step: LikeStep } | null
}>()
const emit = defineEmits<{ done: [] }>()
const kit = useKit()
const undo = useUndo()

/** What a kind usually is, until the artist says more. */
function usualOf(kind: ItemKind) {
  const { coverage, finish, family, size, traits } = USUAL_BY_KIND[kind]
  const place = isComplexionKind(kind)
    ? { lab: { ...UNREAD }, colourSource: 'depth word' as const }
    : { lab: { ...CLEAR_LAB }, colourSource: 'clear' as const }
  return { coverage, finish, family, sizeMl: size, traits: { ...traits }, ...place }
}

/** All that one like it has in common with it: not its name, nor how much is left of it. */
function likeIt({ product, step }: { product: OwnedProduct; step: LikeStep }): OwnedProductInput {
  const { kind, brand, range, coverage, family, finish, inci, flagFixes, traits, sizeMl, measure } = product
  const same = { kind, brand, range, coverage, family, finish, inci, flagFixes, traits, sizeMl, measure }
  const lab = labBeside(product.lab, step)
  return { ...new OwnedProductInput(), ...same, shade: '', lab, colourSource: 'beside a bottle' }
}

/** What is typed: the product, and its price as it is written. */
type Typed = OwnedProductInput & { price: string }
const inputOf = (product: OwnedProduct): Typed => ({
  ...product,
  lab: { ...product.lab },
  price: product.priceMinor == null ? '' : formatMoney(product.priceMinor),
})
const values = reactive<Typed>(
  props.product
    ? inputOf(props.product)
    : props.like
      ? { ...likeIt(props.like), price: '' }
      : { ...new OwnedProductInput(), kind: 'foundation', shade: '', ...usualOf('foundation'), price: '' },
)
const priceMinor = computed(() => (values.price.trim() === '' ? null : parseMoney(values.price)))
const form = useRecordForm<OwnedProduct, OwnedProductInput, Typed>('product', OwnedProductInput, {
  record: props.product,
  values,
  inputOf,
  sent({ price: _price, ...product }) {
    const { openedOn, expiresOn } = product
    return {
      ...product,
      openedOn: openedOn || null,
      expiresOn: expiresOn || null,
      // What is no amount is refused like any other field.
      priceMinor: priceMinor.value === undefined ? Number.NaN : priceMinor.value,
    }
  },
  add: kit.add,
  change: kit.change,
  put: there => kit.put([there]),
  done: () => emit('done'),
})
const { at } = form
const traits = computed({
  get: () => traitsFor(values.kind, values.traits),
  set: now => {
    values.traits = now
  },
})
const sharpen = ref(props.product !== null)
const title = computed(() =>
  props.product
    ? `Sharpen ${props.product.shade}`
    : props.like
      ? `Like ${props.like.product.shade}, but ${props.like.step}`
      : 'A bottle for the kit',
)
const placed = computed(() => isRead(values.lab))
const others = computed(() => kit.products.filter(p => p.id !== props.product?.id && p.kind === 'foundation'))
const { ranges: owned } = useRangesOwned()
const ranges = computed(() => [
  ...new Set(owned.value.flatMap(r => ((!values.brand || r.brand === values.brand) && r.range ? r.range : []))),
])
const brands = computed(() => [...new Set(owned.value.map(r => r.brand).filter(Boolean))])
const mixes = computed(() => !kit.apart.some(r => rangeKey(r) === rangeKey(values)))

function chooseKind(kind: ItemKind | null) {
  if (!kind) return
  const placedAlready = placed.value && values.colourSource !== 'clear' && isComplexionKind(kind)
  values.kind = kind
  if (props.product) return
  const { lab, colourSource, ...usual } = usualOf(kind)
  Object.assign(values, usual, placedAlready ? {} : { lab, colourSource })
}

// Fields that are folded away until something is wrong with them.
// prettier-ignore
const FOLDED = [
  'brand', 'range', 'coverage', 'family', 'finish', 'sizeMl', 'priceMinor', 'level', 'strength', 'openedOn', 'expiresOn',
  'notes', 'inci', 'traits',
]
const isFoldedWrong = computed(() => FOLDED.some(field => at(field).length > 0))
watch(isFoldedWrong, isWrong => {
  if (isWrong) sharpen.value = true
})
</script>

<template>
  <RecordForm
    :title="title"
    :act="product ? 'Save' : 'Put it in the kit'"
    :form="form"
    :values="values"
    @cancel="emit('done')"
  >
    <v-autocomplete
      :model-value="values.kind"
      label="Kind"
      :items="[...ITEM_KINDS]"
      auto-select-first
      @update:model-value="chooseKind"
    />
    <v-text-field
      v-model="values.shade"
      v-first
      label="Name on the bottle"
      :error-messages="at('shade')"
      maxlength="200"
    />
    <PlacePicker
      :key="values.kind"
      v-model:lab="values.lab"
      v-model:source="values.colourSource"
      :kind="values.kind"
      :bottles="others"
      :errors="at"
    />
    <div v-if="placed && values.colourSource !== 'clear'" class="live">
      <Swatch :lab="values.lab" :size="72" />
      <FieldPlace :lab="values.lab" />
    </div>
    <Act :aria-expanded="sharpen" @click="sharpen = !sharpen">
      {{ sharpen ? 'Less' : 'Sharpen: range, base, coverage, size, price, ingredients …' }}
    </Act>
    <div v-if="sharpen" class="more">
      <v-combobox v-model="values.brand" label="Brand" :items="brands" :error-messages="at('brand')" />
      <v-combobox v-model="values.range" label="Range" :items="ranges" :error-messages="at('range')" />
      <v-select v-model="values.family" label="Base" :items="[...FAMILIES]" :error-messages="at('family')" />
      <v-select v-model="values.coverage" label="Coverage" :items="[...COVERAGES]" :error-messages="at('coverage')" />
      <v-select v-model="values.finish" label="Finish" :items="[...FINISHES]" :error-messages="at('finish')" />
      <NumberField v-model="values.sizeMl" label="Size, ml or g" :error-messages="at('sizeMl')" />
      <v-text-field
        v-model="values.price"
        label="Price"
        inputmode="decimal"
        :error-messages="
          priceMinor === undefined && at('priceMinor').length > 0
            ? ['must be an amount such as 32.00']
            : at('priceMinor')
        "
      />
      <NumberField
        v-if="isMixed(values)"
        v-model="values.strength"
        label="Pulls a mix, times"
        :error-messages="at('strength')"
      />
      <v-text-field v-model="values.openedOn" label="Opened on" type="date" :error-messages="at('openedOn')" />
      <v-text-field v-model="values.expiresOn" label="Printed expiry" type="date" :error-messages="at('expiresOn')" />
      <Choices v-model="values.level" class="wide" label="How full" :options="FULL_FIRST" />
      <TraitsFields v-model="traits" :errors="at" />
      <IngredientsField
        v-model:inci="values.inci"
        v-model:fixes="values.flagFixes"
        class="wide"
        :family="values.family"
        :errors="at('inci')"
        @family="values.family = $event"
      />
      <v-textarea v-model="values.notes" class="wide" label="Notes" :error-messages="at('notes')" />
      <v-checkbox
        v-if="values.range"
        class="wide"
        :model-value="mixes"
        :label="`${values.range} mixes with itself (untick when you have seen it separate)`"
        @update:model-value="
          undo.attempt(() => kit.setRange({ brand: values.brand, range: values.range, mixes: !mixes }))
        "
      />
    </div>
  </RecordForm>
</template>

<style scoped>
.live {
  display: grid;
  grid-template-columns: 72px 1fr;
  gap: 14px;
  align-items: center;
}
.more {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.wide {
  grid-column: 1 / -1;
}
:deep(> .acts) {
  position: sticky;
  bottom: 0;
  background: var(--sheet);
  padding: 8px 0;
}
@media (max-width: 480px) {
  .more {
    grid-template-columns: 1fr;
  }
}
</style>
