import { existsSync, readdirSync } from 'node:fs'
import { resolve } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

const root = resolve('core/src')
const rooms = readdirSync(root)
  .flatMap((wing) => readdirSync(`${root}/${wing}`).map((room) => `${root}/${wing}/${room}`))
  .map((room) => `${room}/index.ts`)
  .filter((file) => existsSync(file))

const program = ts.createProgram(rooms, {
  target: ts.ScriptTarget.ES2023,
  module: ts.ModuleKind.ESNext,
  moduleResolution: ts.ModuleResolutionKind.Bundler,
  allowImportingTsExtensions: true,
  noEmit: true,
  strict: true,
  skipLibCheck: true,
})
const checker = program.getTypeChecker()

/** Functions that a room lets others call, each with where it is written. */
function functionsOf(room: string): readonly [ts.Symbol, ts.Declaration, ts.Signature][] {
  const source = program.getSourceFile(room)
  const module = source && checker.getSymbolAtLocation(source)
  if (!module) throw new Error(`${room} is no module`)
  return checker.getExportsOfModule(module).flatMap((exported) => {
    const symbol =
      exported.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(exported) : exported
    const written = symbol.valueDeclaration
    if (!written?.getSourceFile().fileName.startsWith(root)) return []
    const [signature] = checker.getTypeOfSymbolAtLocation(symbol, written).getCallSignatures()
    return signature ? [[symbol, written, signature]] : []
  })
}

const isNumber = (type: ts.Type): boolean =>
  /^(readonly )?number(\[\])?( \| undefined)?$/.test(checker.typeToString(type))
const mayThrow = /throw new CoreError|\brequire[A-Z]\w*\(|\bfind(Source|IronSource|Plant|Partner)\(/

/** What a function does not say of itself. */
function unsaidBy(written: ts.Declaration, signature: ts.Signature): readonly string[] {
  const host = ts.isVariableDeclaration(written) ? written.parent.parent : written
  const text = written.getSourceFile().text
  const said =
    (ts.getLeadingCommentRanges(text, host.getFullStart()) ?? [])
      .map(({ pos, end }) => text.slice(pos, end))
      .findLast((comment) => comment.startsWith('/**')) ?? ''
  const takesNumber = signature.parameters.some((parameter) =>
    isNumber(checker.getTypeOfSymbolAtLocation(parameter, written)),
  )
  const hasUnit = /\[[^\]]+\]/.test(said)
  return [
    said === '' ? 'what it does' : '',
    (takesNumber || isNumber(signature.getReturnType())) && !hasUnit ? 'its units' : '',
    mayThrow.test(host.getText()) && !said.includes('@throws') ? 'its errors' : '',
  ].filter((each) => each !== '')
}

describe('what a room of the core lets others call', () => {
  it('says what it does, in which units, and what it throws', () => {
    const all = rooms.flatMap((room) => functionsOf(room))
    expect(all.length).toBeGreaterThan(250)
    const unsaid = all.flatMap(([symbol, written, signature]) =>
      unsaidBy(written, signature).map((what) => `${symbol.name}: ${what}`),
    )
    expect(unsaid).toEqual([])
  })
})
