import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin'
import { relative } from 'node:path'

/** Names each fault that no test notices as soon as it is known: a stopped run has still shown something. */
class Survivors {
  onMutantTested({ fileName, location, mutatorName, replacement, status }) {
    if (status !== 'Survived' && status !== 'NoCoverage') return
    const place = `${relative(process.cwd(), fileName)}:${location.start.line}:${location.start.column}`
    const fault = `${mutatorName} → ${(replacement ?? '').replace(/\s+/g, ' ').slice(0, 90)}`
    console.log(`not noticed: ${place} ${fault}${status === 'NoCoverage' ? ' (no test comes here)' : ''}`)
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.Reporter, 'survivors', Survivors)]
