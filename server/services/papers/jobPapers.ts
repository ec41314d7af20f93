import { PDFDocument } from 'pdf-lib'
import type { Venue } from '#core/bag/venue'
import type { ClientLine } from '#core/money/quote'
import { Paper } from './paper'
import { isolated, Type } from './type'

/* What a client is handed on paper: the quote, and what both sides agree on. */

export interface JobPaper {
  job: string
  day: string
  place: string
  client: string
  currency: string
  lines: readonly ClientLine[]
  feeMinor: number
  /** Who is made up, and when each is ready where the job is. */
  people: readonly { name: string; services: string; readyBy: string }[]
  begins: string
  /** What there is there. */
  venue: Venue
  /** The day it was written, in words. */
  written: string
}

async function paper(title: string, of: JobPaper, fonts: string): Promise<{ document: PDFDocument; page: Paper }> {
  const document = await PDFDocument.create()
  document.setTitle(title)
  document.setLanguage('en-GB')
  document.setProducer('Varietas')
  const words = [of.job, of.day, of.place, of.client, of.currency, of.written, ...of.lines.map(l => l.what)]
  const people = of.people.flatMap(p => [p.name, p.services])
  return { document, page: new Paper(document, await Type.for(document, [...words, ...people], fonts)) }
}

const money = (minor: number, currency: string) => `${(minor / 100).toFixed(2)}${currency && ` ${isolated(currency)}`}`

function head(page: Paper, title: string, { client, job, day, place, written }: JobPaper): void {
  page.text(title, 18)
  page.space(6)
  if (client) page.text(`For ${isolated(client)}`)
  page.text([job, day, place].map(isolated).filter(Boolean).join(', '))
  page.text(`Written ${written}`)
}

function fee(page: Paper, { lines, feeMinor, currency }: JobPaper): void {
  for (const { what, count, minor } of lines) {
    page.row(count > 1 ? `${count} × ${isolated(what)}` : isolated(what), money(minor, currency))
    page.rule()
  }
  page.row('Together', money(feeMinor, currency), true)
}

/** The quote as a client reads it. */
export async function quotePaper(of: JobPaper, fonts: string): Promise<Uint8Array> {
  const { document, page } = await paper(`Quote: ${of.job}`, of, fonts)
  head(page, 'Quote', of)
  page.heading('What it covers')
  fee(page, of)
  page.space(10)
  page.text(
    'Products, tools cleaned for each face, single-use applicators, setting up and clearing away are in these prices.',
    9,
  )
  page.text('Valid for thirty days. More faces, a longer day or another place change it.', 9)
  page.lacking()
  return document.save()
}

/** What the client sees to at the place: what is there stays there, and what is not is brought or agreed on. */
export function termsOfPlace({ stairs, power, water, table }: Venue): string[] {
  const there = [
    'a chair for each face at work, daylight or a place for a lamp',
    ...(table ? ['a table that can be wiped'] : []),
    ...(power ? ['a socket within reach'] : []),
    ...(water ? ['running water nearby'] : []),
  ]
  const brought = [
    ...(table ? [] : ['works out of a belt, as there is no table']),
    ...(power ? [] : ['brings what runs on batteries, as there is no socket']),
    ...(water ? [] : ['brings wipes and a bottle for the hands, as no water runs there']),
  ]
  return [
    `The client provides: ${there.join(', ')}.`,
    ...(brought.length > 0 ? [`The artist ${brought.join('; ')}.`] : []),
    ...(stairs > 0
      ? [
          `Everything is carried up ${stairs === 1 ? 'one flight' : `${stairs} flights`} of stairs: the client tells the artist of a lift or of help with carrying beforehand, and keeps the way clear.`,
        ]
      : []),
  ]
}

const termsFor = (venue: Venue): string[] => [
  'A deposit of ____ is paid by ____; the rest by the end of the day.',
  'Called off less than ____ days before: ____ of the fee is due.',
  'Whoever is late by more than ____ minutes may get a shorter version of what was agreed.',
  ...termsOfPlace(venue),
  'Everybody tells the artist of allergies, reactions, treatments and eye or skin trouble before the day. Where skin or eyes are infected or broken, nothing is applied there.',
  'A test on the skin beforehand is offered to everybody who reacts easily; nobody can promise that nothing is reacted to.',
  'Pictures are taken and shown only of those who have agreed to it in writing.',
  'Answers about skin and health are kept to prepare the make-up, and erased when asked.',
]

/** What both sides agree on, to be signed. */
export async function agreementPaper(of: JobPaper, fonts: string): Promise<Uint8Array> {
  const { document, page } = await paper(`Agreement: ${of.job}`, of, fonts)
  head(page, 'Agreement', of)
  page.heading('Who is made up')
  if (of.people.length === 0) page.text('Nobody is named yet.')
  for (const { name, services, readyBy } of of.people) {
    page.row([name, services].map(isolated).filter(Boolean).join(': '), readyBy && `ready by ${readyBy}`)
    page.rule()
  }
  if (of.begins) page.text(`The artist sets up from ${of.begins}, local time of the place.`)
  page.heading('The fee')
  fee(page, of)
  page.heading('Agreed')
  for (const [i, term] of termsFor(of.venue).entries()) page.text(`${i + 1}. ${term}`)
  page.space(52)
  page.rule()
  page.row('Client, day', 'Artist, day')
  page.space(8)
  page.text(
    'A starting point, not legal advice: what has to stand in it differs by place. Have it read by somebody who knows the law there.',
    8,
  )
  page.lacking()
  return document.save()
}
