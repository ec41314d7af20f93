import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { expect } from '@playwright/test'
import { call, facesOf, ready, stop } from '../tests/served/server'
import { test, serve, newFolder, contents, started } from './ground'

/* A backup brings everything back, and one that is damaged touches nothing. */

test('backup, wiped, restored: equal by content, pictures too', async () => {
  const served = await started(newFolder())
  const [face] = await facesOf(served.url)
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==',
    'base64',
  )
  const sent = await fetch(`${served.url}/api/faces/${face!.id}/pictures`, {
    method: 'POST',
    headers: { 'content-type': 'image/png' },
    body: png,
  })
  expect(sent.status).toBe(200)
  const whole = await contents(served)
  const pictureId = ((await sent.json()) as { id: string }).id
  const picture = Buffer.from(await (await fetch(`${served.url}/api/pictures/${pictureId}`)).arrayBuffer())
  const { name } = (await call<{ name: string }>(served.url, 'POST', '/api/keeping/backups')).body
  const zip = Buffer.from(await (await fetch(`${served.url}/api/keeping/backups/${name}`)).arrayBuffer())
  await stop(served)

  const fresh = await serve(newFolder())
  await ready(fresh)
  expect(await contents(fresh)).not.toEqual(whole)
  const upload = (bytes: Buffer) =>
    fetch(`${fresh.url}/api/keeping/restore`, {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: new Uint8Array(bytes),
    })
  const before = await contents(fresh)

  const DAMAGED: Record<string, Buffer> = {
    'no archive': Buffer.from('not a zip'),
    'cut short': zip.subarray(0, Math.floor(zip.length / 2)),
    'a byte turned': Buffer.concat([
      zip.subarray(0, zip.length / 2),
      Buffer.from([zip[Math.floor(zip.length / 2)]! ^ 0xff]),
      zip.subarray(zip.length / 2 + 1),
    ]),
    'nothing': Buffer.alloc(0),
  }
  for (const [what, bytes] of Object.entries(DAMAGED)) {
    const answer = await upload(bytes)
    expect(answer.status, what).toBe(400)
    expect(((await answer.json()) as { error: { message: string } }).error.message).toMatch(/Nothing was changed/)
  }
  expect(await contents(fresh)).toEqual(before)

  const preview = (await (await upload(zip)).json()) as {
    id: string
    differences: { table: string; onlyThere: number }[]
  }
  expect(preview.differences.find(d => d.table === 'faces')!.onlyThere).toBeGreaterThan(20)
  expect(await contents(fresh)).toEqual(before)
  const done = await call<{ before: { name: string } }>(fresh.url, 'POST', '/api/keeping/confirm', { id: preview.id })
  expect(done.status).toBe(200)
  expect(existsSync(join(fresh.folder, 'backups', done.body.before.name))).toBe(true)
  expect(await contents(fresh)).toEqual(whole)
  const back = Buffer.from(await (await fetch(`${fresh.url}/api/pictures/${pictureId}`)).arrayBuffer())
  expect(back.equals(picture)).toBe(true)
})
