import 'reflect-metadata'
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { getMetadataStorage } from 'class-validator'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import * as answers from '#shared/compute/answers'
import * as requests from '#shared/compute/requests'
import { version } from '../../package.json'

/** The compute API, path by path; the schemas themselves come from the DTO classes. */
const PATHS = [
  {
    path: '/api/compute/difference',
    summary: 'CIEDE2000 of pairs of colours',
    request: requests.DifferenceRequest,
    answer: answers.DifferenceAnswer,
  },
  {
    path: '/api/compute/spectrum',
    summary: 'Smoothest reflectance of colours',
    request: requests.SpectrumRequest,
    answer: answers.SpectrumAnswer,
  },
  {
    path: '/api/compute/match',
    summary: 'Best recipes for one colour',
    request: requests.MatchRequest,
    answer: answers.MatchAnswer,
  },
  {
    path: '/api/compute/reach',
    summary: 'Whom a set of products can match',
    request: requests.ReachRequest,
    answer: answers.ReachAnswer,
  },
  {
    path: '/api/compute/buy',
    summary: 'What to buy within a budget',
    request: requests.BuyRequest,
    answer: answers.BuyAnswerDto,
  },
  {
    path: '/api/compute/worn',
    summary: 'A mix in the bottle and as a film on the face',
    request: requests.WornRequest,
    answer: answers.WornAnswer,
  },
  {
    path: '/api/compute/ingredients',
    summary: 'Base family and flags of an ingredient list',
    request: requests.IngredientsRequest,
    answer: answers.IngredientsAnswer,
  },
] as const

const PROBLEM = {
  type: 'object',
  required: ['error'],
  properties: {
    error: {
      type: 'object',
      required: ['code', 'message', 'issues'],
      properties: {
        code: { type: 'string' },
        message: { type: 'string' },
        issues: {
          type: 'array',
          items: {
            type: 'object',
            required: ['path', 'message'],
            properties: { path: { type: 'string' }, message: { type: 'string' } },
          },
        },
      },
    },
  },
}

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` })
const json = (description: string, name: string) => ({
  description,
  content: { 'application/json': { schema: ref(name) } },
})

/** The OpenAPI 3.0 document of the compute API. */
export function openApi() {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    classValidatorMetadataStorage: getMetadataStorage(),
    refPointerPrefix: '#/components/schemas/',
  })
  const failures = {
    400: json('Wrong, missing or impossible values; the issues name the fields', 'Problem'),
    413: json('The body is larger than 5 MB', 'Problem'),
    503: json('All workers are computing; see Retry-After', 'Problem'),
  }
  return {
    openapi: '3.0.3',
    info: {
      title: 'Varietas compute API',
      version,
      description: 'Stateless: the same model and answers as the screens.',
    },
    paths: {
      '/api/health': {
        get: { summary: 'Whether the server is ready', responses: { 200: json('Ready', 'HealthAnswer') } },
      },
      ...Object.fromEntries(
        PATHS.map(({ path, summary, request, answer }) => [
          path,
          {
            post: {
              summary,
              requestBody: { required: true, content: { 'application/json': { schema: ref(request.name) } } },
              responses: { 200: json(summary, answer.name), ...failures },
            },
          },
        ]),
      ),
    },
    components: { schemas: { ...schemas, Problem: PROBLEM } },
  }
}
