import 'reflect-metadata'
import { instanceToPlain, plainToInstance, type ClassConstructor } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'

/** What is wrong with one field, named by its path: `products[2].lab.L`. */
export interface Issue {
  path: string
  message: string
}

export type Checked<T> = { ok: true; value: T } | { ok: false; issues: Issue[] }

// Enough to show a person; a broken table of thousands of rows repeats itself.
const MOST_ISSUES = 50

/** Checks plain data against a DTO class. Fields the class does not know are left out. */
export function check<T extends object>(dto: ClassConstructor<T>, plain: unknown): Checked<T> {
  if (plain === null || typeof plain !== 'object' || Array.isArray(plain)) {
    return { ok: false, issues: [{ path: '', message: 'must be an object with named fields' }] }
  }
  const value = plainToInstance(dto, plain, { exposeDefaultValues: true })
  const errors = validateSync(value, { whitelist: true, forbidUnknownValues: true })
  return errors.length === 0
    ? { ok: true, value }
    : { ok: false, issues: errors.flatMap(e => issuesOf(e)).slice(0, MOST_ISSUES) }
}

function issuesOf(error: ValidationError, above = ''): Issue[] {
  const path = /^\d+$/.test(error.property)
    ? `${above}[${error.property}]`
    : above
      ? `${above}.${error.property}`
      : error.property
  // One message is enough: the rules of a field say the same in different strictness.
  const message = Object.values(error.constraints ?? {})[0]
  const own = message
    ? [{ path, message: message.startsWith('nested property') ? 'must be an object with named fields' : message }]
    : []
  return [...own, ...(error.children ?? []).flatMap(child => issuesOf(child, path))]
}

/** A checked DTO as plain data, for sending. */
export const plain = <T extends object>(value: T) => instanceToPlain(value) as Record<string, unknown>
