import { createPinia, setActivePinia } from 'pinia'
import type { CatalogueOffer, Purchase } from '#shared/records/kit/buys'
import { traitsFor } from '#core/stock/things/usual'
import { api } from '~/asking/api'
import { bottleInput } from '../../tests/support/inputs'
import { ownedProduct } from '../../tests/support/owned'
import { useBuys } from './buys'
import { useKit } from './kit'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock

const offer = (
  id: string,
  productId: string,
  priceMinor: number,
  more: Partial<CatalogueOffer> = {},
): CatalogueOffer => ({
  ...bottleInput(`shade of ${productId}`),
  traits: traitsFor('foundation'),
  id,
  productId,
  supplierId: 'quay',
  priceMinor,
  inStock: true,
  ...more,
})
const OFFERS = [
  offer('dear', 'heron', 3000),
  offer('cheap', 'heron', 2000),
  offer('brush', 'wing', 900, { kind: 'powder' }),
  offer('gone', 'teal', 100, { inStock: false }),
  offer('ordered', 'smew', 1500),
  offer('owned', 'rail', 1500),
]
const line = (id: string, of: CatalogueOffer, receivedAt: string | null = null) => ({
  id,
  offer: of,
  priceMinor: of.priceMinor,
  reason: '',
  receivedAt,
  productId: null,
  version: 1,
})
const LIST = {
  id: 'list',
  createdAt: '2026-11-24T10:00:00Z',
  budgetMinor: 9000,
  lines: [line('l1', OFFERS[4]!), line('l2', OFFERS[2]!, '2026-11-25T10:00:00Z')],
} as unknown as Purchase

beforeEach(async () => {
  setActivePinia(createPinia())
  server.mockReset()
  server.mockImplementation((_method: string, route: string) =>
    Promise.resolve(
      route === '/api/catalogue'
        ? { suppliers: [{ id: 'quay', name: 'Quay Post', leadDays: 2 }], offers: OFFERS }
        : [LIST],
    ),
  )
  await useBuys().load()
})

describe('what can be bought', () => {
  it('of one product the cheapest, nothing that is not mixed, not in stock, on its way or usable already', () => {
    useKit().put([ownedProduct(bottleInput('Rail'), 'rail')])
    expect(
      useBuys()
        .open()
        .map(o => [o.id, o.price, o.product.id]),
    ).toEqual([['cheap', 2000, 'heron']])
  })
  it('what is used up is offered again', () => {
    useKit().put([ownedProduct({ ...bottleInput('Rail'), level: 0 }, 'rail')])
    expect(
      useBuys()
        .open()
        .map(o => o.id),
    ).toEqual(['cheap', 'owned'])
  })
  it('offers of a product, the cheapest first, and who sells it', () => {
    const buys = useBuys()
    expect(buys.offersOf('heron').map(o => o.id)).toEqual(['cheap', 'dear'])
    expect([buys.supplierName('quay'), buys.supplierName('nobody')]).toEqual(['Quay Post', 'unknown supplier'])
    expect([...buys.onTheWay]).toEqual(['ordered'])
  })
})

describe('a purchase list', () => {
  it('a new one stands first', async () => {
    server.mockResolvedValueOnce({ ...LIST, id: 'newer' })
    await useBuys().accept({ lines: [{ offerId: 'cheap', reason: 'depth' }], budgetMinor: 9000 })
    expect(useBuys().purchases.map(p => p.id)).toEqual(['newer', 'list'])
  })
  it('what is received is in the kit and no longer on its way; other lines stay', async () => {
    const product = ownedProduct(bottleInput('Smew'), 'smew')
    server.mockResolvedValueOnce({ line: line('l1', OFFERS[4]!, '2026-11-26T10:00:00Z'), product })
    await useBuys().receive('l1')
    expect(useBuys().onTheWay.size).toBe(0)
    expect(useBuys().purchases[0]!.lines.map(l => l.id)).toEqual(['l1', 'l2'])
    expect(useKit().byId.get('smew')?.shade).toBe('Smew')
  })
  it('what is taken off is looked up anew', async () => {
    server.mockReset().mockResolvedValueOnce({ id: 'l1' }).mockResolvedValueOnce([])
    await useBuys().removeLine('l1')
    expect(server.mock.calls.map(c => c.slice(0, 2))).toEqual([
      ['delete', '/api/purchases/lines/:id'],
      ['get', '/api/purchases'],
    ])
    expect(useBuys().purchases).toEqual([])
  })
})
