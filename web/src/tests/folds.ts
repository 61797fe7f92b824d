import { flushPromises, type DOMWrapper, type VueWrapper } from '@vue/test-utils'

type Part = DOMWrapper<Element> | VueWrapper

/** The folds of a part of a page. */
export const foldsOf = (part: Part): DOMWrapper<Element>[] => part.findAll('.fold')

/** Opens what a person opens by pressing its heading. */
export async function unfold(fold: DOMWrapper<Element> | undefined): Promise<void> {
  if (!fold) throw new Error('no such fold')
  await fold.find('.fold-head').trigger('click')
  await flushPromises()
}

/** Whether what is under the heading is on view. */
export const isUnfolded = (fold: DOMWrapper<Element>): boolean =>
  fold.find('.fold-head').attributes('aria-expanded') === 'true'
