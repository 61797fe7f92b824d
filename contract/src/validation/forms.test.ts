import { Type } from 'class-transformer'
import { IsIn, IsOptional, IsUUID, ValidateNested } from 'class-validator'
import { describe, expect, expectTypeOf, it } from 'vitest'
import {
  Bounded,
  changeable,
  changedOf,
  changes,
  checkDto,
  keptOf,
  Named,
  Note,
  recorded,
} from './index.ts'

class SpoonForm {
  @Bounded('Spoon', { min: 1, max: 50, unit: 'g' }) grams!: number
}
class TubForm {
  @Named('Name') name!: string
  @IsIn(['red', 'green'] as const, { message: 'Colour: choose one.' }) colour!: 'red' | 'green'
  @IsOptional() @Bounded('Price', { min: 0, max: 100 }) price?: number
  @IsOptional() @ValidateNested() @Type(() => SpoonForm) spoon?: SpoonForm
  @Note() note?: string
}
class TubDto extends changeable(TubForm, ['note']) {
  @IsUUID() id!: string
}
class ChangeTubDto extends changes(TubForm) {}
const tub = { name: 'Red tub', colour: 'red', price: 12, spoon: { grams: 4 }, note: 'dry' } as const
const told = (checked: ReturnType<typeof checkDto>) =>
  checked.ok ? [] : checked.fields.map(({ message }) => message)

describe('a form, stated once', () => {
  it('is kept whole: null, or no words, for what was left out, and nothing beside it', () => {
    expect(keptOf(TubDto, tub)).toEqual(tub)
    const least = { name: 'Red tub', colour: 'red', id: 'beside' } as const
    const kept = keptOf(TubDto, least)
    expect(kept).toEqual({ name: 'Red tub', colour: 'red', price: null, spoon: null, note: '' })
    expectTypeOf(kept.price).toEqualTypeOf<number | null>()
    expectTypeOf(kept.note).toEqualTypeOf<string>()
    // @ts-expect-error what the form requires cannot be left out
    keptOf(TubDto, { name: 'Red tub' })
  })

  it('is kept without the classes that reading a request makes of its parts', () => {
    const read = checkDto(TubForm, { ...tub, spoon: { grams: 4 } })
    const kept = keptOf(TubDto, read.ok ? read.value : tub)
    expect(Object.getPrototypeOf(kept.spoon)).toBe(Object.prototype)
  })

  it('is answered with who stored it and who changed it, all of it required', () => {
    const at = { version: 1, createdBy: 'Tess', createdAt: '2026-11-28T10:00:00Z', changedBy: null }
    const row = { id: crypto.randomUUID(), ...tub, ...at, changedAt: null }
    expect(told(checkDto(TubDto, row))).toEqual([])
    expect(told(checkDto(TubDto, { ...row, createdAt: 'then' }))).toHaveLength(1)
    expect(told(checkDto(TubDto, { ...row, colour: 'blue' }))).toEqual(['Colour: choose one.'])
    const Once = recorded(TubForm)
    expect(told(checkDto(Once, { ...tub, ...at }))).toEqual([
      'property version should not exist',
      'property changedBy should not exist',
    ])
  })

  it('is changed in parts: left out stays, null takes away what may be missing and no more', () => {
    const change = (dto: object) => told(checkDto(ChangeTubDto, dto))
    expect(change({})).toEqual([])
    expect(change({ price: null, spoon: null })).toEqual([])
    expect(change({ colour: 'blue', price: 101 })).toEqual([
      'Colour: choose one.',
      'Price: give a number from 0 to 100.',
    ])
    expect(change({ spoon: { grams: 0 } })).toEqual(['Spoon: give a number from 1 to 50 g.'])
    // What a tub must have cannot be taken from it.
    expect(change({ name: null })).toEqual(['Name: give 1 to 80 characters.'])
    expect(change({ colour: null })).toEqual(['Colour: choose one.'])
    expect(change({ nmae: 'Blue tub' })).toHaveLength(1)
    // What is taken away is null, or no words; what is left out is not there.
    expect(changedOf(TubDto, { price: null, note: null })).toEqual({ price: null, note: '' })
    const some: ChangeTubDto = { price: null }
    expectTypeOf(some.name).toEqualTypeOf<string | undefined>()
  })

  it('leaves the form itself as it is', () => {
    expect(told(checkDto(TubForm, { colour: 'red' }))).toEqual(['Name: give 1 to 80 characters.'])
  })
})
