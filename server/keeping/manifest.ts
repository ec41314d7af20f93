/** The description of a backup, beside the snapshot of the database in one archive. */
export interface Manifest {
  format: 'varietas.backup'
  version: 1
  /** Version of the application that made it. */
  app: string
  createdAt: string
  reason: BackupReason
  /** Hashes of the migrations the snapshot has been through, in order. */
  schema: string[]
  database: { bytes: number; sha256: string }
  /** Rows by table. */
  rows: Record<string, number>
  /** Pictures lie in the database; each can be checked by itself. */
  pictures: { id: string; type: string; bytes: number; sha256: string }[]
}

export const BACKUP_REASONS = ['asked', 'daily', 'before an update', 'before a restore', 'after an erasure'] as const
export type BackupReason = (typeof BACKUP_REASONS)[number]

export const DATABASE_ENTRY = 'varietas.db'
export const MANIFEST_ENTRY = 'manifest.json'

/** Reads a manifest strictly; undefined for what is none of ours. */
export function parseManifest(text: string): Manifest | undefined {
  try {
    const it = JSON.parse(text) as Partial<Manifest> | null
    const validRows =
      it?.format === 'varietas.backup'
      && it.version === 1
      && typeof it.createdAt === 'string'
      && !Number.isNaN(Date.parse(it.createdAt))
      && Array.isArray(it.schema)
      && it.schema.every(hash => typeof hash === 'string')
      && typeof it.database?.sha256 === 'string'
      && typeof it.database.bytes === 'number'
      && typeof it.rows === 'object'
      && Array.isArray(it.pictures)
    return validRows ? (it as Manifest) : undefined
  } catch {
    return undefined
  }
}
