import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { DAY, WINGS } from '~/theme/colours'

const FIELD = { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' }

export default defineNuxtPlugin(nuxtApp => {
  nuxtApp.vueApp.use(
    createVuetify({
      icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
      theme: { defaultTheme: 'day', themes: { day: DAY, wings: WINGS } },
      defaults: {
        VBtn: { variant: 'outlined', rounded: 'sm' },
        VTextField: FIELD,
        VTextarea: { ...FIELD, rows: 2, autoGrow: true },
        VSelect: FIELD,
        VAutocomplete: FIELD,
        VCombobox: FIELD,
        VNumberInput: { ...FIELD, persistentHint: true },
        VCheckbox: { density: 'comfortable', hideDetails: 'auto', color: 'primary' },
        VCheckboxBtn: { color: 'primary' },
        VSlider: { hideDetails: 'auto' },
      },
    }),
  )
})
