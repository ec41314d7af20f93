<script setup lang="ts">
import type { NuxtError } from '#app'

/** Where nothing else can be shown: a wrong address, or the application itself broke off. */
const props = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => props.error.statusCode === 404)
const home = () => clearError({ redirect: '/' })
</script>

<template>
  <v-app>
    <main class="lost">
      <h1>{{ isMissing ? 'There is nothing at this address.' : 'This page broke off.' }}</h1>
      <p class="lead">
        {{ isMissing ? 'It may have been deleted, or the address is not whole.' : 'Nothing that was saved is lost.' }}
      </p>
      <p><v-btn color="primary" variant="flat" @click="home">To the bench</v-btn></p>
    </main>
  </v-app>
</template>

<style scoped>
.lost {
  max-width: 46rem;
  margin: 12vh auto;
  padding: 0 24px;
  display: grid;
  gap: 12px;
}
</style>
