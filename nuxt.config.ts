import { fileURLToPath } from 'node:url'
import vuetify, { transformAssetUrls } from 'vite-plugin-vuetify'

const core = fileURLToPath(new URL('./core', import.meta.url))

// legacy ("experimental") decorators: say it to esbuild explicitly, in Vite (app, workers) and in Nitro.
const decorators = { experimentalDecorators: true, useDefineForClassFields: false } as const

// Text, as the template compiler numbers its nodes.
const TEXT = 2
/** Runs of white space in a template are one space. */
function oneSpace(node: { type: number }): void {
  if (node.type === TEXT && 'content' in node) node.content = String(node.content).replace(/[ \t\r\n]+/g, ' ')
}

// They are checked with all the rest, by tsconfig.check.json.
const TESTS = ['../**/*.test.ts']

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  telemetry: { enabled: false },
  devtools: { enabled: false },
  // No search engine needs these pages and the computing happens in the browser: see docs/decisions/0002.
  ssr: false,
  // Other pages are read when somebody is about to go there: the answer on this one comes first.
  experimental: { defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } } },
  modules: [
    '@pinia/nuxt',
    '@nuxt/eslint',
    'nuxt-security',
    (_options, nuxt) => {
      // Nor is code fetched ahead that another page may need: the service worker stores it once the first page is there.
      nuxt.hooks.hook('build:manifest', manifest => {
        for (const chunk of Object.values(manifest)) chunk.prefetch = false
      })
      nuxt.hooks.hook('vite:extendConfig', config => {
        // @ts-expect-error plugins is readonly in the type only
        config.plugins.push(vuetify({ autoImport: true }))
      })
      // The stores are there before the router, which waits for the code of a page: see app/plugins/opening.ts.
      nuxt.hooks.hook('app:resolve', ({ plugins }) => {
        for (const plugin of plugins) if (plugin.src.includes('@pinia/nuxt')) plugin.order = -25
      })
    },
  ],
  css: [
    '@fontsource/instrument-serif/400.css',
    '@fontsource-variable/instrument-sans/wght.css',
    // Without the utility classes: 240 kB of style that no page here asks for.
    'vuetify/styles/layers',
    'vuetify/styles/core',
    '~/theme/main.css',
  ],
  // What the browser must not let a page of this application do; see docs/security.md. What answers data is guarded in server/guard.
  security: {
    strict: false,
    nonce: true,
    headers: {
      contentSecurityPolicy: {
        'default-src': ["'none'"],
        'base-uri': ["'none'"],
        'form-action': ["'none'"],
        'frame-ancestors': ["'none'"],
        'object-src': ["'none'"],
        'script-src': ["'self'", "'nonce-{{nonce}}'"],
        'script-src-attr': ["'none'"],
        // Swatches are coloured by style attributes, and Vuetify writes its theme into a style element.
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'font-src': ["'self'", 'data:'],
        'connect-src': ["'self'"],
        'worker-src': ["'self'", 'blob:'],
        'manifest-src': ["'self'"],
        // Served over plain http on this computer.
        'upgrade-insecure-requests': false,
      },
      // Nothing here needs an isolated page, and it would keep the workers from loading.
      crossOriginEmbedderPolicy: false,
      crossOriginOpenerPolicy: 'same-origin',
      crossOriginResourcePolicy: 'same-origin',
      strictTransportSecurity: false,
      xFrameOptions: 'DENY',
      referrerPolicy: 'no-referrer',
    },
    // Sizes and types are judged by the routes themselves, and nobody is counted out on one's own computer.
    rateLimiter: false,
    requestSizeLimiter: false,
    xssValidator: false,
    corsHandler: false,
    allowedMethodsRestricter: false,
  },
  app: {
    head: {
      titleTemplate: '%s %separator Varietas',
      templateParams: { separator: '·' },
      htmlAttrs: { lang: 'en-GB' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'theme-color', content: '#e6e6e6' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        { rel: 'apple-touch-icon', href: '/icons/192.png' },
        { rel: 'manifest', href: '/app.webmanifest' },
      ],
    },
  },
  build: { transpile: ['vuetify'] },
  alias: { '#core': core },
  components: [{ path: '~/components', pathPrefix: false }],
  imports: { dirs: ['asking', 'stores', 'composables', 'words'] },
  // cssnano drops the last ';' of an @layer statement, esbuild then warns: let esbuild alone minify
  postcss: { plugins: { cssnano: false } },
  vite: {
    // A line break between two words is one space, as in any other text.
    vue: {
      // Every component is written with the composition API, Vuetify's too: Vue's other half stays away.
      features: { optionsAPI: false },
      template: { transformAssetUrls, compilerOptions: { whitespace: 'preserve', nodeTransforms: [oneSpace] } },
    },
    esbuild: { tsconfigRaw: { compilerOptions: decorators } },
    worker: { format: 'es' },
    build: { rollupOptions: { output: { experimentalMinChunkSize: 30_000 } } },
  },
  nitro: {
    errorHandler: '~~/server/utils/errors.ts',
    // A first page is a third over the wire; packed once, when it is built.
    compressPublicAssets: { gzip: true, brotli: true },
    // else Rollup tree-shakes the bare `import 'reflect-metadata/lite'` away
    moduleSideEffects: ['reflect-metadata/'],
    esbuild: { options: { target: 'es2022', tsconfigRaw: { compilerOptions: decorators } } },
    typescript: { tsConfig: { compilerOptions: decorators, exclude: TESTS } },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: decorators, exclude: TESTS },
    sharedTsConfig: { compilerOptions: decorators, exclude: TESTS },
    nodeTsConfig: { compilerOptions: decorators, exclude: TESTS },
  },
})
