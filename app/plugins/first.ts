// As long as a dialogue takes to be drawn, and some more.
const FRAMES = 60

/**
 * `v-first`: the field a form begins with has the focus as soon as it can be seen; never once another of the form has it, so that nobody
 * who types quickly is moved.
 */
export default defineNuxtPlugin({
  name: 'first',
  setup({ vueApp }) {
    vueApp.directive<HTMLElement>('first', {
      mounted(el) {
        const FIELDS = 'input, textarea, button'
        const field = el.matches(FIELDS) ? el : el.querySelector<HTMLElement>(FIELDS)
        const form = el.closest('[role="dialog"], form')
        let frames = FRAMES
        const take = () => {
          const at = document.activeElement
          const isElsewhere = at !== field && at?.matches(FIELDS) && form?.contains(at)
          if (!field?.isConnected || isElsewhere || frames-- === 0) return
          field.focus()
          if (document.activeElement !== field) requestAnimationFrame(take)
        }
        take()
      },
    })
  },
})
