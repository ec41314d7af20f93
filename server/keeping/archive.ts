import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream } from 'node:fs'
import { open as openFile } from 'node:fs/promises'
import { pipeline } from 'node:stream/promises'
import { Transform, type Readable } from 'node:stream'
import yauzl, { type Entry, type ZipFile } from 'yauzl'
import yazl from 'yazl'

/* Zip archives, streamed: what is in them may be larger than memory. */

/** Thrown for an archive that is none, breaks off, or holds something else than it says. */
export class DamagedArchive extends Error {
  constructor(why: string) {
    super(why)
    this.name = 'DamagedArchive'
  }
}

/** SHA-256 of a file, hexadecimal. */
export async function checksumOf(path: string): Promise<string> {
  const hash = createHash('sha256')
  for await (const chunk of createReadStream(path)) hash.update(chunk as Buffer)
  return hash.digest('hex')
}

/** Writes an archive of files and texts by the names they get in it, and sees it onto the disk. */
export async function writeArchive(
  path: string,
  files: Readonly<Record<string, string>>,
  texts: Readonly<Record<string, string>>,
): Promise<void> {
  const zip = new yazl.ZipFile()
  const failed = new Promise<never>((_, reject) => zip.on('error', reject))
  for (const [name, text] of Object.entries(texts)) zip.addBuffer(Buffer.from(text), name)
  for (const [name, file] of Object.entries(files)) zip.addFile(file, name)
  zip.end()
  await Promise.race([pipeline(zip.outputStream as Readable, createWriteStream(path)), failed])
  const written = await openFile(path, 'r+')
  await written.sync()
  await written.close()
}

/** An archive opened for reading; the caller closes it. */
export class Archive {
  private constructor(
    private readonly zip: ZipFile,
    private readonly entries: ReadonlyMap<string, Entry>,
  ) {}

  /** @throws DamagedArchive for what is no archive, or holds anything but the names expected */
  static async open(path: string, expected: readonly string[]): Promise<Archive> {
    try {
      const zip = await yauzl.openPromise(path, { lazyEntries: true, autoClose: false, strictFileNames: true })
      const entries = new Map<string, Entry>()
      if (zip.entryCount !== expected.length) throw new DamagedArchive('it holds other files than a backup does')
      for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry)
      if (!expected.every(name => entries.has(name)))
        throw new DamagedArchive('it holds other files than a backup does')
      return new Archive(zip, entries)
    } catch (problem) {
      throw asDamaged(problem)
    }
  }

  /** A small file as text. */
  async text(name: string, mostBytes: number): Promise<string> {
    const chunks: Buffer[] = []
    for await (const chunk of await this.stream(name, mostBytes)) chunks.push(chunk as Buffer)
    return Buffer.concat(chunks).toString('utf8')
  }

  /** Writes a file out and returns its checksum. */
  async extract(name: string, to: string, mostBytes: number): Promise<string> {
    const hash = createHash('sha256')
    const watch = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        hash.update(chunk)
        done(null, chunk)
      },
    })
    try {
      await pipeline(await this.stream(name, mostBytes), watch, createWriteStream(to))
    } catch (problem) {
      throw asDamaged(problem)
    }
    return hash.digest('hex')
  }

  close(): void {
    this.zip.close()
  }

  /** How large a file says it is once it is unpacked; what then turns out otherwise is refused while it is unpacked. */
  sizeOf(name: string): number {
    return this.entries.get(name)!.uncompressedSize
  }

  private async stream(name: string, mostBytes: number): Promise<Readable> {
    const entry = this.entries.get(name)!
    if (entry.uncompressedSize > mostBytes) throw new DamagedArchive(`${name} is larger than it can be`)
    if (entry.uncompressedSize > ANY_RATIO_BYTES && entry.uncompressedSize > MOST_RATIO * entry.compressedSize)
      throw new DamagedArchive(`${name} unfolds to far more than any backup does`)
    try {
      return await this.zip.openReadStreamPromise(entry)
    } catch (problem) {
      throw asDamaged(problem)
    }
  }
}

// A database of zeros alone packs a thousand to one; a small one may.
const MOST_RATIO = 100
const ANY_RATIO_BYTES = 50_000_000

/** Passes on errors of the disk; every other error while reading means a damaged archive. */
function asDamaged(problem: unknown): Error {
  const { code } = problem as NodeJS.ErrnoException
  if (problem instanceof DamagedArchive || code === 'ENOSPC' || code === 'ENOENT' || code === 'EACCES')
    return problem as Error
  return new DamagedArchive('it cannot be read to the end')
}
