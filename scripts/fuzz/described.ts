/** The parts of an OpenAPI description that requests are made from. */
export interface Schema {
  readonly $ref?: string
  readonly type?: string
  readonly format?: string
  readonly enum?: readonly unknown[]
  readonly minimum?: number
  readonly maximum?: number
  readonly minLength?: number
  readonly maxLength?: number
  readonly maxItems?: number
  readonly minItems?: number
  readonly items?: Schema
  readonly properties?: Readonly<Record<string, Schema>>
  readonly required?: readonly string[]
  readonly oneOf?: readonly Schema[]
  readonly anyOf?: readonly Schema[]
}
interface Parameter {
  readonly name: string
  readonly in: 'path' | 'query'
}
export interface Operation {
  readonly parameters: readonly Parameter[]
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema: Schema }>> }
  readonly responses: Readonly<
    Record<string, { readonly content?: Readonly<Record<string, { readonly schema: Schema }>> }>
  >
}
export interface Description {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> }
}

/** Ids that there are, by the name of the parameter that they stand for. */
export type KnownIds = Readonly<Record<string, readonly string[]>>
