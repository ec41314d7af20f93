import { readFile, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import writeXlsx from 'write-excel-file/node'
import { readTableFile, UnreadableFile } from './tableFile'

const bytesOf = (text: string | Uint8Array): ArrayBuffer => Uint8Array.from(Buffer.from(text as string)).buffer

describe('a table in a file', () => {
  it('is read from a spreadsheet, days and figures too', async () => {
    const path = join(tmpdir(), `table-${process.pid}.xlsx`)
    const day = new Date(Date.UTC(2026, 2, 14))
    await writeXlsx([
      [{ value: 'Name' }, { value: 'Price' }, { value: 'Opened' }],
      [{ value: 'Dune' }, { value: 12.5, type: Number }, { value: day, type: Date, format: 'dd.mm.yyyy' }],
    ]).toFile(path)
    const file = await readFile(path)
    await rm(path)
    const [sheet] = await readTableFile(bytesOf(file))
    expect(sheet!.rows).toEqual([
      ['Name', 'Price', 'Opened'],
      ['Dune', '12.5', '2026-03-14'],
    ])
  })

  it.each([
    ['semicolons', 'a;b\nü;"x;y"'],
    ['tabs', 'a\tb\nü\tx;y'],
  ])('is read from text with %s', async (_, text) => {
    const [sheet] = await readTableFile(bytesOf(text))
    expect(sheet!.rows).toEqual([
      ['a', 'b'],
      ['ü', 'x;y'],
    ])
  })

  it('in letters of older programs', async () => {
    const [sheet] = await readTableFile(Uint8Array.from(Buffer.from('größe;öl', 'latin1')).buffer)
    expect(sheet!.rows).toEqual([['größe', 'öl']])
    const utf16 = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from('a;ß', 'utf16le')])
    expect((await readTableFile(Uint8Array.from(utf16).buffer))[0]!.rows).toEqual([['a', 'ß']])
  })

  it.each([
    ['nothing', ''],
    ['a spreadsheet that is none', 'PK\u0003\u0004 and then nonsense'],
    ['an old one', Buffer.from([0xd0, 0xcf, 0x11, 0xe0])],
    ['a picture', Buffer.from([0x89, 0x50, 0, 0, 0])],
  ])('refuses %s with what to do', async (_, content) => {
    await expect(readTableFile(bytesOf(content))).rejects.toThrow(UnreadableFile)
  })
})
