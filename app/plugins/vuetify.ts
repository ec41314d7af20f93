import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { DAY, WINGS } from '~/theme/colours'

// The transitions that come with lists and dialogs let no press through while they run, long after their options can be seen: a quick press
// goes to what lies under them. What opens fades in by a style alone, see main.css.
const AT_ONCE = { transition: false }
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
        VSelect: { ...FIELD, ...AT_ONCE },
        VAutocomplete: { ...FIELD, ...AT_ONCE },
        VCombobox: { ...FIELD, ...AT_ONCE },
        VMenu: AT_ONCE,
        VDialog: AT_ONCE,
        VNumberInput: { ...FIELD, persistentHint: true },
        VCheckbox: { density: 'comfortable', hideDetails: 'auto', color: 'primary' },
        VCheckboxBtn: { color: 'primary' },
        VSlider: { hideDetails: 'auto' },
      },
    }),
  )
})
