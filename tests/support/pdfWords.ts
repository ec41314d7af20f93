import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const READ = `
import { readFileSync } from 'node:fs'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
const all = []
for (const file of process.argv.slice(1)) {
  const pdf = await getDocument({ data: new Uint8Array(readFileSync(file)), verbosity: 0 }).promise
  const pages = []
  for (let i = 1; i <= pdf.numPages; i++) pages.push((await (await pdf.getPage(i)).getTextContent()).items.map(t => t.str ?? '').join(' '))
  all.push(pages.join('\\n'))
}
process.stdout.write(JSON.stringify(all))
`

/** The words of PDFs, as a reader copies them; read in a process of its own, since the reader is a module that Jest does not load. */
export function wordsOfPdfs(pdfs: readonly Uint8Array[]): string[] {
  const folder = mkdtempSync(join(tmpdir(), 'varietas-pdf-'))
  const files = pdfs.map((bytes, i) => {
    const file = join(folder, `${i}.pdf`)
    writeFileSync(file, bytes)
    return file
  })
  const said = execFileSync(process.execPath, ['--input-type=module', '-e', READ, ...files], { maxBuffer: 50_000_000 })
  rmSync(folder, { recursive: true })
  return (JSON.parse(said.toString()) as string[]).map(words => words.normalize('NFKC'))
}
