/** Caches of a browser as far as they are used here, filled by what fetches. */
export function cacheStub(fetches: (path: string) => Promise<Response>) {
  const all = new Map<string, Map<string, Response>>()
  const pathOf = (of: Request | string): string => {
    const { pathname, search } = new URL(typeof of === 'string' ? of : of.url, location.origin)
    return pathname + search
  }
  const open = (name: string) => {
    const held = all.get(name) ?? new Map<string, Response>()
    all.set(name, held)
    return Promise.resolve({
      // All or none, as browsers do it.
      addAll: async (paths: readonly string[]) => {
        const answers = await Promise.all(paths.map(async (path) => [path, await fetches(path)] as const)) // prettier-ignore
        for (const [path, answer] of answers) held.set(pathOf(path), answer)
      },
      put: (of: Request | string, answer: Response) =>
        Promise.resolve(void held.set(pathOf(of), answer)),
      match: (of: Request | string) => Promise.resolve(held.get(pathOf(of))?.clone()),
      delete: (of: Request | string) => Promise.resolve(held.delete(pathOf(of))),
      keys: () =>
        Promise.resolve([...held.keys()].map((path) => ({ url: location.origin + path }))),
    })
  }
  return { caches: { open }, kept: (name: string) => [...(all.get(name)?.keys() ?? [])] }
}
