/**
 * What this page has seen, thing by thing: at which turn of the shop each was told to it. A change says the turn of what is
 * shown where it is made; having seen one job vouches for no other.
 */
const told = new Map<string, number>();

/** What a look at an address shows. */
function shows(path: string): string | null {
  const [, what, id] = /^\/api\/(jobs|frames|lamps|shop|darkroom)(?:\/(\d+))?$/.exec(path) ?? [];
  return what === undefined ? null : id === undefined ? what : `${what} ${id}`;
}

/** What the page that is open shows; a shelf shows what the shop told of all its shelves. */
function shown(page: string): string {
  const [, place, id] = /^\/(jobs|rack|lamps|darkroom)(?:\/(\d+))?/.exec(page) ?? [];
  if (place === "rack") return id === undefined ? "shop" : `frames ${id}`;
  if (place === "lamps") return id === undefined ? "shop" : `lamps ${id}`;
  if (place === "darkroom") return "darkroom";
  if (place === "jobs" || page === "/") return id === undefined ? "jobs" : `jobs ${id}`;
  return "shop";
}

/** Notes what an answer has shown. An answer that comes late makes nobody forget. */
export function noteSeen(path: string, turn: number) {
  const thing = shows(path);
  if (thing !== null && Number.isFinite(turn)) told.set(thing, Math.max(told.get(thing) ?? 0, turn));
}

/** The turn at which what stands on this page was told; undefined before anything was. */
export const seenHere = (page = location.pathname) => told.get(shown(page));
