/** What a field of a row holds. */
export type FieldKind = 'text' | 'integer' | 'number' | 'boolean' | 'json' | 'day' | 'moment'

export interface FieldSpec {
  readonly name: string
  readonly kind: FieldKind
  readonly isNullable: boolean
  /** Of a text [characters]. */
  readonly longest: number | undefined
  /** Where only some names can stand. */
  readonly names: readonly string[] | undefined
  readonly isId: boolean
}

export interface TableSpec {
  readonly name: string
  readonly fields: readonly FieldSpec[]
}

/** How an archive names itself; a change that an older Spudder cannot read is another version. */
export const archiveFormat = { format: 'spudder-place', version: 3 } as const

/** Files of an archive. */
export const archiveFiles = {
  content: 'archive.json',
  /** When and by whom it was written: the only thing that differs where nothing else does. */
  stamp: 'stamp.json',
  /** A line for each other file, as sha256sum writes and checks them. */
  checksums: 'checksums.sha256',
} as const

export const photoFile = (id: string, type: string): string =>
  `photos/${id}.${type === 'image/png' ? 'png' : 'jpg'}`

type Schema = Readonly<Record<string, unknown>>

function typeOf({ kind, longest, names, isId }: FieldSpec): Schema {
  switch (kind) {
    case 'text':
      if (names) return { type: 'string', enum: [...names] }
      if (isId) return { type: 'string', pattern: '^[0-9a-zA-Z-]{1,36}$' }
      return { type: 'string', ...(longest === undefined ? {} : { maxLength: longest }) }
    case 'integer':
      return { type: 'integer' }
    case 'number':
      return { type: 'number' }
    case 'boolean':
      return { type: 'boolean' }
    case 'json':
      return { type: ['object', 'array'] }
    case 'day':
      return { type: 'string', format: 'date' }
    case 'moment':
      return { type: 'string', format: 'date-time' }
  }
}

function orNull(schema: Schema): Schema {
  const { enum: names, type } = schema as { enum?: readonly unknown[]; type: unknown }
  const types = Array.isArray(type) ? (type as unknown[]) : [type]
  return {
    ...schema,
    type: [...types, 'null'],
    ...(names ? { enum: [...names, null] } : {}),
  }
}

const fieldSchema = (field: FieldSpec): Schema =>
  field.isNullable ? orNull(typeOf(field)) : typeOf(field)

const tableSchema = ({ fields }: TableSpec): Schema => ({
  type: 'array',
  items: {
    type: 'object',
    additionalProperties: false,
    required: fields.map(({ name }) => name),
    properties: Object.fromEntries(fields.map((field) => [field.name, fieldSchema(field)])),
  },
})

/** The published JSON Schema (2020-12) of the content of an archive. */
export const archiveSchema = (tables: readonly TableSpec[]): Schema => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Spudder: everything of a place',
  description:
    'The content of archive.json, version 3; archives of versions 1 and 2 are read too. Amounts are in SI units, as the name of each field says; moments are UTC. Rows stand in the order in which they were stored.',
  type: 'object',
  additionalProperties: false,
  required: ['format', 'version', 'tables', 'photos'],
  properties: {
    format: { const: archiveFormat.format },
    version: { const: archiveFormat.version },
    tables: {
      type: 'object',
      additionalProperties: false,
      required: tables.map(({ name }) => name),
      properties: Object.fromEntries(tables.map((table) => [table.name, tableSchema(table)])),
    },
    photos: {
      type: 'array',
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'file'],
        properties: {
          id: { type: 'string' },
          file: { type: 'string', pattern: '^photos/[0-9a-zA-Z-]{1,36}\\.(jpg|png)$' },
        },
      },
    },
  },
})
