import createClient from "openapi-fetch";
import type { components, paths } from "./generated/schema";
import { noteSeen, seenHere } from "./seen";

type Shape = components["schemas"];

/** The head of a job, as every page of it has it. */
export type Job = Shape["JobHead"];
export type JobSummary = Shape["JobOnShelf"];
/** A strip of the stack. */
export type Plate = Shape["Strip"];
export type Readout = Shape["Readout"];
export type Figure = Shape["Figure"];
export type Mesh = Shape["Mesh"];
export type Shop = Shape["ShopShelves"];
export type Press = Shape["PressOnShelf"];
export type ColourSign = Shape["ColourSign"];
export type Morning = Shape["FirstQuestions"];
export type FirstAnswers = Shape["FirstAnswers"];
export type Task = Shape["JobTask"];
/** What can be told of a job: each stage has its own part of it. */
export type JobChange = Shape["JobPatch"] &
  Shape["OrderPatch"] &
  Shape["SizePatch"] &
  Shape["ColourPatch"] &
  Shape["MethodTaken"] &
  Shape["ToolsPatch"] &
  Shape["FilmsPatch"] &
  Shape["LightPatch"] &
  Shape["PressPatch"];
export type PlateChange = Shape["PlatePatch"];
export type MarkPlace = Shape["RegistrationMark"];
export type FrameChange = Shape["FramePatch"];
export type CoatTold = Shape["Coated"];
export type CameOff = Shape["Came"];
export type Stretched = Shape["Stretched"];
export type RoomTold = Shape["RoomPatch"];
export type Stencil = Shape["StencilNow"];
export type Room = Shape["Room"];
export type Trade = Shape["TradeLists"];
export type Holding = Shape["Holding"];

export type MethodOffer = Shape["MethodOffer"];
/** By what a job is separated: each method has a plan of its own. */
export type Plan = Shape["ArtBench"]["plan"];
type PlanBy<M extends Plan["method"]> = Extract<Plan, { method: M }>;
/** Something that can be chosen in a plan, as it is declared. */
export type PlanField = Shape["PlanField"];
/** Of a picture in tones. */
export type Tonal = Exclude<Plan, { method: "spot" }>;
/** Whose inks are chosen from the shelf. */
export type ByShelf = PlanBy<"simulated" | "index">;
/** A change to a plan: what is absent stays, null goes back to automatic. */
export type PlanChange = paths["/api/jobs/{id}/plan"]["patch"]["requestBody"]["content"]["application/json"];
/** What is done to the tones of a picture. */
export type ToneWork = Tonal["work"];
export type WorkChange = Shape["ToneWorkPatch"];
export type InkCount = Shape["InkCount"];
export type TriedInks = Shape["TriedInks"];
export type Care = "side by side" | "usual" | "giveaway";
/** What the scan of a gain chart says. */
export type ChartSeen = Shape["ChartSeen"];
/** What each stage shows besides the head. */
export type Benches = {
  art: Shape["ArtBench"];
  plates: Shape["PlatesBench"];
  films: Shape["FilmsBench"];
  screens: Shape["ScreensBench"];
  light: Shape["LightBench"];
  press: Shape["PressBench"];
  run: Shape["RunBench"];
};
export type Stage = keyof Benches;
type OnBench<S extends Stage> = Benches[S] extends { plates: (infer P)[] } ? P : unknown;
/** A plate as a stage sees it: its strip and what lies on the bench. */
export type PlateOn<S extends Stage> = Omit<Plate, keyof OnBench<S>> & OnBench<S>;
/** The job as a stage sees it. */
export type JobOn<S extends Stage> = Omit<Job, "plates"> & Omit<Benches[S], "plates"> & { plates: PlateOn<S>[] };

/** Lays a bench beside the head; a plate that is new on one of them waits for the other. */
export function laid<S extends Stage>(head: Job, bench: Benches[S]): JobOn<S> {
  const on = new Map(("plates" in bench ? bench.plates : head.plates).map((p) => [p.id, p]));
  const plates = head.plates.filter((p) => on.has(p.id)).map((p) => ({ ...p, ...on.get(p.id) }));
  return { ...head, ...bench, plates } as unknown as JobOn<S>;
}

/** This page by a name of its own: undo takes back what was done from it. A page that is loaded anew stays the same. */
const page = (() => {
  const kept = sessionStorage.getItem("page");
  const name = kept ?? Math.random().toString(36).slice(2, 12) + Date.now().toString(36);
  if (kept === null) sessionStorage.setItem("page", name);
  return name;
})();

/** The header that says at which turn of the shop what is changed was told. */
export const SEEN = "X-Seen";
export const api = createClient<paths>({
  baseUrl: "",
  headers: { "X-Page": page },
  fetch: (request) => patiently(request),
  bodySerializer: (body) => written(body),
});

/** As JSON; a number that could not be read is never sent as nothing. */
export function written(body: unknown): string {
  return JSON.stringify(body, (name, value) => {
    if (typeof value === "number" && !Number.isFinite(value))
      throw new Problem(
        `What was typed for “${name}” is not a number. Nothing was kept; write it in digits, such as 16.5.`,
        name,
      );
    return value;
  });
}

/** Steps back and forth mind what others did by themselves; to try or to read something changes nothing. */
const MINDS_ITSELF = /^\/api\/(undo|redo|door|now|drawdown|practice)$/;
/** So often a shop that is busy is asked again, and so long between, ms. */
const TRIES = 12;
const BETWEEN_MS = 2_000;
const BUSY = [429, 503];
/** What is only looked at may be asked again of a server that is just starting, too. */
const STARTING = 502;

api.use({
  onRequest({ request }) {
    const path = new URL(request.url).pathname;
    const turn = seenHere();
    // What another page has changed since is not changed again unseen: the shop is told what this page shows.
    if (turn !== undefined && request.method !== "GET" && !MINDS_ITSELF.test(path) && !request.headers.has(SEEN))
      request.headers.set(SEEN, String(turn));
  },
  onResponse({ request, response }) {
    const turn = response.headers.get("X-Turn");
    if (response.ok && turn !== null) noteSeen(new URL(request.url).pathname, Number(turn));
  },
});

/** A shop that says it is busy has done nothing: it is asked again, for a while, before anybody is troubled. */
async function patiently(request: Request): Promise<Response> {
  for (let tried = 1; ; tried += 1) {
    const again = request.clone();
    const response = await fetch(request);
    const waits = BUSY.includes(response.status) || (request.method === "GET" && response.status === STARTING);
    if (!waits || response.headers.get("Retry-After") === null || tried >= TRIES) return response;
    await new Promise((done) => setTimeout(done, BETWEEN_MS));
    request = again;
  }
}

/** What went wrong, as problem details tell it. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly field: string,
  ) {
    super(message);
  }
}

type Answered<T> = { data?: T; error?: unknown };

/** Gives the answer, or throws its problem as a plain sentence. */
export async function answer<T>(call: Promise<Answered<T>>): Promise<T> {
  let given: Answered<T>;
  try {
    given = await call;
  } catch (broke) {
    if (broke instanceof Problem) throw broke;
    throw new Problem("Ektype does not answer. Nothing was changed; look whether its program is still running.", "");
  }
  if (given.data !== undefined) return given.data;
  const problem = given.error as { detail?: string; errors?: { field?: string }[] } | undefined;
  throw new Problem(problem?.detail ?? "That did not work. Nothing was changed.", problem?.errors?.[0]?.field ?? "");
}
