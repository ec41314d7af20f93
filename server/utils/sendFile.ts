import type { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { getRouterParam, setResponseHeaders, type H3Event } from 'h3'

/** Sends something to be kept as a file; one that breaks off ends the connection, so that nobody takes a half for a whole. */
export async function sendFile(event: H3Event, bytes: Readable, name: string, type: string): Promise<void> {
  setResponseHeaders(event, { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` })
  await pipeline(bytes, event.node.res).catch(() => undefined)
}

/** The file name in the address; which names there are is for the caller to know. */
export const nameOf = (event: H3Event): string => getRouterParam(event, 'name') ?? ''
