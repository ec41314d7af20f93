import { PDFDocument, type PDFForm } from 'pdf-lib'
import { SKIN_TYPES } from '#core/asked/face'
import { LASHES } from '#shared/records/method/consultation'
import { A4, MARGIN, Paper } from './paper'
import { Type } from './type'

/*
 * The questions an artist sends ahead, to be filled in on a screen or by hand. It names nobody: one sheet serves all.
 */

const LINE = 16

const NOTE =
  'Please arrive with a bare, clean face, shaved if you shave, moisturised as usual, hair dry. Bring your own mascara or lipstick if you want them used.'

/** A page with fields to be filled in. */
class Sheet extends Paper {
  constructor(
    document: PDFDocument,
    private readonly form: PDFForm,
    type: Type,
  ) {
    super(document, type)
  }

  field(name: string, label: string, lines = 1): void {
    const height = lines * LINE + 4
    this.room(height + 18)
    this.text(label)
    this.y -= height + 3
    const field = this.form.createTextField(name)
    if (lines > 1) field.enableMultiline()
    field.addToPage(this.page, { x: MARGIN, y: this.y, width: A4.width - 2 * MARGIN, height, borderWidth: 0.7 })
    field.setFontSize(10)
  }

  choice(name: string, label: string, options: readonly string[]): void {
    this.room(40)
    this.text(label)
    this.y -= LINE + 2
    const group = this.form.createRadioGroup(name)
    let x = MARGIN
    for (const option of options) {
      const width = this.type.width(option, 10) + 34
      if (x + width > A4.width - MARGIN) {
        x = MARGIN
        this.y -= LINE + 2
      }
      group.addOptionToPage(option, this.page, { x, y: this.y, width: 11, height: 11, borderWidth: 0.7 })
      this.type.draw(this.page, option, { x: x + 16, y: this.y + 2, size: 10 })
      x += width
    }
  }

  tick(name: string, label: string): void {
    this.room(LINE)
    this.y -= LINE + 1
    this.form
      .createCheckBox(name)
      .addToPage(this.page, { x: MARGIN, y: this.y, width: 11, height: 11, borderWidth: 0.7 })
    this.type.draw(this.page, label, { x: MARGIN + 18, y: this.y + 2, size: 10 })
  }
}

/** The question sheet as a PDF that can be filled in. */
export async function questionSheet(fonts: string): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.setTitle('Before your make-up: a few questions')
  document.setLanguage('en-GB')
  const sheet = new Sheet(document, document.getForm(), await Type.for(document, [], fonts))
  sheet.text('Before your make-up: a few questions', 18)
  sheet.text(NOTE, 10)
  sheet.heading('You and the day')
  sheet.field('name', 'Your name')
  sheet.field('day', 'The day, the place, and when you have to be ready')
  sheet.heading('How you want to look')
  sheet.field('look', 'In your own words; send pictures you like', 2)
  sheet.field('normally', 'What you normally wear, if anything')
  sheet.choice('lashes', 'Lashes', LASHES)
  sheet.choice('coverage', 'How much the base may cover', ['hardly', 'a little', 'quite', 'fully'])
  sheet.choice('photographs', 'Photographs', ['no', 'yes', 'with flash', 'filmed'])
  sheet.heading('Your skin')
  sheet.choice('skin', 'Mostly', SKIN_TYPES)
  sheet.field('zones', 'Anything I should know: dry or broken places, redness, burns, blemishes', 2)
  sheet.field('reactions', 'What you react to or are allergic to: products, ingredients, latex, glue, scent', 2)
  sheet.field('treatments', 'Recent treatments, strong skincare, piercings, lash extensions, contact lenses', 2)
  sheet.tick('scent', 'No scent, please')
  sheet.tick('mild', 'Mild products only, please')
  sheet.heading('Your agreement')
  sheet.tick('record', 'You may keep these answers to prepare my make-up. I can ask you to erase them at any time.')
  sheet.tick('pictures', 'You may take and keep pictures of me.')
  sheet.text('Make-up with a sun factor is not measured sun protection. Nothing here is medical advice.', 8)
  return document.save()
}
