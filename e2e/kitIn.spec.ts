import { readFile } from 'node:fs/promises'
import { fileURLToPath } from 'node:url'
import AxeBuilder from '@axe-core/playwright'
import { expect } from '@playwright/test'
import { createCanvas } from '@napi-rs/canvas'
import jsQR from 'jsqr'
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs'
import sharp from 'sharp'
import writeXlsx from 'write-excel-file/node'
import { LABEL_FORMATS, spotsOf, type LabelFormat } from '#core/stock/labels/labelSheet'
import { newFolder, serve, test } from './ground'
import { ready } from '../tests/served/server'

const FONTS = fileURLToPath(new URL('../node_modules/pdfjs-dist/standard_fonts/', import.meta.url))
// Of a point: about 290 dots an inch.
const SCALE = 4

/* The ways into the kit and out of it: tables, one line, barcodes, photographs, labels. */

const menu = async (page: import('@playwright/test').Page, item: string) => {
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByText(item).click()
}

test('a spreadsheet is told what its columns are, looked through, taken in, and taken back', async ({ page }) => {
  const path = `${newFolder()}/list.xlsx`
  const cells = [
    ['Koffer, Stand November', '', '', '', '', '', '', ''],
    ['', '', '', '', '', '', '', ''],
    ['Bezeichnung', 'Kategorie', 'Stück', 'Inhalt', 'Füllstand', 'Preis', 'Ort', 'Nuance'],
    ['Fennel base', 'Foundation', '2', '30 ml', '50 %', '24,90 €', 'Base', '02, 04, 06'],
    ['Angled liner', 'Pinsel', '3', '', '', '7,50', 'New roll', ''],
    ['Odd row', 'Lippenstift', '1', 'some', '', '', '', 'nude'],
    ['=1+1', '', '', '', '', '', '', ''],
  ]
  await writeXlsx(cells.map(row => row.map(value => ({ value })))).toFile(path)
  await page.goto('/kit')
  await menu(page, 'Take in a table or a kit')
  await page.setInputFiles('input[accept*=xlsx]', path)
  await expect(page.getByText('4 rows. What are the columns?')).toBeVisible()
  await expect(page.getByRole('combobox', { name: 'Inhalt is' })).toHaveValue('Size')
  await expect(page.getByRole('combobox', { name: 'Nuance is' })).toHaveValue('Shade')
  // Another row may be the one that names the columns; so may none.
  const headed = page.getByRole('combobox', { name: 'Row that names the columns' })
  await headed.click({ force: true })
  await page.getByRole('option', { name: 'none: the columns have no names' }).click()
  await expect(page.getByText('6 rows. What are the columns?')).toBeVisible()
  await headed.click({ force: true })
  await page.getByRole('option', { name: /^row 3: Bezeichnung/ }).click()
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText('6 new things, 0 changed, 0 as they are.')).toBeVisible()
  await expect(page.getByText('Fennel base 04')).toBeVisible()
  await expect(page.getByText('New places: New roll.')).toBeVisible()
  await expect(page.getByText('row 6 Size is “some”: a size such as 30 ml or 8 g is needed.')).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByText('A table is taken in: 6 new, 0 changed.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'New roll' })).toContainText('angled brush 3')

  const csv = await (await page.request.get('/api/things/kit.csv')).text()
  expect(csv).toContain("'=1+1")
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('region', { name: 'New roll' })).toHaveCount(0)
})

test('the kit written out is taken in again and nothing changes', async ({ page }) => {
  const file = await (await page.request.get('/api/things/kit.json')).body()
  await page.goto('/kit')
  await menu(page, 'Take in a table or a kit')
  await page.setInputFiles('input[accept*=xlsx]', { name: 'kit.json', mimeType: 'application/json', buffer: file })
  await expect(page.getByText(/^0 new things, 0 changed, \d+ as they are\.$/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled()
})

test('a thing is added in one line, and by the figures under its bars', async ({ page }) => {
  await page.goto('/kit')
  const line = page.getByLabel('Add one thing: say it, or type the figures under its bars')
  await line.fill('2x half full matte primer silicone 25 ml')
  await line.press('Enter')
  await expect(page.getByText('primer · 25 ml · 50 % · silicone · matte')).toBeVisible()
  await line.press('Enter')
  await expect(page.getByText('2 things are in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()

  await line.fill('4006381333932')
  await line.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Its last figure does not fit the others')
  await line.fill('4006381333931')
  await line.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Nobody sells this here')
})

test('another of a thing, and one like it but deeper', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('button', { name: /^Keel,/ }).click()
  const panel = page.getByRole('region', { name: 'Keel', exact: true })
  await panel.getByRole('button', { name: 'Another of it' }).click()
  await expect(page.getByText('Another Keel is in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await panel.getByRole('button', { name: 'One like Keel, but lighter' }).click()
  await expect(page.getByText('Like Keel, but lighter')).toBeVisible()
  await page.getByLabel('Name on the bottle').fill('Keel Light')
  await page.getByRole('button', { name: 'Put it in the kit' }).click()
  await expect(page.getByText('Keel Light is in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('each label of a sheet says its thing, and its code leads there', async ({ page, request }) => {
  const board = (await (await request.get('/api/things/board')).json()) as {
    places: { things: { id: string; name: string }[] }[]
  }
  const things = board.places.flatMap(p => p.things).slice(20, 44)
  const origin = new URL((await request.get('/api/health')).url()).origin
  for (const format of Object.keys(LABEL_FORMATS) as LabelFormat[]) {
    const answer = await request.post('/api/things/labels', {
      data: { ids: things.map(t => t.id), origin, format, used: 2 },
    })
    expect(answer.headers()['content-type']).toBe('application/pdf')
    const found: string[] = []
    const document = await pdfjs.getDocument({
      data: new Uint8Array(await answer.body()),
      standardFontDataUrl: FONTS,
      verbosity: 0,
    }).promise
    for (let n = 1; n <= document.numPages; n++) {
      const sheet = await document.getPage(n)
      const viewport = sheet.getViewport({ scale: SCALE })
      const canvas = createCanvas(viewport.width, viewport.height)
      const context = canvas.getContext('2d')
      await sheet.render({ canvasContext: context as never, viewport }).promise
      const { width, height } = LABEL_FORMATS[format]
      for (const spot of spotsOf('A4', format)) {
        const [x, y, w, h] = [spot.x, spot.y, width, height].map(mm => Math.round(((mm * 72) / 25.4) * SCALE))
        const label = context.getImageData(x!, y!, w!, h!)
        const code = jsQR(label.data as unknown as Uint8ClampedArray, label.width, label.height)
        if (code) found.push(code.data)
      }
      const words = (await sheet.getTextContent()).items.map(i => ('str' in i ? i.str : '')).join(' ')
      if (format === 'side of a bottle') expect(words).toContain(things[0]!.name.split(' ')[0])
    }
    expect(found).toEqual(things.map(t => `${origin}/t/${t.id}`))
  }
  await page.goto(`/t/${things[0]!.id}`)
  await expect(page.locator('h1')).toContainText(things[0]!.name)
  await expect(page).toHaveURL(`/kit/${things[0]!.id}`)
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
})

test('dead weight is told with its evidence', async ({ page }) => {
  await page.goto('/kit/gaps')
  const dead = page.getByRole('region', { name: 'Dead weight' })
  await expect(dead.getByRole('listitem').filter({ hasText: 'Carnival palette' })).toContainText(
    'vivid, where most people ask for neutrals',
  )
  // What no use is logged of is not all dead weight: brushes and tissues are in nobody's log.
  await expect(dead).not.toContainText('Cotton rounds')
  await dead.getByRole('button', { name: 'Retire Carnival palette' }).click()
  await expect(page.getByText('Carnival palette is retired.')).toBeVisible()
  await expect(dead).not.toContainText('Carnival')
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('a bottle is weighed on the simulated scale, two powders are made one', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('button', { name: /^Dune,/ }).click()
  const panel = page.getByRole('region', { name: 'Dune', exact: true })
  await panel.getByRole('button', { name: 'Weigh Dune' }).click()
  await expect(panel.getByText(/g with its usual vessel of \d+ g: \d+\s%\sleft/)).toBeVisible()

  await page.getByRole('button', { name: 'As a table' }).click()
  const search = page.getByRole('textbox', { name: 'Search the kit' })
  await search.fill('Sand')
  for (const name of ['Fair Sand', 'Warm Sand']) await page.getByLabel(`Choose ${name}`).check()
  await page.getByRole('button', { name: 'Blend' }).click()
  const form = page.getByRole('dialog')
  await expect(form.getByText('Say how much of two or more.')).toBeVisible()
  for (const name of ['Fair Sand', 'Warm Sand']) await form.getByLabel(new RegExp(`^${name}, `)).fill('1')
  await form.getByLabel('What it is called').fill('Sand between')
  await expect(form.getByText(/powder, .* cover/)).toBeVisible()
  await form.getByRole('button', { name: 'Make it' }).click()
  await expect(page.getByText('Sand between is made.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('swatches of a photograph are marked, read against the card, and refused where they are too bright', async ({
  page,
}) => {
  const square = (x: number, fill: string) => `<rect x="${x}" y="60" width="100" height="120" fill="${fill}"/>`
  const drawn = `<svg xmlns="http://www.w3.org/2000/svg" width="520" height="240"><rect width="520" height="240" fill="#bbb"/>${square(20, '#777777')}${square(180, '#c99a7c')}${square(340, '#ffffff')}</svg>`
  await page.goto('/kit')
  await menu(page, 'Colours off a photograph')
  const buffer = await sharp(Buffer.from(drawn)).png().toBuffer()
  await page.setInputFiles('input[accept*=webp]', { name: 'swatches.png', mimeType: 'image/png', buffer })
  const picture = page.locator('.marked')
  await picture.scrollIntoViewIfNeeded()
  const box = (await picture.boundingBox())!
  const scale = box.width / 520
  for (const x of [40, 200, 360]) {
    await page.mouse.move(box.x + x * scale, box.y + 80 * scale)
    await page.mouse.down()
    await page.mouse.move(box.x + (x + 60) * scale, box.y + 150 * scale, { steps: 4 })
    await page.mouse.up()
  }
  await expect(page.getByText('1 colour read.')).toBeVisible()
  await expect(page.getByText(/L\* 6\d\.\d, a\* 1\d\.\d, b\* 2\d\.\d, within ΔE/)).toBeVisible()
  await expect(page.getByText('Swatch 2 is too bright or too vivid for the picture')).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
})

const NOTE = `BASE
skin tint 02 04 06 08, 30 ml each, 04 nearly empty
BROWS
Pencil, taupe x2
LIPS
5 lipsticks: 3 nude, 2 red; 4 lip liners
tissues, cotton buds, hand gel
craft glitter gold
total 15`

test('a note with headings, a range and several things in a line is looked through, changed together, and saved', async ({
  page,
}) => {
  await page.goto('/kit?paste')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Your list').fill(NOTE)
  await dialog.getByRole('button', { name: 'Read it' }).click()
  await expect(dialog.getByRole('heading', { level: 2 })).toHaveText('19 things read. Are they right?')
  const brows = dialog.getByRole('region', { name: 'BROWS' })
  await expect(brows.getByRole('listitem')).toHaveText(/2 ×.*Pencil, taupe.*brow · pencil/)
  await expect(dialog.getByText('not for eyes, lids, lips, skin')).toBeVisible()
  // The range lies along the scale; the deepest is put right by key.
  const deepest = dialog.getByRole('slider', { name: '08' })
  await expect(deepest).toHaveAttribute('aria-valuenow', '11.5')
  await deepest.focus()
  await page.keyboard.press('PageDown')
  await expect(deepest).toHaveAttribute('aria-valuenow', '10.5')
  await expect(dialog.getByRole('listitem').filter({ hasText: 'skin tint 04' })).toContainText(
    '30 ml · 10 % · depth 4.8',
  )
  // One is put right by itself, two together.
  await dialog.getByRole('button', { name: 'Change tissues' }).click()
  await dialog.getByRole('listitem').filter({ hasText: 'tissues' }).getByLabel('How many').fill('3')
  for (const name of ['cotton buds', 'hand gel']) await dialog.getByLabel(`Choose ${name}`).check()
  const together = dialog.getByRole('group', { name: 'Change the chosen ones' })
  // Its words lie over the field.
  await together.getByRole('combobox', { name: 'How full' }).click({ force: true })
  await page.getByRole('option', { name: '½' }).click()
  await expect(dialog.getByRole('listitem').filter({ hasText: 'hand gel' })).toContainText('50 %')
  expect((await new AxeBuilder({ page }).include('.v-dialog').analyze()).violations.map(v => v.id)).toEqual([])
  await dialog.getByRole('button', { name: 'Put 21 things in the kit' }).click()
  await expect(page.getByText('21 things are in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('ten shades of a range are in the kit with one form, and gone with one undo', async ({ page, request }) => {
  const inRange = async () => {
    const shelf = (await (await request.get('/api/kit/shelf')).json()) as {
      products: { range: string; shade: string; colourSource: string }[]
    }
    return shelf.products.filter(p => p.range === 'Even Veil')
  }
  await page.goto('/kit')
  await menu(page, 'Add a range of shades')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name of the range').fill('Even Veil')
  await dialog.getByLabel('Shades, from the lightest').fill('N10–N60, W65 C70 O75 O80')
  await dialog.getByRole('combobox', { name: 'The deepest is' }).click({ force: true })
  await page.getByRole('option', { name: 'deep', exact: true }).click()
  await expect(dialog.getByRole('slider')).toHaveCount(10)
  await expect(dialog.getByRole('slider', { name: 'O80' })).toHaveAttribute('aria-valuenow', '9.5')
  await dialog.getByRole('button', { name: 'Put 10 bottles in the kit' }).click()
  await expect(page.getByText('10 things are in the kit.')).toBeVisible()
  const own = await inRange()
  expect(own.map(p => p.shade).sort()).toEqual(['C70', 'N10', 'N20', 'N30', 'N40', 'N50', 'N60', 'O75', 'O80', 'W65'])
  expect(new Set(own.map(p => p.colourSource))).toEqual(new Set(['depth word']))
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(inRange).toEqual([])
})

const SIXTY = await readFile(new URL('../tests/lists/first-sixty.txt', import.meta.url), 'utf8')

test('from nothing to a kit: sixty things pasted, in two pouches, held against a first kit, the first gap bought and received', async ({
  browser,
}) => {
  const served = await serve(newFolder())
  await ready(served)
  const page = await browser.newPage({ baseURL: served.url })
  await page.goto('/kit')
  await expect(page.locator('h1')).toHaveText('The kit is empty.')
  await page.getByRole('button', { name: 'Paste a list' }).click()
  await page.getByLabel('Your list').fill(SIXTY)
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('button', { name: /^Put \d+ things in the kit$/ }).click()
  await expect(page.locator('h1')).toHaveText(/^\d+ things in \d places?\.$/)
  for (const pouch of ['Base', 'Eyes']) await expect(page.getByRole('region', { name: pouch })).toContainText(/\d/)

  await page.getByRole('link', { name: 'Gaps and weight' }).click()
  await page.getByRole('button', { name: 'First kit' }).click()
  const missing = page.getByRole('region', { name: 'Missing' })
  const first = missing.getByRole('listitem').first()
  const gap = (await first.locator('b').first().textContent())!
  await first.getByRole('button', { name: /^What to buy/ }).click()
  await first.getByRole('button', { name: /^Put it on the purchase list/ }).click()
  await first.getByRole('link', { name: 'To the list' }).click()
  const received = page.getByRole('button', { name: /^Received/ })
  await expect(received.first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Purchase lists' })).toContainText(gap)
  for (let left = await received.count(); left > 0; left--) {
    await received.first().click()
    await expect(received).toHaveCount(left - 1)
  }
  await page.goto('/kit/gaps')
  await page.getByRole('button', { name: 'First kit' }).click()
  await expect(page.locator('h1')).toContainText('abilities')
  await expect(missing.getByText(gap, { exact: true })).toHaveCount(0)
  await page.close()
})
