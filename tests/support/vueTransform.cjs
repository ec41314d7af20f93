const { createHash } = require('node:crypto')
const { readdirSync, readFileSync } = require('node:fs')
const { join } = require('node:path')
const { createTransformer } = require('@swc/jest')
const vue = require('vue')
const { compileScript, parse } = require('vue/compiler-sfc')

/*
 * Turns a component into a module for the unit tests: its template compiled into its setup, and what Nuxt imports by its name alone
 * imported by a line.
 */

const APP = join(__dirname, '../../app')
/** Folders whose exports need no import, as in nuxt.config.ts. */
const BY_NAME = ['asking', 'stores', 'composables', 'words']
const from = new Map(Object.keys(vue).map(name => [name, 'vue']))
for (const folder of BY_NAME)
  for (const file of readdirSync(join(APP, folder)).filter(f => f.endsWith('.ts') && !f.endsWith('.test.ts'))) {
    const text = readFileSync(join(APP, folder, file), 'utf8')
    const own = [...text.matchAll(/^export (?:async )?(?:const|function|class) (\w+)/gm)].map(m => m[1])
    const handedOn = [...text.matchAll(/^export \{([^}]*)\}/gm)].flatMap(m => m[1].match(/\w+/g) ?? [])
    for (const name of [...own, ...handedOn]) from.set(name, `~/${folder}/${file.slice(0, -3)}`)
  }

module.exports = {
  createTransformer(options) {
    const swc = createTransformer(options)
    // What is imported by name depends on other files, too.
    const known = readFileSync(__filename, 'utf8') + JSON.stringify([...from])
    return {
      getCacheKey: (source, path, { configString }) =>
        createHash('sha256').update(known).update(source).update(path).update(configString).digest('hex'),
      process(source, path, given) {
        // A component that is a template alone gets an empty setup.
        const whole = /<script\b/.test(source) ? source : `<script setup lang="ts"></script>\n${source}`
        const { descriptor } = parse(whole, { filename: path, ignoreEmpty: false })
        const { content, bindings } = compileScript(descriptor, { id: path, inlineTemplate: true })
        const imported = new Set(
          [...content.matchAll(/import (?:type )?\{([^}]*)\}/g)].flatMap(m => m[1].match(/\w+/g) ?? []),
        )
        const used = new Set((descriptor.scriptSetup?.content ?? '').match(/\b\w+\b/g) ?? [])
        const inTemplate = new Set((descriptor.template?.content ?? '').match(/\b\w+\b/g) ?? [])
        const lines = [...from].filter(
          ([name]) => (used.has(name) || inTemplate.has(name)) && !imported.has(name) && !(name in (bindings ?? {})),
        )
        const head = lines.map(([name, file]) => `import { ${name} } from '${file}'`).join('\n')
        // What the template names and the script does not know is looked for in its context; imported, it is there.
        const code = lines.reduce((text, [name]) => text.replaceAll(`_ctx.${name}`, name), content)
        return swc.process(`${head}\n${code}`, `${path}.ts`, given)
      },
    }
  },
}
