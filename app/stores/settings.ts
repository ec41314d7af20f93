import { defineStore } from 'pinia'
import { ref, computed } from 'vue'
import type { RecipeOptions } from '#core/complexion/recipe'
import { Settings } from '#shared/records/settings'
import { api } from '~/composables/api'

export const useSettings = defineStore('settings', () => {
  const value = ref<Settings>(new Settings())
  const options = computed<RecipeOptions>(() => ({
    maxProducts: value.value.maxProducts,
    maxDrops: value.value.maxDrops,
    tolerance: value.value.tolerance,
    illuminant: 'D65',
  }))
  const faceMl = computed(() => ({
    sheer: value.value.faceMlSheer,
    light: value.value.faceMlLight,
    medium: value.value.faceMlMedium,
    full: value.value.faceMlFull,
  }))

  async function load(): Promise<void> {
    value.value = await api<Settings>('settings')
  }

  async function change(part: Partial<Settings>): Promise<void> {
    value.value = await api<Settings>('settings', { method: 'PUT', body: { ...value.value, ...part } })
  }
  return { value, options, faceMl, load, change }
})
