import type { ThemeDefinition } from 'vuetify'

/*
 * Everything around a swatch is grey with equal RGB; the one accent, a deep petrol, marks what can be acted on.
 */
const settled = { 'medium-emphasis-opacity': 0.78, 'high-emphasis-opacity': 0.95, 'border-opacity': 0.3 }

export const DAY: ThemeDefinition = {
  dark: false,
  colors: {
    'background': '#e6e6e6',
    'surface': '#eeeeee',
    'on-surface': '#1a1a1a',
    'on-background': '#1a1a1a',
    'primary': '#0f5963',
    'on-primary': '#ffffff',
    'error': '#1a1a1a',
    'surface-light': '#dcdcdc',
  },
  variables: { ...settled, 'border-color': '#1a1a1a' },
}

export const WINGS: ThemeDefinition = {
  dark: true,
  colors: {
    'background': '#1e1e1e',
    'surface': '#262626',
    'on-surface': '#ececec',
    'on-background': '#ececec',
    'primary': '#6cc0ca',
    'on-primary': '#101010',
    'error': '#ececec',
    'surface-light': '#333333',
  },
  variables: { ...settled, 'border-color': '#ececec' },
}
