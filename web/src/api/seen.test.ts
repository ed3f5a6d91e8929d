import { beforeEach, expect, it, vi } from "vitest";

const asked: Request[] = [];
let page = "/jobs/2";
let answers: (() => Response)[] = [];
const reply = (turn: number) =>
  new Response(JSON.stringify({ id: 2 }), { headers: { "Content-Type": "application/json", "X-Turn": String(turn) } });

beforeEach(() => {
  asked.length = 0;
  answers = [];
  page = "/jobs/2";
  vi.resetModules();
  vi.stubGlobal("sessionStorage", { getItem: () => "a page", setItem: () => undefined });
  vi.stubGlobal("location", {
    get pathname() {
      return page;
    },
  });
});

/** The client as the pages have it, before a shop that says this turn with every answer. */
async function client(turn: () => number) {
  vi.stubGlobal("fetch", (request: Request) => {
    asked.push(request);
    return Promise.resolve(answers.shift()?.() ?? reply(turn()));
  });
  const { api } = await import("./client");
  return api;
}

const said = (i: number) => asked[i]?.headers.get("X-Seen");
// The pages lie on the shop’s own address; here there is none.
const at = { baseUrl: "http://127.0.0.1:8080" };
const job = (id: number) => ({ params: { path: { id } }, ...at });

it("tells with a change at which turn its page was told what it shows", async () => {
  let turn = 41;
  const api = await client(() => turn);
  await api.PATCH("/api/jobs/{id}/size", { ...job(2), body: { widthMm: 80 } });
  expect(said(0), "nothing was shown yet").toBeNull();
  turn = 44;
  await api.GET("/api/jobs/{id}", job(2));
  expect(said(1), "looking asks nothing of anybody").toBeNull();
  await api.PATCH("/api/plates/{id}", { ...job(7), body: { name: "Straw" } });
  expect(said(2)).toBe("44");
  expect(asked.every((request) => request.headers.get("X-Page") === "a page")).toBe(true);
});

it("having seen one job vouches for no other, and the shelf for none", async () => {
  let turn = 50;
  const api = await client(() => turn);
  await api.GET("/api/jobs/{id}", job(2));
  turn = 60;
  await api.GET("/api/jobs/{id}", job(3));
  turn = 70;
  await api.GET("/api/shop", at);
  await api.PATCH("/api/jobs/{id}/size", { ...job(2), body: { widthMm: 90 } });
  expect(said(3)).toBe("50");
  page = "/jobs/3";
  await api.PATCH("/api/jobs/{id}/size", { ...job(3), body: { widthMm: 90 } });
  expect(said(4)).toBe("60");
  page = "/inks";
  await api.DELETE("/api/shop/{kind}/{id}", { params: { path: { kind: "inks", id: 2 } }, ...at });
  expect(said(5)).toBe("70");
});

it("never forgets what it has shown for an answer that comes late, and asks it of no step back", async () => {
  let turn = 50;
  const api = await client(() => turn);
  await api.GET("/api/jobs/{id}", job(2));
  turn = 47;
  await api.GET("/api/jobs/{id}", job(2));
  await api.PATCH("/api/jobs/{id}/size", { ...job(2), body: { widthMm: 90 } });
  expect(said(2)).toBe("50");
  await api.POST("/api/undo", at);
  expect(said(3), "a step back minds the others by itself").toBeNull();
});

it("asks a busy shop again with the same words, and gives up on one that is gone", async () => {
  vi.useFakeTimers();
  const api = await client(() => 1);
  const busy = () => new Response("{}", { status: 503, headers: { "Retry-After": "2" } });
  answers = [busy, busy];
  const done = api.PATCH("/api/jobs/{id}/size", { ...job(2), body: { widthMm: 90 } });
  await vi.advanceTimersByTimeAsync(5_000);
  expect((await done).response.status).toBe(200);
  expect(await Promise.all(asked.map((request) => request.text()))).toEqual(Array(3).fill('{"widthMm":90}'));
  asked.length = 0;
  answers = [() => new Response("{}", { status: 503 })];
  expect((await api.GET("/api/shop", at)).response.status).toBe(503);
  expect(asked.length).toBe(1);
  vi.useRealTimers();
});
