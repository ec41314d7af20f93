import type { Readable } from 'node:stream'
import { getRouterParam, sendStream, setResponseHeaders, type H3Event } from 'h3'

/** Sends something to be kept as a file. */
export function sendFile(event: H3Event, bytes: Readable, name: string, type: string): Promise<void> {
  setResponseHeaders(event, { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` })
  return sendStream(event, bytes)
}

/** The file name in the address; which names there are is for the caller to know. */
export const nameOf = (event: H3Event): string => getRouterParam(event, 'name') ?? ''
