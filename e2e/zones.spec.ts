import { readFile } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import { expect } from '@playwright/test'
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Job } from '#shared/records/days/jobs'
import { facesFrom, test } from './ground'

/* A day somewhere else: screens, papers and calendar say the clock of the place, also in the night in which it is put forward or back. */

test.use({ timezoneId: 'America/New_York' })
const SLOW = { timeout: 60_000 }
const FONTS = fileURLToPath(new URL('../node_modules/pdfjs-dist/standard_fonts/', import.meta.url))

async function textOf(bytes: Buffer): Promise<string> {
  const document = await pdfjs.getDocument({ data: new Uint8Array(bytes), standardFontDataUrl: FONTS }).promise
  const pages = await Promise.all(
    Array.from({ length: document.numPages }, async (_, i) => (await document.getPage(i + 1)).getTextContent()),
  )
  return pages.flatMap(p => p.items.map(item => ('str' in item ? item.str : ''))).join(' ')
}
const inLisbon = (utc: Date) =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'Europe/Lisbon', hour: 'numeric', minute: '2-digit' })
    .format(utc)
    .replace(/^0(?=\d)/, '')

// So long a set-up that the hour in question lies in it.
for (const [day, written, what, setUp, least] of [
  ['2027-03-28', '28 Mar 2027', 'put forward', 20, 60],
  ['2027-10-31', '31 Oct 2027', 'put back', 90, 110],
  ['2027-06-12', '12 Jun 2027', 'left alone', 20, 60],
] as const)
  test(`a job in Lisbon in the night in which the clock is ${what}`, async ({ page, request }) => {
    const [face] = (await facesFrom(request)).filter(f => f.name.includes('Wilhelmina'))
    const made = await request.post('/api/jobs', {
      data: {
        name: `Night shoot, ${what}`,
        day,
        timeZone: 'Europe/Lisbon',
        morning: { readyBy: '02:30', notBefore: '00:05', setUp },
      },
    })
    const job = (await made.json()) as Job
    expect((await request.post('/api/bookings', { data: { jobId: job.id, faceId: face!.id, position: 0 } })).ok()).toBe(
      true,
    )

    await page.goto(`/jobs/${job.id}/morning`)
    const answer = page.getByTestId('answer')
    await expect(answer).toHaveText(/^Begin at .* and the last is ready at 2:30\.$/, SLOW)
    const begin = /^Begin at (\S+)/.exec(await answer.innerText())![1]!
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'To the calendar' }).click(),
    ])
    const calendar = (await readFile(await download.path(), 'utf8')).replaceAll('\r\n ', '')
    const moment = (name: string) => {
      const [, y, m, d, h, min] = new RegExp(`^${name}:(\\d{4})(\\d\\d)(\\d\\d)T(\\d\\d)(\\d\\d)`, 'm').exec(calendar)!
      return new Date(Date.UTC(Number(y), Number(m) - 1, Number(d), Number(h), Number(min)))
    }
    expect(inLisbon(moment('DTSTART'))).toBe(begin)
    expect(calendar).toContain(`${begin} set up`)
    // Minutes that really pass: set-up and chair, with the hour that is not there, or is there twice.
    const passes = (moment('DTEND').getTime() - moment('DTSTART').getTime()) / 60_000
    expect(passes).toBeGreaterThan(least)
    expect(passes).toBeLessThan(least + 70)

    for (const sort of ['quote', 'agreement']) {
      const text = await textOf(await (await page.request.get(`/api/jobs/${job.id}/${sort}.pdf`)).body())
      expect(text).toContain(written)
      if (sort === 'agreement') expect(text).toMatch(/ready by 02:30.*sets up from 00:05, local time of the place/)
    }
    await page.goto(`/jobs/${job.id}/chair`)
    await expect(answer).toHaveText(/^Wilhelmina sits down first, at [012]:\d\d\.$/, SLOW)
  })
