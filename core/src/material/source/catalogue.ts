import { aluminiumSulfate } from './data/aluminium-sulfate.ts'
import { ammoniumSulfate } from './data/ammonium-sulfate.ts'
import { dolomite } from './data/dolomite.ts'
import { epsomSalt } from './data/epsom-salt.ts'
import { feDtpa } from './data/fe-dtpa.ts'
import { feEddha } from './data/fe-eddha.ts'
import { feEdta } from './data/fe-edta.ts'
import { feHbed } from './data/fe-hbed.ts'
import { feEddhsa } from './data/fe-eddhsa.ts'
import { feEddhma } from './data/fe-eddhma.ts'
import { feHjb } from './data/fe-hjb.ts'
import { feIdha } from './data/fe-idha.ts'
import { feHedta } from './data/fe-hedta.ts'
import { ferrousAmmoniumSulfate } from './data/ferrous-ammonium-sulfate.ts'
import { ferrousSulfateMonohydrate } from './data/ferrous-sulfate-monohydrate.ts'
import { ferrousSulfate } from './data/ferrous-sulfate.ts'
import { ironCitrate } from './data/iron-citrate.ts'
import { ironGlucoheptonate } from './data/iron-glucoheptonate.ts'
import { ironGranules } from './data/iron-granules.ts'
import { ironHumate } from './data/iron-humate.ts'
import { ironLignosulfonate } from './data/iron-lignosulfonate.ts'
import { ironOxide } from './data/iron-oxide.ts'
import { kieserite } from './data/kieserite.ts'
import { limestone } from './data/limestone.ts'
import { manganeseSulfate } from './data/manganese-sulfate.ts'
import { mnEdta } from './data/mn-edta.ts'
import { needleMulch } from './data/needle-mulch.ts'
import { peatMoss } from './data/peat-moss.ts'
import { sulfurFlour } from './data/sulfur-flour.ts'
import { sulfurGranules } from './data/sulfur-granules.ts'
import { sulfurPrills } from './data/sulfur-prills.ts'
import { urea } from './data/urea.ts'
import { zincSulfate } from './data/zinc-sulfate.ts'
import { znEdta } from './data/zn-edta.ts'
import type { Amendment, IronSource, OtherSource } from './facts/source.ts'

/** Generic forms of iron, no brands: as they are listed where nothing else orders them. */
export const ironForms = [
  ferrousSulfate,
  ferrousSulfateMonohydrate,
  ferrousAmmoniumSulfate,
  feEdta,
  feHedta,
  feDtpa,
  feIdha,
  feEddha,
  feEddhma,
  feEddhsa,
  feHbed,
  feHjb,
  ironCitrate,
  ironGlucoheptonate,
  ironLignosulfonate,
  ironHumate,
  ironOxide,
  ironGranules,
] as const satisfies readonly IronSource[]

/** Generic sources of manganese, zinc and magnesium. */
export const otherForms = [
  manganeseSulfate,
  mnEdta,
  zincSulfate,
  znEdta,
  epsomSalt,
  kieserite,
  dolomite,
] as const satisfies readonly OtherSource[]

/** Generic amendments that move pH. */
export const amendmentForms = [
  sulfurFlour,
  sulfurGranules,
  sulfurPrills,
  ammoniumSulfate,
  urea,
  aluminiumSulfate,
  peatMoss,
  needleMulch,
  limestone,
] as const satisfies readonly Amendment[]
