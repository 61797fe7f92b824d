import type { ProductDto } from '@spudder/contract/shelf'
import type { RemedyDto } from '@spudder/contract/remedy'
import { describe, expect, it } from 'vitest'
import {
  get,
  newId,
  newPlace,
  patch,
  post,
  productBody,
  refused,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const shelfOf = (placeId: string) => get<ProductDto[]>(`/places/${placeId}/products`)

describe('the shelf of a place', () => {
  it('keeps a product as it was typed, with who put it there', async () => {
    const { id } = await newPlace()
    const body = productBody()
    const stored = await post<ProductDto>(`/places/${id}/products`, body)
    expect(stored).toMatchObject({ ...body, placeId: id, isRetired: false, changedBy: null })
    expect(await shelfOf(id)).toEqual([stored])
    expect(stored.createdBy).toBe('Tess Marlow')
  })

  it('stores a product once that is sent twice, and no other under its id', async () => {
    const { id } = await newPlace()
    const body = productBody()
    await post(`/places/${id}/products`, body)
    await post(`/places/${id}/products`, body)
    expect(await shelfOf(id)).toHaveLength(1)
    await refused('post', `/places/${id}/products`, { ...body, packPrice: 31 }, 409)
  })

  it('changes what is given, takes away what is null, and says by whom', async () => {
    const { id } = await newPlace()
    const { id: productId } = await post<ProductDto>(`/places/${id}/products`, productBody())
    const changed = await patch<ProductDto>(`/products/${productId}`, {
      stockKg: 12,
      labelMaximum: null,
      // A text that is taken away is empty; the column knows no null.
      lot: null,
    })
    expect(changed).toMatchObject({ stockKg: 12, labelMaximum: null, packPrice: 30, lot: '' })
    expect(changed.changedBy).toBe('Tess Marlow')
    expect((await shelfOf(id))[0]).toEqual(changed)
  })

  it('keeps the rate on the label, and refuses one over the maximum of the same label', async () => {
    const { id } = await newPlace()
    const labelRate = { value: 3, unit: 'oz/1000 ft2' }
    const body = { ...productBody(), labelRate }
    const { id: productId } = await post<ProductDto>(`/places/${id}/products`, body)
    expect((await shelfOf(id))[0]?.labelRate).toEqual(labelRate)
    const over = { labelRate: { value: 5, unit: 'oz/1000 ft2' } }
    const answer = await refused('patch', `/products/${productId}`, over, 400)
    expect(JSON.stringify(answer)).toContain('over the maximum of the same label')
    await refused('post', `/places/${id}/products`, { ...productBody(), ...over }, 400)
    expect((await shelfOf(id)).map((each) => each.labelRate)).toEqual([labelRate])
  })

  it('takes a product off and puts it back; nothing is lost', async () => {
    const { id } = await newPlace()
    const { id: productId } = await post<ProductDto>(`/places/${id}/products`, productBody())
    await patch(`/products/${productId}`, { isRetired: true })
    expect((await shelfOf(id))[0]).toMatchObject({ isRetired: true, name: 'Crystals, 50 lb' })
    await patch(`/products/${productId}`, { isRetired: false })
    expect((await shelfOf(id))[0]?.isRetired).toBe(false)
  })

  it.each([
    [{ Fe: '120' }, /A bag holds 100/],
    [{ Fe: 'six' }, /as a number/],
    [{ Fe: '-1' }, /from 0 to 100/],
    [{ N: '5' }, /total of iron/],
  ])('refuses a label of %j and says why', async (analysis, words) => {
    const { id } = await newPlace()
    const body = { ...productBody(), label: { ...productBody().label, analysis } }
    const problem = await refused('post', `/places/${id}/products`, body, 400)
    expect(problem.fields[0]).toMatchObject({ field: 'label' })
    expect(problem.detail).toMatch(words)
    expect(await shelfOf(id)).toEqual([])
  })
})

describe('products of a file', () => {
  it('are all stored, or none', async () => {
    const { id } = await newPlace()
    const [first, second] = [productBody(), { ...productBody(), name: 'Second' }]
    await post(`/places/${id}/product-imports`, { products: [first, second] })
    expect((await shelfOf(id)).map(({ name }) => name)).toEqual(['Crystals, 50 lb', 'Second'])
    // The second is another product under an id that is taken.
    const bad = [productBody(), { ...second, name: 'Third' }]
    await refused('post', `/places/${id}/product-imports`, { products: bad }, 409)
    expect(await shelfOf(id)).toHaveLength(2)
  })
})

describe('a remedy with a product of the shelf', () => {
  it('names it, and its job too', async () => {
    const { stand, caseId } = await standWithRemedy()
    const product = { ...productBody(), name: 'Red tub', sourceId: 'fe-eddha' }
    await post(`/places/${stand.placeId}/products`, product)
    const remedy = await post<RemedyDto>(`/cases/${caseId}/remedies`, {
      ...remedyBody(),
      productId: product.id,
      aim: 'season',
    })
    expect(remedy).toMatchObject({ productId: product.id, aim: 'season' })
    const { jobs } = await storyOf(stand.id)
    const own = jobs.filter(({ remedyId, kind }) => remedyId === remedy.id && kind === 'apply')
    expect(own.map(({ title }) => title)).toEqual(['Red tub'])
  })

  it.each([
    [
      'of another place',
      async () => {
        const { id } = await newPlace()
        const product = productBody()
        await post(`/places/${id}/products`, product)
        return product.id
      },
    ],
    ['that is nowhere', () => Promise.resolve(newId())],
  ])('%s is refused', async (_, productId) => {
    const { caseId } = await standWithRemedy()
    const body = { ...remedyBody(), productId: await productId() }
    const problem = await refused('post', `/cases/${caseId}/remedies`, body, 400)
    expect(problem.fields[0]?.field).toBe('productId')
  })

  it.each([
    ['of another form', { sourceId: 'ferrous-sulfate' }, {}],
    ['that was taken off the shelf', { sourceId: 'fe-eddha' }, { isRetired: true }],
  ])('%s is refused', async (_, form, change) => {
    const { stand, caseId } = await standWithRemedy()
    const product = { ...productBody(), ...form }
    await post(`/places/${stand.placeId}/products`, product)
    await patch(`/products/${product.id}`, change)
    const body = { ...remedyBody(), productId: product.id }
    const problem = await refused('post', `/cases/${caseId}/remedies`, body, 400)
    expect(problem.fields[0]?.field).toBe('productId')
  })

  it('of manganese is calculated by its own rate', async () => {
    const { caseId } = await standWithRemedy()
    const { tankL: _tank, ...body } = remedyBody()
    const remedy = await post<RemedyDto>(`/cases/${caseId}/remedies`, {
      ...body,
      causeId: 'manganese-short',
      route: 'leaf',
      sourceId: 'manganese-sulfate',
      rateId: 'leaf-manganese-sulfate',
      rateValue: 4,
      carrierValue: 300,
      contentShare: 0.31,
    })
    // 4 kg/ha over 1000 m².
    expect(remedy.productKg).toBeCloseTo(0.4, 9)
    expect(remedy.nutrientKg).toBeCloseTo(0.124, 9)
    expect(JSON.stringify(remedy.derivation)).toContain('manganese in the product')
  })
})
