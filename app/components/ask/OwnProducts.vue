<script setup lang="ts">
import { USUAL_BY_KIND } from '#core/stock/things/usual'
import { CLEAR_LAB, ITEM_KINDS, type ItemKind } from '#core/product/item'
import { OwnedProductInput } from '#shared/records/kit/kit'
import type { Face } from '#shared/records/people/faces'

/** What they bring along: it enters the plan as a source of its own and touches nobody else. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const undo = useUndo()
const { at, submit, busy } = useForm(OwnedProductInput)
const name = ref('')
const kind = ref<ItemKind>('mascara')
const inci = ref('')
const draft = useDraft(`own:${props.face.id}`, reactive({ name, kind, inci }))

async function add() {
  const { coverage, finish, family, size, traits } = USUAL_BY_KIND[kind.value]
  const values = {
    ...new OwnedProductInput(),
    kind: kind.value,
    shade: name.value,
    lab: { ...CLEAR_LAB },
    colourSource: 'clear',
    coverage,
    finish,
    family,
    sizeMl: size,
    traits: { ...traits },
    inci: inci.value,
  }
  if (await submit(values, input => faces.bring(props.face.id, input))) {
    name.value = inci.value = ''
    draft.done()
  }
}
</script>

<template>
  <div>
    <ul v-if="face.own.length > 0" class="rows">
      <li v-for="p in face.own" :key="p.id">
        <b>{{ p.shade }}</b> <span class="small">{{ p.kind }}</span><Act
          :aria-label="`Take ${p.shade} off`"
          @click="undo.attempt(() => faces.leaveHome(face.id, p.id))"
        >
          Take off
        </Act>
      </li>
    </ul>
    <form class="add" novalidate @submit.prevent="add">
      <v-text-field v-model="name" label="They bring" :error-messages="at('shade')" />
      <v-autocomplete v-model="kind" label="Kind" :items="[...ITEM_KINDS]" />
      <v-btn type="submit" color="primary" :loading="busy">Add</v-btn>
      <v-text-field
        v-model="inci"
        class="wide"
        label="Its ingredients, when the list is at hand"
        :error-messages="at('inci')"
      />
    </form>
  </div>
</template>

<style scoped>
.wide {
  grid-column: 1 / -1;
}
</style>
