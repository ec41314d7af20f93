// @ts-check
import withNuxt from './.nuxt/eslint.config.mjs'

/** The wings of server/services from the ground up: each knows those below it, and none above. */
const WINGS = ['papers', 'record', 'kit', 'buying', 'jobs', 'people', 'plans', 'days', 'data']
/** @type {import('eslint').Linter.Config[]} */
const wingRules = WINGS.slice(0, -1).map((wing, i) => ({
  name: `varietas/services-${wing}`,
  files: [`server/services/${wing}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': 'off',
    '@typescript-eslint/no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^(\\.\\./)+(services/)?(${WINGS.slice(i + 1).join('|')})/`,
            message: `services/${wing} stands below this wing: what both need belongs further down.`,
          },
          {
            regex: '^(\\.\\./)+(api|demo|plugins)/',
            message: 'Services know nothing of routes, start or the story of the demo.',
          },
        ],
      },
    ],
  },
}))

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
  ...wingRules,
  {
    name: 'varietas/refusals-in-one-place',
    files: ['app/**/*.{ts,vue}'],
    ignores: ['app/composables/api.ts', '**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'BinaryExpression[operator="instanceof"] > Identifier.right[name=/^(ApiProblem|Stopped)$/]',
          message:
            'Refusals are caught in one place: ask by useAsked, act by useForm or undo.attempt, or wait by outcomeOf.',
        },
      ],
    },
  },
)
