import { answer, api, type Job, type JobChange } from "./client";

/** Where each thing that can be told of a job belongs. */
const HOMES = [
  ["", ["name", "customer", "place", "dueOn", "care", "notes"]],
  ["/order", ["substrate", "garment", "garmentName", "garmentHex", "quantity", "lines"]],
  ["/size", ["widthMm", "heightMm", "acrossMm", "dropMm", "framing"]],
  [
    "/colours",
    [
      "merge",
      "leaveOpen",
      "printAgain",
      "split",
      "lock",
      "highlight",
      "onBase",
      "overprint",
      "tint",
      "thicken",
      "baseFrom",
      "base",
    ],
  ],
  ["/method", ["method"]],
  ["/tools", ["pressId", "lampId", "emulsionId"]],
  ["/films", ["filmPrinterId", "filmFormats", "stepWedge", "filmMirrored", "filmNegative", "filmCopies"]],
  ["/light", ["oneTime", "withoutFilm"]],
  ["/press", ["pull", "registerWay", "seamMm", "toleranceMm", "toleranceFollowsPlates", "order", "keyPlateId"]],
] as const;

/** Tells the shop something of a job, each part where it belongs, one after the other; the last answer stands. */
export async function tell(id: number, change: JobChange): Promise<Job> {
  let job: Job | undefined;
  for (const [home, fields] of HOMES) {
    const here = Object.fromEntries(Object.entries(change).filter(([name]) => fields.some((one) => one === name)));
    if (Object.keys(here).length === 0) continue;
    job = await answer(api.PATCH(`/api/jobs/{id}${home}`, { params: { path: { id } }, body: here as never }));
  }
  if (job === undefined) throw new Error("The change names nothing of the job, so nothing was changed.");
  return job;
}
