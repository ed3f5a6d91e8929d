import createClient from "openapi-fetch";
import type { components, paths } from "./generated/schema";

export type Job = components["schemas"]["JobView"];
export type JobSummary = components["schemas"]["JobSummaryView"];
export type Plate = components["schemas"]["PlateView"];
export type Figure = components["schemas"]["FigureView"];
export type Shop = components["schemas"]["ShopView"];
export type Press = components["schemas"]["PressView"];
export type Task = components["schemas"]["TaskView"];
export type JobChange = components["schemas"]["JobChange"];
export type PlateChange = components["schemas"]["PlateChange"];
export type MarkPlace = components["schemas"]["MarkPlaceView"];
type Body<T> = T extends { requestBody: { content: { "application/json": infer B } } } ? B : never;
export type FrameChange = Body<paths["/api/frames/{id}"]["patch"]>;
export type CoatTold = Body<paths["/api/frames/{id}/coat"]["post"]>;
export type CameOff = Body<paths["/api/frames/{id}/reclaim"]["post"]>["came"];
export type Stretched = Body<paths["/api/frames/{id}/stretch"]["post"]>;
export type RoomTold = Body<paths["/api/darkroom/room"]["patch"]>;
export type Stencil = components["schemas"]["StencilView"];
export type Room = components["schemas"]["RoomView"];

export const api = createClient<paths>({ baseUrl: "" });

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
