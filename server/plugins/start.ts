import { guard } from '../guard/guard'
import { safeStart } from '../guard/safeStart'
import { askedNow } from '../start/demoBeside'
import { afterwards, begin, finish } from '../start/start'

// Top-level await: Nitro does not wait for async plugins, and what cannot start must end before it listens.
await begin()

export default defineNitroPlugin(nitro => {
  // Before everything else, the application's own files too.
  nitro.h3App.stack.unshift({ route: '/', handler: guard() }, { route: '/', handler: safeStart })
  nitro.hooks.hook('request', askedNow)
  nitro.hooks.hook('close', finish)
  setImmediate(afterwards)
})
