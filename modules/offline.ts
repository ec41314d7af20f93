import { createHash } from 'node:crypto'
import { mkdir, readdir, readFile } from 'node:fs/promises'
import { join, relative } from 'node:path'
import { defineNuxtModule } from '@nuxt/kit'
import { build } from 'esbuild'
import sharp from 'sharp'

const ICON_SIZES = [192, 512]
/** Only what a page asks for; where a browser takes the newer fonts, the older are not stored. */
const STORED = /\.(?:js|css|svg|woff2|wasm|webmanifest|png)$/
const NOT_STORED = /^(?:sw\.js|safe-start\.js)$|\/builds\//
/** A name that changes with what is in it. */
const IS_NAMED_BY_CONTENT = /^_nuxt\//

/** Builds the service worker with the list of everything that belongs to this version, and draws the icons of the installed application. */
export default defineNuxtModule({
  meta: { name: 'offline' },
  setup(_options, nuxt) {
    const root = nuxt.options.rootDir
    if (nuxt.options.dev || nuxt.options._prepare) return
    nuxt.hook('nitro:build:public-assets', async nitro => {
      const out = nitro.options.output.publicDir
      await drawIcons(join(root, 'public/icon.svg'), join(out, 'icons'))
      await build({
        entryPoints: [join(root, 'app/offline/serviceWorker.ts')],
        outfile: join(out, 'sw.js'),
        bundle: true,
        minify: true,
        format: 'iife',
        target: 'es2022',
        alias: { '#core': join(root, 'core'), '#shared': join(root, 'shared') },
        define: { 'process.env.NODE_ENV': '"production"', 'self.ASSETS': JSON.stringify(await assetsIn(out)) },
        tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } },
      })
    })
  },
})

async function drawIcons(from: string, to: string): Promise<void> {
  await mkdir(to, { recursive: true })
  for (const size of ICON_SIZES)
    await sharp(from, { density: 1200 })
      .resize(size)
      .png()
      .toFile(join(to, `${size}.png`))
}

/** Files under their addresses, and the page they all belong to. */
async function assetsIn(out: string) {
  const files = (await readdir(out, { recursive: true, withFileTypes: true }))
    .filter(f => f.isFile())
    .map(f => relative(out, join(f.parentPath, f.name)).replaceAll('\\', '/'))
    .filter(f => STORED.test(f) && !NOT_STORED.test(f))
    .sort()
  const assets = await Promise.all(
    files.map(async file => ({
      url: `/${file}`,
      revision: IS_NAMED_BY_CONTENT.test(file) ? null : hashOf(await readFile(join(out, file))),
    })),
  )
  return [...assets, { url: '/', revision: hashOf(JSON.stringify(assets)) }]
}
const hashOf = (content: string | Buffer) => createHash('sha256').update(content).digest('hex').slice(0, 16)
