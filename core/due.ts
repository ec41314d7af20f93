/** Whether the time allowed for a computation is over; cheap enough to be asked every few thousand steps. */
export type Due = () => boolean

/** Over so many milliseconds from now. */
export function dueAfter(milliseconds: number): Due {
  const end = performance.now() + milliseconds
  return () => performance.now() >= end
}

/** Thrown where half an answer would be a false one. */
export class OutOfTime extends Error {
  constructor() {
    super('not finished in the time allowed')
    this.name = 'OutOfTime'
  }
}
