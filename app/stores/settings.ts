import { defineStore } from 'pinia'
import { ref, computed } from 'vue'
import type { RecipeOptions } from '#core/complexion/mixing/recipe'
import { Settings } from '#shared/records/method/settings'
import { api } from '~/asking/api'

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
    value.value = await api('get', '/api/settings')
  }

  async function change(part: Partial<Settings>, quiet = false): Promise<void> {
    value.value = await api('put', '/api/settings', {}, { body: { ...value.value, ...part }, quiet })
  }
  return { value, options, faceMl, load, change }
})
