<script setup lang="ts">
import type { Face } from '#shared/records/people/faces'
import { BookingForFace } from '#shared/records/days/jobs'

/** Puts a face on a day. */
const props = defineProps<{ face: Face }>()
const emit = defineEmits<{ done: [] }>()
const faces = useFaces()
const { at, submit, problem, busy } = useForm(BookingForFace)
const booking = ref<BookingForFace | null>(null)
async function book() {
  if (booking.value && (await submit(booking.value, input => faces.book(props.face.id, input)))) emit('done')
}
</script>

<template>
  <div class="book">
    <p v-if="problem" role="alert">
      <b>{{ problem }}</b>
    </p>
    <BookingFields v-model="booking" :errors="path => at(path.replace('booking.', ''))" />
    <v-btn color="primary" :disabled="!booking" :loading="busy" @click="book">Book {{ face.name.split(' ')[0] }}</v-btn>
  </div>
</template>

<style scoped>
.book {
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 420px;
}
.book > :not(.v-btn) {
  width: 100%;
}
</style>
