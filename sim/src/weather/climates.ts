import type { Climate } from '@spudder/contract/place'

/** What the stand-in's weather is drawn around; made up, plausible, of the northern half of the earth. */
export interface ClimateNormals {
  readonly meanC: number
  /** Half the difference between the warmest and the coldest month [K]. */
  readonly swingC: number
  /** Usual difference between day and night [K]. */
  readonly dayNightC: number
  readonly rainyShare: number
  /** Share of all quarter days that come out wet, counted over ten years of three places. */
  readonly wetSpellShare: number
  readonly rainMm: number
  readonly windMPerS: number
}

export const climateNormals: Readonly<Record<Climate, ClimateNormals>> = {
  temperate: {
    meanC: 10.5,
    swingC: 7,
    dayNightC: 8,
    rainyShare: 0.42,
    wetSpellShare: 0.163,
    rainMm: 4.5,
    windMPerS: 3.8,
  },
  continental: {
    meanC: 9,
    swingC: 13,
    dayNightC: 11,
    rainyShare: 0.3,
    wetSpellShare: 0.093,
    rainMm: 6,
    windMPerS: 3.4,
  },
  mediterranean: {
    meanC: 16,
    swingC: 8,
    dayNightC: 11,
    rainyShare: 0.2,
    wetSpellShare: 0.053,
    rainMm: 8,
    windMPerS: 3.2,
  },
  subtropical: {
    meanC: 20,
    swingC: 7.5,
    dayNightC: 11,
    rainyShare: 0.32,
    wetSpellShare: 0.103,
    rainMm: 9,
    windMPerS: 3,
  },
  tropical: {
    meanC: 26,
    swingC: 2,
    dayNightC: 9,
    rainyShare: 0.42,
    wetSpellShare: 0.163,
    rainMm: 11,
    windMPerS: 2.6,
  },
}
