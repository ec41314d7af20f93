<script setup lang="ts">
import type { Face } from '#shared/records/people/faces'

/** Reference pictures: kept on this machine only, without where and when they were taken. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const undo = useUndo()
const busy = ref(false)

async function add(event: Event) {
  const input = event.target as HTMLInputElement
  busy.value = true
  for (const file of input.files ?? []) await undo.attempt(() => faces.addPicture(props.face.id, file))
  busy.value = false
  input.value = ''
}
</script>

<template>
  <section class="flow">
    <h2>Pictures</h2>
    <p v-if="face.consultation.keepPictures === 'refused'" role="status"><b>They do not want pictures kept.</b></p>
    <label v-else class="small"
      >Add pictures (JPEG, PNG, WebP)
      <input type="file" accept="image/jpeg,image/png,image/webp" multiple :disabled="busy" @change="add" />
    </label>
    <ul v-if="face.pictures.length > 0">
      <li v-for="(p, i) in face.pictures" :key="p.id">
        <img :src="`/api/pictures/${p.id}`" :alt="`Reference picture ${i + 1}`" loading="lazy" /><Act
          :aria-label="`Delete picture ${i + 1}`"
          @click="undo.attempt(() => faces.removePicture(face.id, p.id))"
        >
          Delete
        </Act>
      </li>
    </ul>
    <p class="small">Pictures stay on this machine; location and camera data are taken out before they are kept.</p>
  </section>
</template>

<style scoped>
label {
  display: grid;
  gap: 4px;
}
input {
  min-height: 44px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 0;
}
img {
  width: 100%;
  aspect-ratio: 3 / 4;
  object-fit: cover;
  display: block;
}
p {
  margin: 0;
}
</style>
