// @ts-check
import { readFileSync } from 'node:fs'
import withNuxt from './.nuxt/eslint.config.mjs'

/*
 * Floors of the house, from the ground up: a room knows those below it, and none above. What two rooms need lies below both.
 */
/** @type {Record<'core' | 'shared' | 'server' | 'app', string[]>} */
const FLOORS = JSON.parse(readFileSync(new URL('scripts/floors.json', import.meta.url), 'utf8'))

/**
 * A rule for each floor that forbids to import what stands above it.
 * @param {string} top folder of the floors
 * @param {readonly string[]} floors from the ground up
 * @param {string[]} more what else no file of them may import, as regular expressions
 * @returns {import('eslint').Linter.Config[]}
 */
const floorRules = (top, floors, more = []) =>
  floors.map((floor, i) => {
    // A room of a folder is reached from the one beside it without the name of the folder they share.
    const above = floors
      .slice(i + 1)
      .flatMap(f => [f, ...(f.includes('/') && f.split('/')[0] === floor.split('/')[0] ? [f.split('/')[1]] : [])])
    const patterns = [
      ...(above.length > 0
        ? [
            {
              regex: `^(~/|(\\.\\./)+)(${above.join('|')})(/|$)`,
              message: `${top}/${floor} stands below this: what both need belongs further down.`,
            },
          ]
        : []),
      ...more.map(regex => ({ regex, message: `${top}/ knows nothing of this.` })),
    ]
    // Of a folder whose rooms have floors of their own, the files that lie in none of them.
    const hasRooms = floors.some(f => f.startsWith(`${floor}/`))
    return {
      name: `varietas/${top}-${floor.replace('/', '-')}`,
      files: [`${top}/${floor}/${hasRooms ? '' : '**/'}*.{ts,vue}`],
      ignores: ['**/*.test.ts'],
      rules: {
        'no-restricted-imports': 'off',
        '@typescript-eslint/no-restricted-imports': ['error', { patterns }],
      },
    }
  })

/** core/ is pure TypeScript: nothing from the interface, the framework, the database or the rest of the house. */
const NOT_IN_CORE = [
  '^(vue|vue-router|pinia|vuetify|nuxt|nitropack|h3|drizzle-orm|@libsql|class-validator)(/|$)',
  '^@(vue|nuxt|pinia)/',
  '^#(app|imports|build|shared)(/|$)',
  '^(~|@)/',
  '^(~~|@@)/',
  '^(\\.\\./)+(app|server|shared|modules|demo|tests)(/|$)',
]

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
    name: 'varietas/short-functions',
    files: ['{core,shared,server,app}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 120 }] },
  },
  {
    name: 'varietas/core-ground',
    files: ['core/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': 'off',
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: `^\\./(${FLOORS.core.join('|')})/`, message: 'The ground of core/ knows none of its rooms.' },
          ],
        },
      ],
    },
  },
  ...floorRules('core', FLOORS.core, NOT_IN_CORE),
  ...floorRules('shared', FLOORS.shared, ['^~/', '^(\\.\\./)+(app|server|tests)(/|$)']),
  ...floorRules('app', FLOORS.app, ['^(\\.\\./)+(server|tests)(/|$)', '^#server(/|$)']),
  ...floorRules('server', FLOORS.server, ['^(~|@)/', '^(\\.\\./)+(app|demo/story|tests)(/|$)']),
  {
    name: 'varietas/refusals-in-one-place',
    files: ['app/**/*.{ts,vue}'],
    ignores: ['app/asking/api.ts', '**/*.test.ts'],
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
