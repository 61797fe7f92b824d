/** What too much of something does: said where it is near, and where it stops. */
export const hazards = {
  'leaf burn': 'leaves burn and spot',
  blackening: 'grass blackens',
  'root burn': 'salt burns roots',
  'iron overload': 'iron builds up and pushes manganese out of the plant',
  'seedling burn': 'salt and metal beside the seed keep it from coming up',
  'build-up': 'it stays in the ground for years',
  'toxic solution': 'roots take up more than the plant bears',
  fish: 'fish and the filter are harmed',
  cost: 'it does nothing more, stains, and costs',
} as const
export type Hazard = keyof typeof hazards
