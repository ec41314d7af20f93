import type { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { getRouterParam, setResponseHeaders, type H3Event } from 'h3'

/** Sends something to be saved as a file; one that breaks off ends the connection, so that nobody takes half a file for a whole one. */
export async function sendFile(event: H3Event, bytes: Readable, name: string, type: string): Promise<void> {
  setResponseHeaders(event, { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` })
  await pipeline(bytes, event.node.res).catch(() => undefined)
}

/** The file name in the address; the caller has to check that there is such a file. */
export const nameOf = (event: H3Event): string => getRouterParam(event, 'name') ?? ''
