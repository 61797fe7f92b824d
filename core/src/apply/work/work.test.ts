import { describe, expect, it } from 'vitest'
import { planDose } from '../dose/index.ts'
import { jarTestOf, judgeWork, type JarTest, type PlannedWork } from './index.ts'

const lawn: PlannedWork = {
  context: 'turf',
  growth: 'lawn turf',
  route: 'leaf',
  sourceId: 'fe-dtpa',
  productName: null,
  size: { kind: 'area', areaM2: 1000 },
  productKg: 0.6,
  carrierL: 35,
  contentShare: 0.1,
  partners: [],
  jarTests: [],
  ground: { pH: 6.5, plantPH: { low: 6, high: 7 }, takesIronEasily: false },
}
const told = (change: Partial<PlannedWork>) =>
  judgeWork({ ...lawn, ...change }).map(({ id, stops }) => `${id}${stops ? '!' : ''}`)
const partner = (kindId: string, dose = '') => ({ kindId, name: `My ${kindId}`, dose })
const jar = (kindId: string, outcome: JarTest['outcome'], testedOn = '2026-05-01'): JarTest => ({
  sourceId: 'fe-dtpa',
  kindId,
  partnerName: `my ${kindId} `,
  outcome,
  testedOn,
})

describe('the judgement of a piece of work', () => {
  it('has nothing against a sound spray', () => expect(told({})).toEqual([]))

  it('stops above the label, and where label and plan cannot be compared', () => {
    const maximum = (unit: string) => ({ labelMaximum: { value: 2, unit } })
    expect(told(maximum('kg/ha'))).toEqual(['over-label!'])
    expect(told(maximum('lb/1000 ft2'))).toEqual([])
    expect(told(maximum('oz/in'))).toEqual(['label-unknown!'])
    expect(told(maximum('fl oz/1000 ft2'))).toEqual(['label-unknown!'])
    expect(told({ ...maximum('fl oz/1000 ft2'), weighedKgPerL: 1 })).toEqual([])
  })

  it('stops what raises the pH of ground that is not too acid, or that nobody measured', () => {
    const lime = (pH: number | undefined) =>
      told({ route: 'soil', sourceId: 'dolomite', carrierL: 0, ground: { pH, plantPH: { low: 6, high: 7 }, takesIronEasily: false } }) // prettier-ignore
    expect([lime(7.8), lime(6), lime(undefined), lime(5.4)]).toEqual([
      ['raises-pH!'],
      ['raises-pH!'],
      ['raises-pH!'],
      [],
    ])
  })

  it('stops an overdose without any label, and asks why between practice and that', () => {
    const salt = { sourceId: 'ferrous-sulfate', contentShare: 0.2 } as const
    // 10, 25 and 100 kg/ha of ferrous sulfate: 2, 5 and 20 kg iron/ha.
    expect(told({ ...salt, productKg: 1 })).toEqual(['try-first'])
    expect(told({ ...salt, productKg: 2.5, carrierL: 100 })).toContain('over-usual')
    expect(told({ ...salt, productKg: 10 })).toContain('over-stop!')
    const asked = (why?: string) =>
      judgeWork({ ...lawn, ...salt, productKg: 1.5, ...(why === undefined ? {} : { why }) })
    // Strong enough to burn, and enough iron to blacken.
    expect(asked().filter(({ reason }) => reason === 'wanted')).toHaveLength(2)
    expect(asked(' ok ').filter(({ reason }) => reason === 'wanted')).toHaveLength(2)
    const answered = asked('Moss is to be killed on this strip.')
    expect(answered.map(({ id }) => id)).toContain('over-usual')
    expect(answered.some(({ reason }) => reason === 'wanted')).toBe(false)
  })

  it('is not hidden by another limit of the same hazard that is nearer to its own stop', () => {
    // 2.49 % of sulfate is within 2.5 %, and 1.8 lb iron/acre is over 1.5.
    const sorghum = { context: 'row-crop', growth: 'cereal', sourceId: 'ferrous-sulfate', contentShare: 0.2, carrierL: 41, productKg: 1.02 } as const // prettier-ignore
    expect(told(sorghum)).toContain('over-usual')
    expect(told({ ...sorghum, carrierL: 30, productKg: 0.72 })).not.toContain('over-usual')
  })

  it('stops at what practice goes to where it is hot: leaves bear no more then', () => {
    const azalea = {
      context: 'shrub',
      growth: 'shrub',
      sourceId: 'ferrous-sulfate',
      contentShare: 0.2,
      carrierL: 300,
      productKg: 3.6,
    } as const
    expect(told(azalea)).toEqual(['over-usual'])
    expect(told({ ...azalea, maxC: 31 })).toEqual(['over-stop!', 'heat'])
    expect(told({ ...azalea, productKg: 30 })).toEqual(['over-stop!'])
  })

  it('tells one thing where a spray is too strong in too much water: less product', () => {
    const [problem] = judgeWork({
      ...lawn,
      sourceId: 'ferrous-sulfate',
      contentShare: 0.2,
      carrierL: 60,
      productKg: 2.4,
    })
    expect(problem?.words).toMatch(/lower rate: more water would run off|Lower the rate/)
    expect(problem?.words).not.toMatch(/Use (more|less) water/)
  })

  it('asks before it drenches a plant that takes iron easily from an acid or unmeasured mix', () => {
    const geranium = (pH: number | undefined, takesIronEasily = true) =>
      told({
        context: 'container',
        growth: 'pot plant',
        route: 'soil',
        size: { kind: 'pots', count: 100, potL: 2 },
        productKg: 0.008,
        carrierL: 24,
        ground: { pH, plantPH: { low: 6, high: 6.6 }, takesIronEasily },
      })
    const asked = ['takes-iron-easily']
    expect([geranium(5.8), geranium(undefined), geranium(6.7), geranium(5.8, false)]).toEqual([
      asked,
      asked,
      [],
      [],
    ])
  })

  it('wants the day of planting for what goes in with the seed', () => {
    const furrow = {
      ...({ context: 'row-crop', growth: 'legume', route: 'soil' } as const),
      sourceId: 'fe-eddha',
      contentShare: 0.06,
      productKg: 0.2,
      carrierL: 10,
    } as const
    expect(told({ ...furrow, isAtPlanting: true })).toEqual(['at-planting'])
    expect(told(furrow)).toEqual([])
  })

  it('says what is wrong with the water and the day before what is only odd', () => {
    expect(told({ carrierL: 374, maxC: 31 })).toEqual(['is-a-drench!', 'heat'])
    expect(told({ carrierL: 150 })).toEqual(['runs-off'])
  })

  it('wants a jar test of every new partner, by its name and with this iron', () => {
    const partners = [partner('urea', '2 lb')]
    expect(told({ partners })).toEqual(['no-jar-test!'])
    expect(told({ partners, jarTests: [jar('urea', 'clear')] })).toEqual([])
    expect(told({ partners, jarTests: [jar('potassium-nitrate', 'clear')] })).toEqual([
      'no-jar-test!',
    ])
    expect(told({ partners, sourceId: 'fe-edta', jarTests: [jar('urea', 'clear')] })).toEqual([
      'no-jar-test!',
    ])
  })

  it('names the own product where one is taken', () => {
    const [problem] = judgeWork({
      ...lawn,
      productName: 'Green Drum',
      partners: [partner('urea')],
    })
    expect(problem?.words).toMatch(/No jar test of My urea with Green Drum is recorded/)
  })

  it('believes the newest jar', () => {
    const partners = [partner('urea')]
    const jarTests = [jar('urea', 'settles', '2026-05-02'), jar('urea', 'clear')]
    expect(told({ partners, jarTests })).toEqual(['jar-test-failed!'])
    expect(jarTestOf(jarTests, 'fe-dtpa', partner('urea'))?.outcome).toBe('settles')
  })

  it('lets no jar overrule chemistry, and no pesticide in without its label', () => {
    expect(
      told({ partners: [partner('copper', '1 oz')], jarTests: [jar('copper', 'clear')] }),
    ).toEqual(['never-together!'])
    const regulator = {
      partners: [partner('growth-regulator', ' ')],
      jarTests: [jar('growth-regulator', 'clear')],
    }
    expect(told(regulator)).toEqual(['no-label!'])
  })

  it('splits what must be watered in from what must stay on the leaf, or says what waiting costs', () => {
    const both = {
      partners: [partner('root-fungicide', '1 mL')],
      jarTests: [jar('root-fungicide', 'clear')],
    }
    expect(told(both)).toEqual(['placement!'])
    expect(told({ ...both, waterInAfterH: 1 })).toEqual(['placement-accepted'])
    expect(judgeWork({ ...lawn, ...both, waterInAfterH: 1 })[0]?.words).toMatch(
      /60-90 % of the iron/,
    )
    expect(told({ ...both, route: 'soil' })).toEqual([])
  })

  it('says what washing a spray in costs, where nothing in the tank asks for it', () => {
    expect(told({ waterInAfterH: 1 })).toEqual(['washed-off'])
    expect(told({ waterInAfterH: 1, route: 'soil' })).toEqual([])
  })

  it('passes on what stands against a dose', () => {
    const { warnings } = planDose({
      presentMgPerL: 0,
      wantedMgPerL: 2,
      volumeL: 400,
      contentShare: 0.2,
      days: 3,
      hasFish: true,
      isSalt: true,
    })
    expect(
      told({ context: 'aquaponic', route: 'solution', carrierL: 0, doseWarnings: warnings }),
    ).toEqual(['salt-with-fish!'])
  })
})
