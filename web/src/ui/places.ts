/** The stages of the work and the shop's shelves, each with its key. */
export const stages = [
  { id: "art", name: "Art", key: "a" },
  { id: "plates", name: "Plates", key: "p" },
  { id: "films", name: "Films", key: "f" },
  { id: "screens", name: "Screens", key: "s" },
  { id: "light", name: "Light", key: "t" },
  { id: "press", name: "Press", key: "r" },
  { id: "run", name: "Run", key: "w" },
  { id: "after", name: "After", key: "g" },
] as const;

export const shelves = [
  { id: "jobs", name: "Jobs", key: "j" },
  { id: "days", name: "Days", key: "y" },
  { id: "rack", name: "Rack", key: "k" },
  { id: "darkroom", name: "Dark room", key: "d" },
  { id: "inks", name: "Inks", key: "i" },
  { id: "lamps", name: "Lamps", key: "m" },
  { id: "presses", name: "Presses", key: "e" },
] as const;

type Deed = { what: string; to: string; also?: string };

/** What is done at a job, by the words that somebody would look for, and where; addresses follow that of the job. */
export const jobDeeds: Deed[] = [
  { what: "Work order", to: "/run?look=order", also: "print sheet heads pieces sizes" },
  { what: "Size and place of the print", to: "/art", also: "width height garment colour customer due" },
  { what: "Proof", to: "/art?look=print", also: "customer approve picture" },
  { what: "Write and download the films", to: "/films", also: "positives zip pdf" },
  { what: "Choose frames", to: "/screens?look=frame", also: "rack set screen" },
  { what: "Choose mesh", to: "/screens?look=mesh", also: "count threads" },
  { what: "Coat", to: "/screens?look=stencil", also: "emulsion trough stencil eom damp" },
  { what: "Halftone on mesh", to: "/screens?look=pattern", also: "moire moiré ruling angle" },
  { what: "Burn", to: "/light", also: "expose exposure time seconds lamp" },
  { what: "Look at the sink", to: "/light?look=sink", also: "wash rinse develop" },
  { what: "Set up the press", to: "/press?look=set-up", also: "off-contact squeegee angle stroke" },
  { what: "Print order", to: "/press?look=order", also: "sequence flash" },
  {
    what: "Read a strike-off",
    to: "/press?look=strike-off",
    also: "register registration marks knobs turns test print scan",
  },
  { what: "Count the run", to: "/run?look=count", also: "pieces tally misprint box sizes" },
  { what: "Judge the strike-off", to: "/run?look=judge", also: "approve colour hand opacity" },
  { what: "After the run", to: "/after", also: "clean reclaim file films notes learned" },
  { what: "Cure", to: "/run?look=cure", also: "dryer belt probe heat" },
  { what: "Estimate and quote", to: "/quote", also: "price cost money" },
  { what: "Flash and rhythm", to: "/press?look=flash", also: "cure dwell minutes pace" },
];

/** What is done in the shop, the same way. */
export const shopDeeds: Deed[] = [
  { what: "New job", to: "/jobs", also: "picture art drop" },
  { what: "Step test", to: "/step-test", also: "exposure strips light time" },
  { what: "Practise on the virtual press", to: "/presses/practice", also: "register knobs learn" },
  { what: "Read a frame’s tension", to: "/rack", also: "gauge newton" },
  { what: "Add frames", to: "/rack", also: "stretch mesh new" },
  { what: "Meshes that are woven", to: "/meshes", also: "catalogue count thread opening" },
  { what: "Coat and dry screens", to: "/darkroom", also: "plan air humidity" },
  { what: "Devices of the network", to: "/devices", also: "tablet phone pass-phrase" },
];

/** The job in the address, if there is one. */
export function jobIn(path: string): number | null {
  const found = /^\/jobs\/(\d+)/.exec(path);
  return found ? Number(found[1]) : null;
}

/** Pages that belong to a shelf without bearing its name. */
const OF_SHELF: Record<string, string> = { "": "jobs", days: "jobs", meshes: "rack", "step-test": "lamps" };

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
