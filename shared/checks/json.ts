import type { Issue } from './validate'

// Far deeper than any body described in the OpenAPI document, far shallower than what exhausts the call stack.
const MOST_LEVELS = 32
// Three times what the largest legal body holds: parsing more than this would fill the memory.
const MOST_MEMBERS = 400_000

/** Reads a body as JSON: strict UTF-8, of limited depth and length. A fault becomes an issue. */
export function readJsonText(bytes: Uint8Array): { value: unknown } | { issue: Issue; message: string } {
  let text: string
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return { issue: { path: '', message: 'must be UTF-8 text' }, message: 'The body is not text in UTF-8.' }
  }
  const tooMuch = excess(text)
  if (tooMuch) return tooMuch
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    return {
      issue: { path: '', message: 'must be JSON' },
      message: 'The body is not valid JSON: check quotes, commas and brackets.',
    }
  }
}

/** Counts brackets and commas outside of texts, in one pass: a body nested too deep or with too many members is refused before it is parsed. */
export function excess(
  json: string,
  { levels = MOST_LEVELS, members: mostMembers = MOST_MEMBERS } = {},
): { issue: Issue; message: string } | null {
  let depth = 0
  let members = 0
  let inText = false
  for (let i = 0; i < json.length; i++) {
    const sign = json.charCodeAt(i)
    if (inText) {
      if (sign === BACKSLASH) i++
      else if (sign === QUOTE) inText = false
    } else if (sign === QUOTE) inText = true
    else if (sign === COMMA) {
      if (++members > mostMembers) return FLOOD
    } else if (sign === OPEN_BRACE || sign === OPEN_BRACKET) {
      if (++depth > levels) return NEST
    } else if (sign === CLOSE_BRACE || sign === CLOSE_BRACKET) depth--
  }
  return null
}
const NEST = {
  issue: { path: '', message: `must not nest more than ${MOST_LEVELS} levels deep` },
  message: 'The body nests far deeper than any field here.',
}
const FLOOD = {
  issue: { path: '', message: `must not hold more than ${MOST_MEMBERS} members in all: split it into several` },
  message: 'The body holds far more members than anything that can be asked here.',
}
const COMMA = 0x2c
const QUOTE = 0x22
const BACKSLASH = 0x5c
const OPEN_BRACKET = 0x5b
const CLOSE_BRACKET = 0x5d
const OPEN_BRACE = 0x7b
const CLOSE_BRACE = 0x7d
