import { skinAt } from '#core/complexion/skins/skin'
import { spherical } from '#core/reading/reading'
import type { PlanQuestion } from '#core/plan/facePlan'
import { USUAL_SETTINGS } from '#core/asked/settings'
import { factsOf } from '#shared/asked/faceFacts'
import { itemOf } from '#shared/asked/kitItem'
import { Consultation, OccasionInput, type ChartMarkInput } from '#shared/records/method/consultation'
import type { Face } from '#shared/records/people/faces'
import { asksOf, ChairInput, type FaceBooking } from '#shared/records/days/jobs'
import type { OwnedProduct } from '#shared/records/kit/kit'
import { Settings } from '#shared/records/method/settings'
import { DEMO_FACES, DEMO_PALETTE_TESTS, type DemoFace } from '../../demo/faces'
import { DEMO_JOBS } from '../../demo/jobs'
import { DEMO_KIT } from '../../demo/kit'
import type { Carried } from '../../demo/carried'
import { ownedProduct } from './owned'

const NOW = new Date('2026-11-24T12:00:00Z')
const daysOff = (days: number) => new Date(NOW.getTime() + days * 86_400_000).toISOString()

export const demoProduct = (
  { product, openedDaysAgo }: Carried,
  id: string,
  ownerFaceId: string | null = null,
): OwnedProduct => ownedProduct({ ...product, openedOn: daysOff(-openedDaysAgo).slice(0, 10) }, id, { ownerFaceId })
export const DEMO_PRODUCTS = DEMO_KIT.map((carried, i) => demoProduct(carried, `k${i}`))

function demoBookings(faceId: string, name: string): FaceBooking[] {
  const job = DEMO_JOBS.find(j => j.name === name)
  if (!job) return []
  const { inDays, place, conditions } = job
  const day = daysOff(inDays).slice(0, 10)
  return [
    {
      id: `b ${faceId}`,
      faceId,
      jobId: name,
      readyBy: null,
      position: 0,
      services: '',
      differs: {},
      chair: new ChairInput(),
      version: 1,
      job: { name, day, place, conditions, version: 1 },
    },
  ]
}

/** Colours of the chart by the product of the kit that is called so. */
const chartOf = (chart: readonly ChartMarkInput[]) =>
  chart.map(mark => {
    const product = DEMO_PRODUCTS.find(p => p.shade === mark.note && p.lab.L === mark.lab.L)
    return product ? { ...mark, productId: product.id, note: '' } : mark
  })

/** A face of the demo with its skin read, as the server would have it. */
export function demoFace({ face, skin, asked, brings = [], past = [], job }: DemoFace): Face {
  return {
    ...face,
    id: face.name,
    version: 1,
    createdAt: '',
    bookings: demoBookings(face.name, job),
    consultation: { ...new Consultation(), ...asked, chart: chartOf(asked?.chart ?? []) },
    recipes: [],
    seen: [],
    plans: [],
    pictures: [],
    own: brings.map((b, i) => demoProduct(b, `own${i}`, face.name)),
    history: past.map(({ shade, what }, i) => ({
      id: `h${i}`,
      productId: DEMO_PRODUCTS.find(p => p.shade === shade)!.id,
      what,
      note: '',
      at: '',
    })),
    readings: [
      {
        id: 'r',
        source: 'typed',
        lab: skinAt(...skin),
        covariance: [...spherical(0.5, 0.4, 0.4)],
        note: '',
        site: 'jaw',
        tanned: false,
        takenAt: '',
      },
    ],
  }
}

/** What the server asks for a demo face's plan. */
export function demoQuestion(name: string): PlanQuestion {
  const face = demoFace(DEMO_FACES.find(f => f.face.name.startsWith(name))!)
  const { maxProducts, maxDrops, tolerance } = new Settings()
  const [booking] = face.bookings
  return {
    face: factsOf(face)!,
    job: booking ? asksOf(booking) : new OccasionInput(),
    overrides: [],
    settings: {
      ...USUAL_SETTINGS,
      day: booking?.job.day ?? NOW.toISOString().slice(0, 10),
      paletteTests: DEMO_PALETTE_TESTS,
    },
    items: [...DEMO_PRODUCTS, ...face.own].map(itemOf),
    options: { maxProducts, maxDrops, tolerance, illuminant: 'D65' },
  }
}
