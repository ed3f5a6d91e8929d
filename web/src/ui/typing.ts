/** Whether a key belongs to what is being written; a tick or a slider writes nothing. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !["checkbox", "radio"].includes(target.type);
  return target instanceof HTMLSelectElement || target instanceof HTMLTextAreaElement;
}
