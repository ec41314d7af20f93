// @ts-check
import withNuxt from './.nuxt/eslint.config.mjs'

export default withNuxt(
  { ignores: ['.output/**', '.varietas/**', 'server/db/migrations/**'] },
  {
    name: 'varietas/style',
    rules: {
      'vue/multi-word-component-names': 'off',
      // As the formatter writes them.
      'vue/html-self-closing': ['warn', { html: { void: 'always' } }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      'max-lines': ['error', { max: 400 }],
    },
  },
  {
    name: 'varietas/core-boundary',
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': 'off',
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex:
                '^(vue|vue-router|pinia|vuetify|nuxt|nitropack|h3|drizzle-orm|@libsql|class-validator)(/|$)|^@(vue|nuxt|pinia)/|^#(app|imports|build|shared)(/|$)|^(~|@)/|^(~~|@@)/|^(\\.\\./)+(app|server|shared|modules|demo|tests)(/|$)',
              message:
                'core/ is pure TypeScript: nothing from the interface, the framework, the database or the rest of the house.',
            },
          ],
        },
      ],
    },
  },
)
