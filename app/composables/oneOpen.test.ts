import { ref } from 'vue'
import { oneOpen } from './oneOpen'

it('opens one form at a time, and closes whichever is open', () => {
  const form = ref<'bottle' | 'gear' | null>(null)
  const isOpen = oneOpen(form)
  const [bottle, gear] = [isOpen('bottle'), isOpen('gear')]
  bottle.value = true
  expect([bottle.value, gear.value]).toEqual([true, false])
  gear.value = true
  expect([bottle.value, gear.value]).toEqual([false, true])
  gear.value = false
  expect(form.value).toBeNull()
})
