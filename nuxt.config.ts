export default defineNuxtConfig({ compatibilityDate: '2026-01-01' })
