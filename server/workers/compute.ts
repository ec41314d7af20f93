import { buy, type BuyAnswer } from '#core/buy/buy'
import { difference } from '#core/colour/difference'
import { ImpossibleColour, smoothestReflectance } from '#core/colour/spectrum'
import { match } from '#core/complexion/match'
import { packPigments } from '#core/complexion/pigments'
import { everyone, populationOf } from '#core/complexion/population'
import { reach, type Reach } from '#core/complexion/reach'
import type { Recipe } from '#core/complexion/recipe'
import { pigmentOfDrops, wornMatch, type Worn } from '#core/complexion/worn'
import { planFace, type FacePlan, type PlanQuestion } from '#core/suitability/facePlan'
import { LockRefused } from '#core/suitability/locks'
import { readIngredients, type IngredientReading } from '#core/suitability/ingredients/ingredients'
import type {
  BuyRequest,
  DifferenceRequest,
  IngredientsRequest,
  MatchRequest,
  ReachRequest,
  SpectrumRequest,
  WornRequest,
} from '#shared/compute/requests'
import type { Issue } from '#shared/validate'

/*
 * The compute API behind a thread: plain data in, plain data out. A colour that no surface can have is found only
 * here, so the answer may be a list of issues instead.
 */

export type Outcome<T> = { answer: T } | { issues: Issue[] }

export interface Requests {
  difference: DifferenceRequest
  spectrum: SpectrumRequest
  match: MatchRequest
  reach: ReachRequest
  buy: BuyRequest
  worn: WornRequest
  ingredients: IngredientsRequest
  plan: PlanQuestion
}
export interface Answers {
  difference: { deltaE: number[] }
  spectrum: { reflectance: number[][] }
  match: { recipes: Recipe[] }
  reach: Reach
  buy: BuyAnswer
  worn: Worn
  ingredients: IngredientReading
  plan: FacePlan
}
export type Task = keyof Requests

const tasks: { [T in Task]: (request: Requests[T]) => Answers[T] } = {
  difference: ({ pairs }) => ({ deltaE: pairs.map(([x, y]) => difference(x!, y!)) }),
  spectrum: ({ labs }) => ({ reflectance: labs.map(lab => Array.from(smoothestReflectance(lab))) }),
  match: ({ target, products, options, limit }) => ({ recipes: match(target, products, options, limit) }),
  reach: ({ products, population, options }) => reach(packPigments(products), peopleOf(population), options),
  buy: ({ population, ...rest }) => buy({ ...rest, population: peopleOf(population) }),
  worn: ({ face, target, drops, products, thickness, illuminant }) =>
    wornMatch(pigmentOfDrops(drops, products), face, target, thickness, illuminant),
  ingredients: ({ inci }) => readIngredients(inci),
  plan: question => planFace(question),
}

const peopleOf = (population: ReachRequest['population']) =>
  population === 'everyone' ? everyone() : populationOf(population)

/** Where colours stand in a request, so that an impossible one can be named by its path. */
function coloursOf(request: unknown, path = ''): { path: string; lab: unknown }[] {
  if (Array.isArray(request)) return request.flatMap((v, i) => coloursOf(v, `${path}[${i}]`))
  if (request === null || typeof request !== 'object') return []
  if ('L' in request && 'a' in request && 'b' in request) return [{ path, lab: request }]
  return Object.entries(request).flatMap(([key, v]) => coloursOf(v, path ? `${path}.${key}` : key))
}

export default function run<T extends Task>({ task, request }: { task: T; request: Requests[T] }): Outcome<Answers[T]> {
  try {
    return { answer: tasks[task](request) }
  } catch (problem) {
    if (problem instanceof LockRefused) return { issues: [{ path: `locks: ${problem.key}`, message: problem.message }] }
    if (!(problem instanceof ImpossibleColour)) throw problem
    const { L, a, b } = problem.lab
    const same = (lab: unknown) => {
      const c = lab as typeof problem.lab
      return c.L === L && c.a === a && c.b === b
    }
    const at = coloursOf(request).filter(c => same(c.lab))
    return {
      issues: at.map(({ path }) => ({ path, message: `${problem.message}: give one that a product or skin can have` })),
    }
  }
}
