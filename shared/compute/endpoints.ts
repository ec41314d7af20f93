import type { Dto } from '../checks/shape'
import * as answers from './answers'
import * as days from './days'
import * as requests from './requests'

interface Endpoint {
  request: Dto
  answer: Dto
  summary: string
}

/** The compute API, task by task: what the worker checks, the document describes and the tests try. */
export const ENDPOINTS = {
  difference: {
    request: requests.DifferenceRequest,
    answer: answers.DifferenceAnswer,
    summary: 'CIEDE2000 of pairs of colours',
  },
  spectrum: {
    request: requests.SpectrumRequest,
    answer: answers.SpectrumAnswer,
    summary: 'Smoothest reflectance of colours',
  },
  match: { request: requests.MatchRequest, answer: answers.MatchAnswer, summary: 'Best recipes for one colour' },
  reach: { request: requests.ReachRequest, answer: answers.ReachAnswer, summary: 'Whom a set of products can match' },
  buy: { request: requests.BuyRequest, answer: answers.BuyAnswerDto, summary: 'What to buy within a budget' },
  worn: {
    request: requests.WornRequest,
    answer: answers.WornAnswer,
    summary: 'A mix in the bottle and as a film on the face',
  },
  ingredients: {
    request: requests.IngredientsRequest,
    answer: answers.IngredientsAnswer,
    summary: 'Base family and flags of an ingredient list',
  },
  dilute: {
    request: requests.DiluteRequest,
    answer: answers.DiluteAnswer,
    summary: 'How much of a strong solution to top up with distilled water',
  },
  list: {
    request: requests.ListRequest,
    answer: answers.ListAnswer,
    summary: 'What the lines of a list of things mean',
  },
  timetable: {
    request: days.TimetableRequest,
    answer: days.TimetableAnswer,
    summary: 'The latest start of a morning with faces, artists and hair stations',
  },
  pack: {
    request: days.PackRequest,
    answer: days.PackAnswer,
    summary: 'What is worth taking along, and into which bag',
  },
} as const satisfies Record<string, Endpoint>

export type Endpoints = typeof ENDPOINTS
export type ComputeTask = keyof Endpoints
