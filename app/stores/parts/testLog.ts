import type { Ref } from 'vue'
import type { FlashTestInput, PaletteTestInput, Tests } from '#shared/records/people/plans'
import type { MeasuredMixInput } from '#shared/records/kit/mixes'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/** Acts on what palette, flash and meter have shown. */
export function testLog(tests: Ref<Tests>) {
  async function addPaletteTest(input: PaletteTestInput): Promise<void> {
    const test = await api('post', '/api/tests/palette', {}, { body: input })
    tests.value = { ...tests.value, palette: [...tests.value.palette, test] }
  }
  async function removePaletteTest(id: string): Promise<void> {
    await api('delete', '/api/tests/palette/:id', { id })
    tests.value = { ...tests.value, palette: tests.value.palette.filter(t => t.id !== id) }
  }
  async function addFlashTest(input: FlashTestInput): Promise<void> {
    const test = await api('post', '/api/tests/flash', {}, { body: input })
    tests.value = { ...tests.value, flash: [...tests.value.flash, test] }
  }
  async function removeFlashTest(id: string): Promise<void> {
    await api('delete', '/api/tests/flash/:id', { id })
    tests.value = { ...tests.value, flash: tests.value.flash.filter(t => t.id !== id) }
  }

  async function addMix(input: MeasuredMixInput): Promise<void> {
    const mix = await api('post', '/api/tests/mixes', {}, { body: plain(input) })
    tests.value = { ...tests.value, mixes: [...tests.value.mixes, mix] }
  }
  async function removeMix(id: string): Promise<void> {
    await api('delete', '/api/tests/mixes/:id', { id })
    tests.value = { ...tests.value, mixes: tests.value.mixes.filter(m => m.id !== id) }
  }

  async function loadTests(): Promise<void> {
    tests.value = await api('get', '/api/tests')
  }

  return {
    addPaletteTest,
    removePaletteTest,
    addFlashTest,
    removeFlashTest,
    addMix,
    removeMix,
    loadTests,
  }
}
