import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './processes.ts'

/** What the screens are made of. */
export interface InterfaceCounts {
  /** How often each component of the library stands in a template. */
  readonly components: ReadonlyMap<string, number>
  /** Native controls outside web/src/ui, where they belong. */
  readonly nativeControls: readonly string[]
  /** Lines of styles, in the components and in the one sheet of all. */
  readonly styleLines: number
}

const native = /<(button|details|summary|table|input|fieldset|dialog|select|textarea)[\s>/]/g

/** The names that a file takes from the library. */
function taken(script: string): readonly string[] {
  const [, names = ''] = /import \{([^}]*)\} from 'ant-design-vue'/.exec(script) ?? []
  return names
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '' && !name.startsWith('type '))
}

/** Reads every component of the web and counts what it is made of. */
export function countInterface(): InterfaceCounts {
  const components = new Map<string, number>()
  const nativeControls: string[] = []
  let styleLines = readFileSync(join(root, 'web/src/ui/base.css'), 'utf8').split('\n').length
  const folder = join(root, 'web/src')
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  for (const file of files.filter((name) => name.endsWith('.vue'))) {
    const source = readFileSync(join(folder, file), 'utf8')
    const template = source.slice(source.indexOf('<template>'))
    for (const name of taken(source)) {
      const uses = template.match(new RegExp(`<${name}[\\s>/]`, 'g'))?.length ?? 0
      if (uses > 0) components.set(name, (components.get(name) ?? 0) + uses)
    }
    if (!file.startsWith('ui/')) {
      for (const [, element] of template.matchAll(native))
        nativeControls.push(`${file}: ${element}`)
    }
    for (const [, css = ''] of source.matchAll(/<style scoped>([\s\S]*?)<\/style>/g)) {
      styleLines += css.split('\n').length - 2
    }
  }
  return { components, nativeControls, styleLines }
}
