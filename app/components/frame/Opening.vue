<script setup lang="ts">
/** A record on its way, or one that is not there. */
defineProps<{ loading: boolean; what: string; all: string }>()
</script>

<template>
  <p v-if="loading" role="status">Opening the record …</p>
  <div v-else role="alert">
    <h1>This {{ what }} is not here.</h1>
    <p class="lead">
      It may have been deleted. <NuxtLink :to="all">See all {{ what }}s</NuxtLink>
    </p>
  </div>
</template>
