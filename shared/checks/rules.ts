import 'reflect-metadata/lite'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  registerDecorator,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator'
import { impossibleInWords, isPossible } from '#core/colour/possible'
import { ENTRIES_MOST, entriesIn, INCI_MOST } from '#core/ingredients/listLength'
import type { Lab } from '#core/colour/lab'
import { isTimeZone, parseClock } from '#core/schedule/clock'
import { barcodeProblem } from '#core/stock/labels/barcode'
import { dayOf, MOST_MINOR, parseId } from './parse'
import { AN_OBJECT, isDistinct, isPlainObject, sameTwice, shaped, type Dto } from './shape'

/*
 * The rules fields are made of, on top of the readers in parse.ts. Each message names what is wrong and what to do, and is written
 * to stand beside its field. Each rule also says the largest its field can be, see shape.ts.
 */

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) =>
    decorators.forEach(d => d(target, key))

export const Between = (low: number, high: number, unit = ''): PropertyDecorator => {
  const message = `must be a number from ${low} to ${high}${unit && ` ${unit}`}`
  return all(
    shaped({}),
    IsNumber({ allowNaN: false, allowInfinity: false }, { message }),
    Min(low, { message }),
    Max(high, { message }),
  )
}

export const Whole = (low: number, high: number): PropertyDecorator => {
  const message = `must be a whole number from ${low} to ${high}`
  return all(shaped({}), IsInt({ message }), Min(low, { message }), Max(high, { message }))
}

/** A sum of money in minor units. */
export const Minor = (): PropertyDecorator => Whole(0, MOST_MINOR)

export const OneOf = (values: readonly string[]): PropertyDecorator =>
  all(shaped({}), IsIn([...values], { message: `must be one of: ${values.join(', ')}` }))

/** A list of some of these words, each once. */
export const SomeOf = (values: readonly string[]): PropertyDecorator =>
  all(
    shaped({ most: values.length }),
    IsArray({ message: 'must be a list' }),
    IsIn([...values], { each: true, message: `must hold only: ${values.join(', ')}` }),
    ArrayUnique({ message: 'must not hold one twice' }),
  )

export const Text = (least: number, most: number): PropertyDecorator => {
  const message =
    least > 0 ? `must be text of ${least} to ${most} characters` : `must be text of at most ${most} characters`
  return all(shaped({ longest: most }), IsString({ message }), Length(least, most, { message }))
}

/** An ingredient list as on the pack. */
export const Ingredients = (): PropertyDecorator =>
  all(
    Text(0, INCI_MOST),
    Satisfies(
      'entries',
      v => typeof v !== 'string' || entriesIn(v) <= ENTRIES_MOST,
      `must hold at most ${ENTRIES_MOST} ingredients: is it the list of one product?`,
    ),
  )

/** The number under the bars of a pack. */
export const Barcode = (): PropertyDecorator =>
  all(
    Text(8, 14),
    Satisfies(
      'barcode',
      v => typeof v !== 'string' || barcodeProblem(v) === null,
      'must be the 8, 12, 13 or 14 figures under the bars, the last of which fits the others',
    ),
  )

/** A list of texts that each say something. */
export const Words = (most: number, longest: number): PropertyDecorator => {
  const message = `must hold texts of 1 to ${longest} characters`
  return all(
    shaped({ most, longest }),
    IsArray({ message: 'must be a list' }),
    ArrayMaxSize(most, { message: `must hold at most ${most}` }),
    ArrayUnique({ message: 'must not hold one twice' }),
    IsString({ each: true, message }),
    Length(1, longest, { each: true, message }),
    Matches(/\S/, { each: true, message }),
  )
}

/** A text that must say something: blanks alone are refused. */
export const Name = (most = 80): PropertyDecorator =>
  all(
    Text(1, most),
    Satisfies('named', v => typeof v !== 'string' || v.trim().length > 0, 'must not be blank: give it a name'),
  )

const AN_ID = 'must be an id as it was given: letters, figures and . _ : - only'

/** The id of a record. */
export const Id = (): PropertyDecorator =>
  all(
    shaped({ longest: 120 }),
    IsString({ message: AN_ID }),
    Satisfies('id', v => parseId(v) !== undefined, AN_ID),
  )

/** Ids of records, each once. */
export const Ids = (most: number, least = 1): PropertyDecorator =>
  all(
    shaped({ most, longest: 120 }),
    IsArray({ message: 'must be a list' }),
    Satisfies(
      'ids',
      v => !Array.isArray(v) || (v.length >= least && v.every(id => parseId(id) !== undefined)),
      `must hold at least ${least}, each an id as it was given`,
    ),
    Satisfies('once', v => !Array.isArray(v) || new Set(v).size === v.length, 'must not hold one twice'),
  )

/** Lines of somebody's text, empty ones too. */
export const Lines = (most: number, longest: number): PropertyDecorator =>
  all(
    shaped({ most, longest }),
    IsArray({ message: 'must be a list of lines' }),
    ArrayMaxSize(most, { message: `must hold at most ${most} lines: split it into several` }),
    Satisfies(
      'lines',
      v => !Array.isArray(v) || v.every(line => typeof line === 'string' && line.length <= longest),
      `must hold texts of at most ${longest} characters each`,
    ),
  )

export const YesNo = (): PropertyDecorator => all(shaped({}), IsBoolean({ message: 'must be true or false' }))

/** Has to be given: the other rules let a missing field pass. */
export const Given = (): PropertyDecorator => IsDefined({ message: 'must be given' })

/** A calendar day, or a moment with its zone. */
export const Moment = (): PropertyDecorator =>
  all(
    shaped({}),
    Satisfies(
      'moment',
      v => v === null || dayOf(v) !== undefined,
      'must be a day that exists, as 2026-12-05, or a moment with its zone, as 2026-12-05T09:30:00Z',
    ),
  )

/** A time as the clock on the wall shows it. */
export const ClockTime = (): PropertyDecorator =>
  all(
    shaped({ longest: 5 }),
    Satisfies('clock', v => v === null || parseClock(v) !== undefined, 'must be a time, as 09:30'),
  )

/** The name of a time zone; empty for one's own. */
export const Zone = (): PropertyDecorator =>
  all(
    Text(0, 60),
    Satisfies(
      'zone',
      v => v === '' || typeof v !== 'string' || isTimeZone(v),
      'must be a time zone by its name, as Europe/Paris',
    ),
  )

/** A list of plain values; see {@link Many} for one of objects. */
export const ListOf = (most: number, least = 0): PropertyDecorator =>
  all(
    shaped({ most }),
    IsArray({ message: 'must be a list' }),
    ArrayMaxSize(most, { message: `must hold at most ${most}: split it into several` }),
    Satisfies('least', v => !Array.isArray(v) || v.length >= least, `must hold at least ${least}`),
  )

/** One object of a class. */
export const One = <T extends object>(nested: () => Dto<T>, message = AN_OBJECT): PropertyDecorator =>
  all(shaped({ nested }), IsObject({ message }), ValidateNested(), Type(nested))

/** A list of objects of a class. */
export const Many = <T extends object>(nested: () => Dto<T>, most: number, least = 0): PropertyDecorator =>
  all(ListOf(most, least), shaped({ nested }), ValidateNested({ each: true }), Type(nested))

/** A list of lists, each of so many objects of a class. */
export const Groups = <T extends object>(nested: () => Dto<T>, of: number, most: number): PropertyDecorator =>
  all(ListOf(most), shaped({ nested, each: of }), ValidateNested({ each: true }), Type(nested))

/** An object of plain values under names of the caller's. */
export const Named = (
  most: number,
  passes: (name: string, value: unknown) => boolean,
  message: string,
): PropertyDecorator =>
  all(
    shaped({ names: most }),
    IsObject({ message }),
    Satisfies('named values', v => !isPlainObject(v) || Object.entries(v).every(([k, x]) => passes(k, x)), message),
  )

/** A colour, as a class with L, a and b, that a product or skin can have. */
export const Colour = <T extends Lab>(
  lab: () => Dto<T>,
  message = 'must be a colour with L, a and b',
): PropertyDecorator =>
  all(
    One(lab, message),
    Satisfies(
      'possible colour',
      // The rules above refuse what is no colour at all.
      v => !isFiniteLab(v) || isPossible(v),
      v => impossibleInWords(v as Lab),
    ),
  )

const isFiniteLab = (v: unknown): v is Lab =>
  isPlainObject(v) && ['L', 'a', 'b'].every(k => Number.isFinite(v[k])) && Math.abs(v.L as number) <= 100

/** No two members may have the same key. */
export const Distinct = (key: string): PropertyDecorator =>
  all(
    shaped({ distinct: key }),
    Satisfies('distinct', v => !Array.isArray(v) || isDistinct(v, key), sameTwice(key)),
  )

export const Maybe = (): PropertyDecorator => IsOptional()

/** The version of a record that a change was made from; left out, the change is made whatever stands there now. */
export const MadeFrom = (): PropertyDecorator => all(Maybe(), Whole(0, 2_000_000_000))

/** A rule of its own: the value passes or the message is shown. Absent values pass. */
export function Satisfies(
  name: string,
  passes: (value: unknown, owner: object) => boolean,
  message: string | ((value: unknown) => string),
): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(key),
      options: { message: typeof message === 'string' ? message : ({ value }: ValidationArguments) => message(value) },
      validator: {
        validate: (value: unknown, { object }: ValidationArguments) => value === undefined || passes(value, object),
      },
    })
}
