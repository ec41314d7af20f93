import { expect, type APIRequestContext } from '@playwright/test'
import { thirtyOffers } from '../tests/support/heavyQuestions'
import { test } from './ground'

interface Refusal {
  error: { code: string; message: string; issues: { path: string; message: string }[] }
}

const product = { id: 'p', lab: { L: 58, a: 11, b: 19 }, coverage: 'medium', family: 'silicone' }
const other = { id: 'q', lab: { L: 42, a: 11.5, b: 15.5 }, coverage: 'medium', family: 'silicone' }
const target = { L: 54, a: 11, b: 18 }
const post = (request: APIRequestContext, name: string, data: unknown) => request.post(`/api/compute/${name}`, { data })

test('health and the OpenAPI document, with every schema it refers to', async ({ request }) => {
  expect(await (await request.get('/api/health')).json()).toMatchObject({ status: 'ok' })
  const document = (await (await request.get('/api/openapi.json')).json()) as {
    paths: object
    components: { schemas: object }
  }
  for (const name of ['difference', 'spectrum', 'match', 'reach', 'buy', 'worn', 'ingredients', 'dilute', 'list'])
    expect(Object.keys(document.paths)).toContain(`/api/compute/${name}`)
  const wanted = [...JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g)].map(m => m[1]!)
  for (const name of wanted) expect(Object.keys(document.components.schemas)).toContain(name)
})

test('every endpoint answers as the contract says', async ({ request }) => {
  const difference = await post(request, 'difference', {
    pairs: [
      [target, target],
      [
        { L: 50, a: 2.5, b: 0 },
        { L: 73, a: 25, b: -18 },
      ],
    ],
  })
  const { deltaE } = (await difference.json()) as { deltaE: number[] }
  expect(deltaE[0]).toBe(0)
  expect(deltaE[1]).toBeCloseTo(27.1492, 4)

  const { reflectance } = (await (await post(request, 'spectrum', { labs: [target] })).json()) as {
    reflectance: number[][]
  }
  expect(reflectance[0]).toHaveLength(36)

  const { recipes } = (await (
    await post(request, 'match', { target, products: [product, other], limit: 3 })
  ).json()) as { recipes: { drops: object[]; deltaE: number; verdict: string }[] }
  expect(recipes.length).toBeGreaterThanOrEqual(3)
  expect(recipes[0]).toMatchObject({
    drops: expect.any(Array),
    lab: { L: expect.any(Number) },
    verdict: expect.any(String),
  })

  const reach = (await (
    await post(request, 'reach', { products: [product, other], population: 'everyone', somethingElse: 1 })
  ).json()) as { share: { within2: number }; skins: { best: object; failsBy: string[] }[]; redundant: string[] }
  expect(reach.skins).toHaveLength(92)
  expect(reach.share.within2).toBeGreaterThan(0)

  const buy = (await (
    await post(request, 'buy', {
      owned: [product],
      offers: [{ id: 'o', product: other, price: 30 }],
      population: 'everyone',
      budget: 40,
      mustReach: [other.lab],
    })
  ).json()) as { chosen: string[]; spend: number; proof: { optimal: boolean }; curve: object[]; unmet: number[] }
  expect(buy).toMatchObject({ chosen: ['o'], spend: 30, proof: { optimal: true }, unmet: [] })
  expect(buy.curve).toHaveLength(2)

  const worn = (await (
    await post(request, 'worn', {
      face: target,
      target,
      drops: [{ id: 'p', count: 2 }],
      products: [product],
      thickness: 0,
    })
  ).json()) as { worn: { L: number }; deltaEWorn: number; deltaEBottle: number }
  expect(worn.deltaEWorn).toBeLessThan(1e-6)
  expect(worn.deltaEBottle).toBeGreaterThan(1)

  const read = (await (
    await post(request, 'ingredients', { inci: 'Aqua, Dimethicone, Parfum. May contain: CI 77491' })
  ).json()) as { family: string; flags: { flag: string; because: string[] }[] }
  expect(read).toMatchObject({
    family: 'silicone',
    ingredients: ['aqua', 'dimethicone', 'parfum'],
    mayContain: ['ci 77491'],
  })
  expect(read.flags).toContainEqual({ flag: 'fragrance', because: ['parfum'] })

  const dilution = await post(request, 'dilute', { stockPercent: 96, targetPercent: 70, finalMl: 500 })
  const { stockMl, waterMl } = (await dilution.json()) as { stockMl: number; waterMl: number }
  expect(stockMl).toBeCloseTo(364.583, 3)
  expect(stockMl + waterMl).toBeCloseTo(500, 9)

  const lines = ['3x angled liner brush', '', 'white adjuster silicone 15ml half full']
  const { things } = (await (await post(request, 'list', { lines })).json()) as { things: object[] }
  expect(things).toMatchObject([
    { line: 0, sort: 'tool', kind: 'brush', shape: 'angled brush', count: 3, size: null },
    { line: 2, sort: 'cosmetic', kind: 'adjuster', family: 'silicone', size: 15, measure: 'ml', level: 0.5 },
  ])
})

test('30 offers at prices near 30 under a budget of 120 are proven', async ({ request }) => {
  const answer = (await (await post(request, 'buy', thirtyOffers(60_000))).json()) as { proof: { optimal: boolean } }
  expect(answer.proof.optimal).toBe(true)
})

const REFUSED: readonly (readonly [string, string, unknown, string])[] = [
  ['difference', 'not a list', { pairs: 3 }, 'pairs'],
  ['difference', 'one colour in a pair', { pairs: [[target]] }, 'pairs'],
  ['difference', 'a colour without b', { pairs: [[target, { L: 1, a: 2 }]] }, 'pairs[0][1].b'],
  ['spectrum', 'missing', {}, 'labs'],
  ['spectrum', 'impossible colour', { labs: [target, { L: 50, a: 150, b: 0 }] }, 'labs[1]'],
  ['spectrum', 'too many', { labs: Array.from({ length: 5001 }, () => target) }, 'labs'],
  ['match', 'no target', { products: [product] }, 'target'],
  ['match', 'text for a number', { target: { ...target, L: '54' }, products: [product] }, 'target.L'],
  ['match', 'unknown coverage', { target, products: [{ ...product, coverage: 'thick' }] }, 'products[0].coverage'],
  [
    'match',
    'short reflectance',
    { target, products: [{ ...product, reflectance: [0.1, 0.2] }] },
    'products[0].reflectance',
  ],
  ['match', 'the same id twice', { target, products: [product, product] }, 'products'],
  ['match', 'half a drop', { target, products: [product], options: { maxDrops: 2.5 } }, 'options.maxDrops'],
  ['match', 'unknown light', { target, products: [product], options: { illuminant: 'moon' } }, 'options.illuminant'],
  [
    'match',
    '501 products',
    { target, products: Array.from({ length: 501 }, (_, i) => ({ ...product, id: `p${i}` })) },
    'products',
  ],
  ['match', 'limit 0', { target, products: [product], limit: 0 }, 'limit'],
  ['reach', 'a word that is none', { products: [product], population: 'nobody' }, 'population'],
  ['reach', 'no population', { products: [product] }, 'population'],
  ['reach', 'an empty population', { products: [product], population: [] }, 'population'],
  [
    'reach',
    'a negative weight',
    { products: [product], population: [{ id: 'a', lab: target, weight: -1 }] },
    'population[0].weight',
  ],
  [
    'buy',
    'a negative price',
    { owned: [], offers: [{ id: 'o', product, price: -1 }], population: 'everyone', budget: 10 },
    'offers[0].price',
  ],
  ['buy', 'no budget', { owned: [], offers: [], population: 'everyone' }, 'budget'],
  [
    'worn',
    'a drop of a stranger',
    { face: target, target, drops: [{ id: 'z', count: 1 }], products: [product] },
    'drops',
  ],
  [
    'worn',
    'a negative thickness',
    { face: target, target, drops: [{ id: 'p', count: 1 }], products: [product], thickness: -1 },
    'thickness',
  ],
  ['worn', 'no drops', { face: target, target, drops: [], products: [product] }, 'drops'],
  [
    'worn',
    'an impossible face',
    { face: { L: 99, a: 90, b: 0 }, target, drops: [{ id: 'p', count: 1 }], products: [product] },
    'face',
  ],
  ['dilute', 'a target above its stock', { stockPercent: 50, targetPercent: 70, finalMl: 100 }, 'targetPercent'],
  ['dilute', 'a stock of nothing', { stockPercent: 0, targetPercent: 0, finalMl: 100 }, 'stockPercent'],
  ['dilute', 'no volume', { stockPercent: 96, targetPercent: 70 }, 'finalMl'],
  ['list', 'a text for lines', { lines: 'brush' }, 'lines'],
  ['list', 'a line too long', { lines: ['x'.repeat(301)] }, 'lines'],
  ['list', 'too many lines', { lines: Array.from({ length: 2001 }, () => '') }, 'lines'],
  ['ingredients', 'a list for text', { inci: ['aqua'] }, 'inci'],
  ['ingredients', 'a book', { inci: 'x'.repeat(20_001) }, 'inci'],
  [
    'buy',
    'an offer without product',
    { owned: [], offers: [{ id: 'o', price: 1 }], population: 'everyone', budget: 10 },
    'offers[0].product',
  ],
]
for (const [name, what, body, path] of REFUSED) {
  test(`${name} refuses ${what} at ${path}`, async ({ request }) => {
    const answer = await post(request, name, body)
    expect(answer.status()).toBe(400)
    const { error } = (await answer.json()) as Refusal
    expect(error).toMatchObject({ code: expect.any(String), message: expect.any(String) })
    expect(error.issues.map(i => i.path)).toContain(path)
    expect(JSON.stringify(error)).not.toMatch(/node_modules|\.mjs|at \w+ \(/)
  })
}

test('broken JSON, infinite numbers, bare values and floods are refused, never a 500', async ({ request }) => {
  const raw = (data: string) =>
    // Kept open, or the end of a flood refused early could not be sent and the answer would not be read.
    request.post('/api/compute/match', {
      headers: { 'content-type': 'application/json', 'connection': 'keep-alive' },
      data,
    })
  const endless = `{"target":${'['.repeat(100_000)}${']'.repeat(100_000)},"products":[]}`
  for (const body of [
    endless,
    '{"target":',
    'null',
    '[]',
    '7',
    '"x"',
    '{"target":{"L":1e999,"a":0,"b":0},"products":[]}',
    '{"target":{"__proto__":1},"products":[{"constructor":1}]}',
    '',
  ]) {
    expect((await raw(body)).status(), body.slice(0, 80)).toBe(400)
  }
  expect((await raw(`{"products":[],"x":"${'y'.repeat(5_100_000)}"}`)).status()).toBe(413)
  expect((await request.get('/api/compute/match')).status()).toBe(404)
  expect((await request.get('/api/nowhere')).headers()['content-type']).toContain('json')
})

test('records refuse what is wrong or gone, and an id that is none', async ({ request }) => {
  const cases = [
    request.post('/api/kit', { data: { kind: 'foundation', shade: 'x' } }),
    request.post('/api/kit', { data: { kind: 'foundation', shade: 'x', lab: target, sizeMl: 1e9 } }),
    request.post('/api/kit/retire', { data: { ids: [], retired: true } }),
    request.post('/api/faces', { data: { name: 'x'.repeat(500) } }),
    request.put('/api/settings', { data: { tolerance: 'wide' } }),
    request.post('/api/faces/none/seen', {
      data: { drops: [{ id: 'a', count: 1 }], seen: 'right', degree: 'clearly' },
    }),
    request.post('/api/faces/none/seen', {
      data: { drops: [{ id: 'a', count: 1 }], seen: 'ashy', degree: 'somewhat' },
    }),
    request.post('/api/purchases', { data: { lines: [{ offerId: 'none' }], budgetMinor: 1 } }),
    request.put('/api/kit/ranges', { data: { brand: '', range: '' } }),
    request.post('/api/tests/mixes', { data: { drops: [], lab: target } }),
    request.post('/api/tests/mixes', { data: { drops: [{ id: 'a', count: 1 }], lab: { L: 400, a: 0, b: 0 } } }),
    request.post('/api/devices/simulated-meter/mix', { data: { drops: [{ id: 'a', count: -1 }] } }),
  ]
  for (const answer of await Promise.all(cases)) expect(answer.status(), answer.url()).toBe(400)
  const gone = [
    request.put('/api/kit/none', { data: { kind: 'foundation', shade: 'x', lab: target } }),
    request.delete('/api/kit/none'),
    request.post('/api/kit/none/restore'),
    request.delete('/api/faces/%00'),
    request.post('/api/faces/none/readings', {
      data: { source: 'typed', lab: target, covariance: [1, 0, 0, 1, 0, 1] },
    }),
    request.post('/api/purchases/lines/none/receive'),
    request.delete('/api/recipes/none'),
    request.delete('/api/seen/none'),
    request.delete('/api/tests/mixes/none'),
    request.post('/api/tests/mixes', { data: { drops: [{ id: 'none', count: 1 }], lab: target } }),
  ]
  for (const answer of await Promise.all(gone)) expect(answer.status(), answer.url()).toBe(404)
})
