import { Problem } from '../base/problems'

/** Thrown when the caller has left: nobody waits for the answer. */
export class LeftAlone extends Problem {
  constructor() {
    super(400, 'hung-up', 'The request broke off.')
  }
}
