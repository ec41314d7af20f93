import 'reflect-metadata/lite'
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { getMetadataStorage } from 'class-validator'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import { ENDPOINTS } from '#shared/compute/endpoints'
import { version } from '../../../package.json'

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
        Object.entries(ENDPOINTS).map(([task, { summary, request, answer }]) => [
          `/api/compute/${task}`,
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
