import { PDFDocument } from 'pdf-lib'
import { fontsFolder } from '../../base/config'
import { questionSheet } from './questionSheet'

describe('the question sheet', () => {
  it('can be filled in, names every field once, and says how to arrive', async () => {
    const document = await PDFDocument.load(await questionSheet(fontsFolder()))
    const form = document.getForm()
    const names = form.getFields().map(f => f.getName())
    expect(new Set(names).size).toBe(names.length)
    for (const name of ['name', 'reactions', 'lashes', 'skin', 'record', 'pictures']) expect(names).toContain(name)
    form.getTextField('reactions').setText('latex')
    form.getRadioGroup('skin').select('oily')
    form.getCheckBox('record').check()
    const again = (await PDFDocument.load(await document.save())).getForm()
    expect(again.getTextField('reactions').getText()).toBe('latex')
    expect(again.getRadioGroup('skin').getSelected()).toBe('oily')
    expect(document.getPageCount()).toBeLessThanOrEqual(2)
  })
})
