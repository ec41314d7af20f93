import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { DAY, WINGS } from '~/theme/colours'

export default defineNuxtPlugin(nuxtApp => {
  nuxtApp.vueApp.use(
    createVuetify({
      icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
      theme: { defaultTheme: 'day', themes: { day: DAY, wings: WINGS } },
      defaults: {
        VBtn: { variant: 'outlined', rounded: 'sm', minHeight: 44 },
        VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
        VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', rows: 2, autoGrow: true },
        VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
        VAutocomplete: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
        VSlider: { hideDetails: 'auto' },
      },
    }),
  )
})
