import type { Issue } from '#shared/checks/validate'

/** Something the caller can put right: status, code and words. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly issues: Issue[] = [],
  ) {
    super(message)
  }
}

export class BadInput extends Problem {
  constructor(issues: Issue[], message = 'Some fields are not right: see issues.') {
    super(400, 'invalid-input', message, issues)
  }
}

/**
 * Every id that was named stands among the records found.
 * @throws BadInput naming each field whose record is gone
 */
export function allThere(
  ids: readonly string[],
  found: readonly { id: string }[],
  path: (i: number) => string,
  message: string,
): void {
  const there = new Set(found.map(f => f.id))
  const lost = ids.flatMap((id, i) => (there.has(id) ? [] : [{ path: path(i), message }]))
  if (lost.length > 0) throw new BadInput(lost)
}

export class Missing extends Problem {
  constructor(what: string) {
    super(404, 'not-found', `${what} is not here any more: reload the page.`)
  }
}

export class Conflict extends Problem {
  constructor(message: string) {
    super(409, 'conflict', message)
  }
}

export class Busy extends Problem {
  constructor() {
    super(503, 'busy', 'All workers are computing: try again in a few seconds.')
  }
}
