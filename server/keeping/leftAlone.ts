import { Problem } from '../base/problems'

/** Thrown where whoever asked has left: nobody is there to be told. */
export class LeftAlone extends Problem {
  constructor() {
    super(400, 'hung-up', 'The request broke off.')
  }
}
