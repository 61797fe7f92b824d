import type { Router } from 'vue-router'
import { keepForOutside } from './keep-for-outside.ts'

/** Loads the code of pages that may be opened without signal, while there is some. */
async function loadPages(router: Router | undefined, names: readonly string[]): Promise<void> {
  const pages = (router?.getRoutes() ?? []).filter(({ name }) => names.includes(String(name)))
  for (const { components } of pages) {
    const page = components?.['default']
    // A page that does not come now is asked for again when it is opened.
    if (typeof page === 'function') await (page as () => Promise<unknown>)().catch(() => undefined)
  }
}

/**
 * Keeps what is needed outside: this page, others with their code, and the answers that they are filled from.
 * Where records wait is always among them.
 * @returns whether the browser keeps it
 */
export async function takeAlong(
  router: Router | undefined,
  pages: readonly string[],
  answers: readonly string[],
): Promise<boolean> {
  await loadPages(router, ['waiting', ...pages])
  return keepForOutside(answers)
}
