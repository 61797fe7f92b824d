/** Whether somebody types there, so that a letter is a letter. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [role=combobox]') !== null
