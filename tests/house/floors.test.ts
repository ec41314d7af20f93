import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { basename, dirname, join, relative, resolve } from 'node:path'

/*
 * The house stands on floors: a room knows those below it, and none above, types included. Lint says so of what is imported by a line; here
 * also what Nuxt imports by its name alone counts, stores, composables, words and components.
 */

const root = process.cwd()
const FLOORS = JSON.parse(readFileSync(join(root, 'scripts/floors.json'), 'utf8')) as Record<string, string[]>
const ALIASES: Readonly<Record<string, string>> = { '#core/': 'core', '#shared/': 'shared', '~/': 'app' }
/** Folders of app/ whose exports need no import. */
const BY_NAME = ['asking', 'stores', 'composables', 'words']

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap(entry => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return filesIn(path)
    return /\.(ts|vue)$/.test(entry.name) && !entry.name.endsWith('.test.ts') ? [path] : []
  })
}
function resolved(from: string, spec: string): string | undefined {
  const alias = Object.keys(ALIASES).find(a => spec.startsWith(a))
  const base = alias
    ? join(root, ALIASES[alias]!, spec.slice(alias.length))
    : spec.startsWith('.')
      ? resolve(dirname(from), spec)
      : undefined
  return base === undefined
    ? undefined
    : [base, `${base}.ts`, `${base}.vue`, join(base, 'index.ts')].find(p => existsSync(p) && statSync(p).isFile())
}
const withoutComments = (text: string) => text.replace(/\/\*[\s\S]*?\*\/|\/\/.*|<!--[\s\S]*?-->/g, '')

/** What a file of a part of the house knows, by path. */
function knownBy(top: string): Map<string, Set<string>> {
  const files = filesIn(join(root, top))
  const text = new Map(files.map(f => [f, withoutComments(readFileSync(f, 'utf8'))]))
  const named = new Map<string, string>()
  const components = new Map<string, string>()
  for (const [file, code] of text) {
    const [room] = relative(join(root, top), file).split('/')
    if (top !== 'app') continue
    if (BY_NAME.includes(room!))
      for (const [, name] of code.matchAll(/^export (?:async )?(?:const|function|class) (\w+)/gm))
        named.set(name!, file)
    if (room === 'components') components.set(basename(file, '.vue'), file)
  }
  return new Map(
    [...text].map(([file, code]) => {
      const known = new Set<string>()
      for (const [, spec] of code.matchAll(/(?:from|import)\s*\(?\s*['"]([^'"\n]+)['"]/g)) {
        const target = resolved(file, spec!)
        if (target?.startsWith(join(root, top))) known.add(target)
      }
      const imported = new Set(
        [...code.matchAll(/import\s+(?:type\s+)?\{([^}]*)\}/g)].flatMap(m => m[1]!.match(/\w+/g) ?? []),
      )
      for (const [name, target] of named)
        if (
          !imported.has(name)
          && new RegExp(`(?<![.\\w'"-])${name}\\(`).test(code)
          && !new RegExp(`(?:const|let|function) ${name}\\b`).test(code)
        )
          known.add(target)
      if (file.endsWith('.vue'))
        for (const [name, target] of components) if (new RegExp(`<${name}[\\s/>]`).test(code)) known.add(target)
      known.delete(file)
      return [file, known]
    }),
  )
}

/** Arrows from a room to one above it, as sentences. */
function arrowsUp(known: ReadonlyMap<string, ReadonlySet<string>>, floorOf: (file: string) => number): string[] {
  return [...known].flatMap(([file, targets]) =>
    [...targets].filter(t => floorOf(file) >= 0 && floorOf(t) > floorOf(file)).map(t => `${file} knows ${t}`),
  )
}

it('an arrow up is found, one down or within a room is none', () => {
  const floors = ['low', 'high']
  const floorOf = (file: string) => floors.indexOf(file.split('/')[0]!)
  const known = new Map([
    ['low/a.ts', new Set(['low/b.ts', 'high/c.ts'])],
    ['high/c.ts', new Set(['low/a.ts'])],
  ])
  expect(arrowsUp(known, floorOf)).toEqual(['low/a.ts knows high/c.ts'])
})

describe.each(Object.entries(FLOORS))('%s/', (top, floors) => {
  const pathOf = (file: string) => relative(join(root, top), file)
  const floorOf = (file: string) => floors.findIndex(floor => pathOf(file).startsWith(`${floor}/`))
  const known = knownBy(top)

  it('every file in a folder has a floor', () => {
    expect([...known.keys()].filter(file => pathOf(file).includes('/') && floorOf(file) < 0)).toEqual([])
  })

  it('no room knows one above it', () => {
    expect([...known.values()].some(targets => targets.size > 0)).toBe(true)
    expect(arrowsUp(known, floorOf)).toEqual([])
  })
})
