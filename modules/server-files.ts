import { cp, mkdir, readdir } from 'node:fs/promises'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { defineNuxtModule } from '@nuxt/kit'
import { build, context, type BuildOptions } from 'esbuild'

const solver = createRequire(import.meta.url).resolve('highs/runtime')

/** Bundles the two worker threads with the solver beside them, and copies the SQL migrations next to the built server: Nitro does neither. */
export default defineNuxtModule({
  meta: { name: 'server-files' },
  async setup(_options, nuxt) {
    const root = nuxt.options.rootDir
    const options = (outdir: string): BuildOptions => ({
      entryPoints: { compute: join(root, 'server/compute/worker.ts'), keeper: join(root, 'server/keeping/worker.ts') },
      outdir,
      outExtension: { '.js': '.mjs' },
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      sourcemap: true,
      // Native code is found where the built server has it.
      external: ['@libsql/client'],
      // Packages of the older kind that are bundled ask for Node's own with require.
      banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
      alias: { '#core': join(root, 'core'), '#shared': join(root, 'shared') },
      tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } },
    })
    if (nuxt.options.dev) {
      await cp(solver, join(root, '.nuxt/server-workers/highs.wasm'))
      const watching = await context(options(join(root, '.nuxt/server-workers')))
      await watching.rebuild()
      await watching.watch()
      nuxt.hook('close', () => watching.dispose())
    }
    nuxt.hook('nitro:init', nitro => {
      nitro.hooks.hook('compiled', async () => {
        if (nuxt.options.dev || nuxt.options._prepare) return
        const out = nitro.options.output.serverDir
        await cp(join(root, 'server/db/migrations'), join(out, 'migrations'), { recursive: true })
        await build(options(join(out, 'workers')))
        await cp(solver, join(out, 'workers/highs.wasm'))
        await copyType(join(root, 'node_modules/@fontsource'), join(out, 'fonts'))
      })
    })
  },
})

/** The type of papers: of each family the files that server/services/papers/type.ts reads, and the list of letters that says what is in which. */
async function copyType(from: string, to: string): Promise<void> {
  for (const family of (await readdir(from)).filter(name => name.startsWith('noto-sans'))) {
    const weight = /-(?:jp|kr|sc)$/.test(family) ? '400' : '[47]00'
    const isUsed = new RegExp(`-${weight}-normal\\.woff$`)
    await mkdir(join(to, family, 'files'), { recursive: true })
    await cp(join(from, family, 'unicode.json'), join(to, family, 'unicode.json'))
    for (const file of (await readdir(join(from, family, 'files'))).filter(name => isUsed.test(name)))
      await cp(join(from, family, 'files', file), join(to, family, 'files', file))
  }
}
