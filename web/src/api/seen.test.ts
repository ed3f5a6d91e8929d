import { beforeEach, expect, it, vi } from "vitest";

const asked: Request[] = [];
const reply = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { "Content-Type": "application/json" } });

beforeEach(() => {
  asked.length = 0;
  vi.resetModules();
  vi.stubGlobal("sessionStorage", { getItem: () => "a page", setItem: () => undefined });
});

/** The client as the pages have it, before a shop that answers every head with this turn. */
async function client(turn: () => number) {
  vi.stubGlobal("fetch", (request: Request) => {
    asked.push(request);
    return Promise.resolve(reply({ id: 2, turn: turn() }));
  });
  const { api } = await import("./client");
  // The pages lie on the shop’s own address; here there is none.
  return api;
}

const said = (i: number) => asked[i]?.headers.get("X-Seen");
const at = { baseUrl: "http://127.0.0.1:8080" };
const two = { params: { path: { id: 2 } }, ...at };

it("tells with a change which turn of the shop the page shows", async () => {
  let turn = 41;
  const api = await client(() => turn);
  await api.PATCH("/api/jobs/{id}", { ...two, body: { widthMm: 80 } });
  expect(said(0), "nothing was shown yet").toBeNull();
  turn = 44;
  await api.GET("/api/jobs/{id}", two);
  expect(said(1), "looking asks nothing of anybody").toBeNull();
  await api.PATCH("/api/jobs/{id}", { ...two, body: { widthMm: 90 } });
  expect(said(2)).toBe("44");
  await api.PATCH("/api/plates/{id}", { ...two, body: { name: "Straw" } });
  expect(said(3)).toBe("44");
  expect(asked.every((request) => request.headers.get("X-Page") === "a page")).toBe(true);
});

it("never forgets what it has shown for an answer that comes late, and asks it of jobs and plates only", async () => {
  let turn = 50;
  const api = await client(() => turn);
  await api.GET("/api/jobs/{id}", two);
  turn = 47;
  await api.GET("/api/jobs/{id}", two);
  await api.PATCH("/api/jobs/{id}", { ...two, body: { widthMm: 90 } });
  expect(said(2)).toBe("50");
  await api.POST("/api/undo", at);
  expect(said(3), "a step back minds the others by itself").toBeNull();
});
