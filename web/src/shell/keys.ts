/** True while letters belong to a field or a chord belongs to the browser, so that one-key actions keep quiet. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target
  const inField =
    target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null
  return inField || event.ctrlKey || event.metaKey || event.altKey
}
