/** The stages of the work and the shop's shelves, each with its key. */
export const stages = [
  { id: "art", name: "Art", key: "a" },
  { id: "plates", name: "Plates", key: "p" },
  { id: "films", name: "Films", key: "f" },
  { id: "screens", name: "Screens", key: "s" },
  { id: "light", name: "Light", key: "t" },
  { id: "press", name: "Press", key: "r" },
  { id: "run", name: "Run", key: "w" },
] as const;

export const shelves = [
  { id: "jobs", name: "Jobs", key: "j" },
  { id: "rack", name: "Rack", key: "k" },
  { id: "darkroom", name: "Dark room", key: "d" },
  { id: "inks", name: "Inks", key: "i" },
  { id: "lamps", name: "Lamps", key: "m" },
  { id: "presses", name: "Presses", key: "e" },
] as const;

/** The job in the address, if there is one. */
export function jobIn(path: string): number | null {
  const found = /^\/jobs\/(\d+)/.exec(path);
  return found ? Number(found[1]) : null;
}

/** Pages that belong to a shelf without bearing its name. */
const OF_SHELF: Record<string, string> = { "": "jobs", meshes: "rack", "step-test": "lamps" };

/** Where undo is asked for: a job, or a shelf; empty where neither is at hand. */
export function handPlace(path: string): string {
  const job = jobIn(path);
  if (job !== null) return `job-${job}`;
  const first = path.split("/")[1] ?? "";
  const shelf = OF_SHELF[first] ?? first;
  return shelves.some((one) => one.id === shelf) ? shelf : "";
}

/** The stage in the address; none while the pull is open. */
export function stageIn(path: string) {
  const found = /^\/jobs\/\d+\/(\w+)/.exec(path)?.[1];
  return stages.find((s) => s.id === found)?.id ?? null;
}

/** The plate at hand goes along from stage to stage. */
export function plateIn(search: string): string {
  const plate = new URLSearchParams(search).get("plate");
  return plate ? `?plate=${plate}` : "";
}
