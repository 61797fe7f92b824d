/**
 * Publications whose figures the model is checked against and was not fitted to. All are recalled from
 * memory, not re-read; a figure that a reader finds otherwise in print is to be put right here.
 */
export const publications = {
  spurway: 'Spurway 1941, Soil reaction preferences of plants, Michigan AES Special Bulletin 306',
  campbell: 'Campbell 2000, Reference sufficiency ranges for the southern region, SCSB 394',
  embletonCitrus:
    'Embleton et al. 1973, Leaf analysis as a diagnostic tool, The Citrus Industry III',
  embletonAvocado: 'Embleton & Jones 1966, Avocado nutrition in California',
  jonesTurf: 'Jones 1980, Turf analysis, Golf Course Management 48:29',
  hansonBlueberry:
    'Hanson & Hancock 1996, Managing the nutrition of highbush blueberries, MSU E-2011',
  stilesReid: 'Stiles & Reid 1991, Orchard nutrition management, Cornell Information Bulletin 219',
  leecePeach:
    'Leece 1976, Diagnosis of nutritional disorders of fruit trees, J. Aust. Inst. Agric. Sci.',
  christensenGrape: 'Christensen, Kasimatis & Jensen 1978, Grapevine nutrition, UC 4087',
  hochmuth: 'Hochmuth et al. 1991, Plant tissue analysis for vegetable crops in Florida, SSVEC 42',
  smithKiwi: 'Smith, Asher & Clark 1987, Kiwifruit nutrition',
  sparksPecan: 'Sparks 1993, Threshold leaf levels of zinc in pecan, HortScience 28:1100',
  ulrichBeet: 'Ulrich & Hills 1967, Principles and practices of plant analysis (sugar beet)',
  ballard: 'Ballard & Carter 1986, Evaluating forest stand nutrient status (conifers)',
  dole: 'Dole & Wilkins 1999, Floriculture: principles and species',
  westermann: 'Westermann 1993, Fertility management, in: Potato health management',
  saxton: 'Saxton & Rawls 2006, SSSAJ 70:1569 (texture classes)',
  aitken: 'Aitken, Moody & McKinley 1990, Aust. J. Soil Res. 28:695',
  smp: 'Shoemaker, McLean & Pratt 1961, SSSA Proc. 25:274',
  clemson: 'Clemson HGIC 1650, Changing the pH of your soil',
  stummMorgan: 'Stumm & Morgan 1996, Aquatic chemistry',
  lucasKnezek: 'Lucas & Knezek 1972, Micronutrients in agriculture, ch. 12',
  norvell: 'Norvell 1991, Reactions of metal chelates in soils and nutrient solutions, SSSA Book 4',
  lucena: 'Lucena 2003, Fe chelates for remediation of Fe chlorosis, J. Plant Nutr. 26:1969',
  yust: 'Yust, Wehner & Fermanian 1984, Agron. J. 76:934',
  carrow: 'Carrow, Waddington & Rieke 2001, Turfgrass soil fertility and chemical problems',
  withee: 'Withee & Carlson 1959, Agron. J. 51:474',
  mortvedt:
    'Mortvedt 1991, Correcting iron deficiencies in annual and perennial plants, Plant Soil 130:273',
  kaiser: 'Kaiser et al. 2014, Agron. J. 106:1963',
  goos: 'Goos & Johnson 2000, Agron. J. 92:1135',
  abadia:
    'Abadía et al. 2011, Towards a knowledge-based correction of Fe chlorosis, Plant Physiol. Biochem. 49:471',
  fisherArgo: 'Argo & Fisher 2002, Understanding pH management for container-grown crops',
  resh: 'Resh 2012, Hydroponic food production',
  rakocy: 'Rakocy, Masser & Losordo 2006, SRAC 454',
  havlin: 'Havlin et al. 2014, Soil fertility and fertilizers',
} as const
export type Publication = keyof typeof publications

/** A printed figure beside ours. */
export interface OutsideCheck {
  readonly publication: Publication
  readonly what: string
  readonly printed: number
  readonly ours: () => number
  /** Ours may be this many times more or less. */
  readonly within: number
  /** Why ours is farther off than that, where it is and stays so. */
  readonly differs?: string | undefined
}
