import { expect } from '@playwright/test'
import sharp from 'sharp'
import { take } from './lists'
import { openPlan } from './openPlan'
import { facesFrom, test } from './ground'

test.describe.configure({ mode: 'serial' })

test('the look: a colour placed by keyboard, a picture kept without its location', async ({ page, request }) => {
  await openPlan(page, 'Nkechi Lindqvist')
  await page.getByRole('navigation', { name: 'Nkechi Lindqvist' }).getByRole('link', { name: 'Look' }).click()
  await page.locator('[data-area="lid"]').focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-area="crease"]')).toBeFocused()
  await page.getByRole('group', { name: 'Colours for the crease' }).getByRole('button', { name: 'Rosewood' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Nkechi: Rosewood on the crease.')
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#b98' } })
    .jpeg()
    .withExif({ IFD0: { ImageDescription: 'GPS 54.1N' } })
    .toBuffer()
  expect(jpeg.toString('latin1')).toContain('GPS')
  await page.getByLabel('Add pictures').setInputFiles({ name: 'reference.jpg', mimeType: 'image/jpeg', buffer: jpeg })
  const picture = page.getByRole('img', { name: 'Reference picture 1' })
  await expect(picture).toHaveCount(1)
  const kept = await (await request.get((await picture.getAttribute('src'))!)).body()
  expect(kept.toString('latin1')).not.toContain('GPS')
  await page
    .getByLabel('Add pictures')
    .setInputFiles({ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') })
  await expect(page.getByText('This is no JPEG, PNG or WebP picture.')).toBeVisible()
})

test('forgetting a person asks first, and then they are gone', async ({ page, request }) => {
  await request.post('/api/faces', { data: { name: 'Ottoline Farrow-Diaz' } })
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Ottoline Farrow-Diaz' }).click()
  await page.getByRole('navigation', { name: 'Ottoline Farrow-Diaz' }).getByRole('link', { name: 'Ask' }).click()
  await page.getByRole('button', { name: 'Forget this person' }).click()
  await page.getByRole('button', { name: 'Keep the record' }).click()
  await page.getByRole('button', { name: 'Forget this person' }).click()
  await page.getByRole('button', { name: 'Erase everything' }).click()
  await expect(page).toHaveURL(/\/faces$/)
  await expect(page.getByRole('link', { name: 'Ottoline Farrow-Diaz' })).toHaveCount(0)
  expect(JSON.stringify(await facesFrom(request))).not.toContain('Ottoline')
})

test('a list pasted on a product is read at once, and put right by hand', async ({ page }) => {
  await page.goto('/kit?add')
  const kind = page.getByRole('dialog').getByLabel('Kind')
  await kind.click()
  await kind.fill('primer')
  await take(page.getByRole('option', { name: 'primer', exact: true }))
  await page.getByLabel('Name on the bottle').fill('Tide Table')
  await page.getByRole('button', { name: /^Sharpen:/ }).click()
  await page
    .getByLabel('Ingredient list, as on the pack')
    .fill('Wasser, Glycerin, Dimethicone, Parfum (Fragrance), Lanolin')
  await expect(page.getByText('Reads as a silicone base.')).toBeVisible()
  const fromFile = page.getByLabel('or from a text file')
  await fromFile.setInputFiles({ name: 'pack.png', mimeType: 'image/png', buffer: Buffer.from([0x89, 0x50, 0, 1, 2]) })
  await expect(page.getByText(/pack\.png is no ingredient list/)).toBeVisible()
  await expect(page.getByText('Reads as a silicone base.')).toBeVisible()
  const list = 'Isododecane, Trimethylsiloxysilicate, Lanolin'
  await fromFile.setInputFiles({ name: 'pack.txt', mimeType: 'text/plain', buffer: Buffer.from(list) })
  await expect(page.getByLabel('Ingredient list, as on the pack')).toHaveValue(list)
  await expect(page.getByText('Reads as a hydrocarbon base.')).toBeVisible()
  await expect(page.getByText('Read from the list you gave; check the pack.')).toBeVisible()
  await expect(page.getByLabel(/lanolin/)).toBeChecked()
  await page.getByLabel(/^\s*lanolin/).uncheck()
  await page.getByRole('button', { name: 'Put it in the kit' }).click()
  await expect(page.getByText('Tide Table is in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('cover, age and the day stand with the questions; one undo brings all of them back', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Harumi Castellane' }).click()
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Ask' }).click()
  const cover = page.getByRole('group', { name: 'Cover' })
  const before = await cover.locator('[aria-pressed="true"]').innerText()
  const other = before === 'full' ? 'sheer' : 'full'
  await cover.getByRole('button', { name: other }).click()
  await page.getByRole('group', { name: 'Age' }).getByRole('button', { name: 'mature' }).click()
  await page.getByLabel('tears, water, kissing').setChecked(true)
  // Neither another part of the record nor another page takes away what is not kept yet.
  await page.getByRole('group', { name: 'To keep pictures' }).getByRole('button', { name: 'agreed' }).click()
  await expect(cover.getByRole('button', { name: other })).toHaveAttribute('aria-pressed', 'true')
  const rooms = page.getByRole('navigation', { name: 'Harumi Castellane' })
  await rooms.getByRole('link', { name: 'Card' }).click()
  await rooms.getByRole('link', { name: 'Ask, not kept' }).click()
  await expect(page.getByLabel('tears, water, kissing')).toBeChecked()
  await page.getByRole('button', { name: 'Put them back' }).click()
  await expect(rooms.getByRole('link', { name: 'Ask', exact: true })).toBeVisible()
  await expect(cover.getByRole('button', { name: before })).toHaveAttribute('aria-pressed', 'true')

  await cover.getByRole('button', { name: other }).click()
  await page.getByRole('group', { name: 'Age' }).getByRole('button', { name: 'mature' }).click()
  await page.getByLabel('In their words').fill('as in the old pictures')
  await page.getByRole('button', { name: 'Keep these answers' }).click()
  await expect(page.getByText('The record of Harumi Castellane is kept.')).toBeVisible()
  await page.reload()
  await expect(cover.getByRole('button', { name: other })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByLabel('In their words')).toHaveValue('as in the old pictures')

  await cover.getByRole('button', { name: before }).click()
  await page.getByRole('button', { name: 'Keep these answers' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(cover.getByRole('button', { name: other })).toHaveAttribute('aria-pressed', 'true')
})

test('the question sheet is a PDF with fields', async ({ request }) => {
  const answer = await request.get('/api/question-sheet.pdf')
  expect(answer.headers()['content-type']).toBe('application/pdf')
  const body = (await answer.body()).toString('latin1')
  expect(body.startsWith('%PDF-')).toBe(true)
})
