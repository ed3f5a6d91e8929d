/**
 * What the page's address asks for, with one thing changed. The address itself is read: of two touches in quick succession the
 * second does not undo the first.
 */
export const askedWith = (name: string, value: string): Record<string, string> => ({
  ...Object.fromEntries(new URLSearchParams(window.location.search)),
  [name]: value,
});
