<script setup lang="ts">
import { useTheme } from 'vuetify'

const settings = useSettings()
const theme = useTheme()
const chairside = useChairside()
watchEffect(() => document.documentElement.classList.toggle('chairside', chairside.on))
watch(
  () => settings.value.theme,
  name => theme.change(name),
  { immediate: true },
)
</script>

<template>
  <House>
    <NuxtPage />
  </House>
</template>
