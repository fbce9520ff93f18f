/** Puts the focus on what is chosen in a small form, or else on its first field or button. */
export function focusFirst(within: HTMLElement | null): void {
  const chosen = within?.querySelector<HTMLElement>('input:checked');
  (chosen ?? within?.querySelector<HTMLElement>('input, button, textarea, select'))?.focus();
}
