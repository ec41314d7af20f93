import { $fetch, FetchError } from 'ofetch'
import type { Issue } from '#shared/validate'

/** Why a request was refused, in words for the artist, with the fields it concerns. */
export class ApiProblem extends Error {
  constructor(
    message: string,
    readonly issues: Issue[] = [],
  ) {
    super(message)
  }
}

interface Refusal {
  error?: { message?: string; issues?: Issue[] }
}

/** One call to the server; anything that goes wrong becomes an {@link ApiProblem}. */
export async function api<T>(
  path: string,
  options: { method?: 'GET' | 'POST' | 'PUT' | 'DELETE'; body?: object } = {},
): Promise<T> {
  try {
    return (await $fetch<T>(`/api/${path}`, options)) as T
  } catch (problem) {
    if (!(problem instanceof FetchError)) throw problem
    const told = (problem.data as Refusal | undefined)?.error
    throw new ApiProblem(
      told?.message ?? 'The server does not answer: check that Varietas is running, then try again.',
      told?.issues ?? [],
    )
  }
}
