export * from './schema/places.ts'
export * from './schema/stands.ts'
export * from './schema/work.ts'
export * from './schema/watch.ts'
