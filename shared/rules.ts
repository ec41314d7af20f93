import 'reflect-metadata'
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  registerDecorator,
  type ValidationArguments,
} from 'class-validator'

/*
 * The rules fields are made of. Each message names what is wrong and what to do, and is written to stand beside its field.
 */

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) =>
    decorators.forEach(d => d(target, key))

export const Between = (low: number, high: number, unit = ''): PropertyDecorator => {
  const message = `must be a number from ${low} to ${high}${unit && ` ${unit}`}`
  return all(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message }),
    Min(low, { message }),
    Max(high, { message }),
  )
}

export const Whole = (low: number, high: number): PropertyDecorator => {
  const message = `must be a whole number from ${low} to ${high}`
  return all(IsInt({ message }), Min(low, { message }), Max(high, { message }))
}

export const OneOf = (values: readonly string[]): PropertyDecorator =>
  IsIn([...values], { message: `must be one of: ${values.join(', ')}` })

/** A list of some of these words, each once. */
export const SomeOf = (values: readonly string[]): PropertyDecorator =>
  all(
    IsArray({ message: 'must be a list' }),
    IsIn([...values], { each: true, message: `must hold only: ${values.join(', ')}` }),
    ArrayUnique({ message: 'must not hold one twice' }),
  )

export const Text = (least: number, most: number): PropertyDecorator => {
  const message =
    least > 0 ? `must be text of ${least} to ${most} characters` : `must be text of at most ${most} characters`
  return all(IsString({ message }), Length(least, most, { message }))
}

/** A list of texts that each say something. */
export const Words = (most: number, longest: number): PropertyDecorator => {
  const message = `must hold texts of 1 to ${longest} characters`
  return all(
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

export const YesNo = (): PropertyDecorator => IsBoolean({ message: 'must be true or false' })

export const Moment = (): PropertyDecorator =>
  IsISO8601({ strict: true }, { message: 'must be a date as 2026-12-05, or with time and zone' })

export const ListOf = (most: number, least = 0): PropertyDecorator =>
  all(
    IsArray({ message: 'must be a list' }),
    ArrayMaxSize(most, { message: `must hold at most ${most}: split it into several` }),
    Satisfies('least', v => !Array.isArray(v) || v.length >= least, `must hold at least ${least}`),
  )

/** No two members may have the same key. */
export const Distinct = (key: string): PropertyDecorator =>
  Satisfies(
    'distinct',
    v => {
      if (!Array.isArray(v)) return true
      const keys = v.map(m => (m as Record<string, unknown> | null)?.[key])
      return new Set(keys).size === keys.length
    },
    `must not hold two with the same ${key}`,
  )

export const Maybe = (): PropertyDecorator => IsOptional()

/** A rule of its own: the value passes or the message is shown. Absent values pass. */
export function Satisfies(
  name: string,
  passes: (value: unknown, owner: object) => boolean,
  message: string,
): PropertyDecorator {
  return (target, key) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(key),
      options: { message },
      validator: {
        validate: (value: unknown, { object }: ValidationArguments) => value === undefined || passes(value, object),
      },
    })
}
