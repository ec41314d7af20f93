import { nextStep, STEPS, type SoFar, type Step } from './wayIn'

const so = (more: Partial<SoFar> = {}): SoFar => ({
  things: 30,
  bases: 12,
  guessed: 12,
  faces: 0,
  read: 0,
  jobs: 0,
  done: new Set(),
  ...more,
})
const done = (...steps: Step[]) => ({ done: new Set(steps) })

it('leads from a list that was pasted to the first job, one step after the other', () => {
  expect(nextStep(so())).toBe('depths')
  expect(nextStep(so(done('depths')))).toBe('reach')
  expect(nextStep(so(done('depths', 'reach')))).toBe('face')
  expect(nextStep(so({ faces: 1, ...done('depths', 'reach') }))).toBe('skin')
  expect(nextStep(so({ faces: 1, read: 1, ...done('depths', 'reach') }))).toBe('plan')
  expect(nextStep(so({ faces: 1, read: 1, ...done('depths', 'reach', 'plan') }))).toBe('job')
  expect(nextStep(so({ faces: 1, read: 1, jobs: 1 }))).toBeNull()
})

it('asks only what would change an answer', () => {
  // One bottle has no lightest and deepest, and measured ones are not guessed.
  expect(nextStep(so({ guessed: 1 }))).toBe('reach')
  expect(nextStep(so({ guessed: 0 }))).toBe('reach')
  // An empty database has a first page of its own.
  expect(nextStep(so({ things: 0, bases: 0, guessed: 0 }))).toBeNull()
  expect(nextStep(so({ things: 0, bases: 0, guessed: 0, faces: 1 }))).toBe('skin')
  // Nothing of brushes alone is to be matched.
  expect(nextStep(so({ bases: 0, guessed: 0 }))).toBe('face')
  // What was put off does not come back, and holds up nothing after it.
  expect(nextStep(so({ faces: 1, ...done('depths', 'reach', 'skin') }))).toBe('job')
  expect(nextStep(so(done(...STEPS)))).toBeNull()
})
