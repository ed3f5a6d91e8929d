import createClient from "openapi-fetch";
import type { components, paths } from "./generated/schema";

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
export type Morning = Shape["FirstQuestions"];
export type FirstAnswers = Shape["FirstAnswers"];
export type Task = Shape["JobTask"];
export type JobChange = Shape["JobPatch"];
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
/** What is done to the tones of a picture. */
export type Tone = Shape["ToneBench"];
export type ToneChange = Shape["TonePatch"];
/** How a picture in many inks is printed. */
export type Mix = Shape["MixBench"];
export type MixChange = Shape["MixPatch"];
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

export const api = createClient<paths>({ baseUrl: "", headers: { "X-Page": page } });

/** The turn of the shop at which the head that is shown was told. */
let seen: number | undefined;
const HEAD = /\/api\/jobs\/\d+$/;
// What another page has changed since is not changed again unseen: the shop is told what this page shows.
api.use({
  onRequest({ request }) {
    const path = new URL(request.url).pathname;
    if (seen !== undefined && request.method !== "GET" && /^\/api\/(jobs|plates)\/\d/.test(path)) {
      request.headers.set("X-Seen", String(seen));
    }
  },
  async onResponse({ request, response }) {
    if (!response.ok || !HEAD.test(new URL(request.url).pathname)) return;
    const head = (await response.clone().json()) as { turn?: number };
    if (typeof head.turn === "number") seen = Math.max(seen ?? 0, head.turn);
  },
});

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
  } catch {
    throw new Problem("Ektype does not answer. Nothing was changed; look whether its program is still running.", "");
  }
  if (given.data !== undefined) return given.data;
  const problem = given.error as { detail?: string; errors?: { field?: string }[] } | undefined;
  throw new Problem(problem?.detail ?? "That did not work. Nothing was changed.", problem?.errors?.[0]?.field ?? "");
}
