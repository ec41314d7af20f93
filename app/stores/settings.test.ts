import { createPinia, setActivePinia } from 'pinia'
import { Settings } from '#shared/records/method/settings'
import { api } from '~/asking/api'
import { useSettings } from './settings'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock
beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})

describe('how the artist works', () => {
  it('what is computed with follows what is set', async () => {
    const kept = Object.assign(new Settings(), { tolerance: 3, maxDrops: 12, maxProducts: 2, faceMlFull: 1.4 })
    server.mockResolvedValueOnce(kept)
    const settings = useSettings()
    await settings.load()
    expect(settings.options).toEqual({ tolerance: 3, maxDrops: 12, maxProducts: 2, illuminant: 'D65' })
    expect(settings.faceMl).toEqual({ sheer: 0.5, light: 0.65, medium: 0.8, full: 1.4 })
  })
  it('a change sends the whole with what it was made from, and shows what the server made of it', async () => {
    const settings = useSettings()
    settings.value = Object.assign(new Settings(), { version: 4, currency: 'EUR' })
    server.mockResolvedValueOnce(Object.assign(new Settings(), { version: 5, theme: 'wings' }))
    await settings.change({ theme: 'wings' }, true)
    expect(server).toHaveBeenCalledWith(
      'put',
      '/api/settings',
      {},
      {
        body: expect.objectContaining({ version: 4, currency: 'EUR', theme: 'wings' }),
        quiet: true,
      },
    )
    expect(settings.value.version).toBe(5)
  })
  it('a refused change leaves everything as it was', async () => {
    const settings = useSettings()
    server.mockRejectedValueOnce(new Error('refused'))
    await expect(settings.change({ theme: 'wings' })).rejects.toThrow('refused')
    expect(settings.value.theme).toBe('day')
  })
})
