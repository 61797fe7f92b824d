// A thread begins as plain JavaScript: it learns to read TypeScript, then becomes the reader.
import { register } from 'tsx/esm/api'

register()
await import('./reader.ts')
