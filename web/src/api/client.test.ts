import { beforeAll, describe, expect, it, vi } from "vitest";
import type { Benches, Job } from "./client";

vi.stubGlobal("sessionStorage", { getItem: () => "a page", setItem: () => undefined });

let client: typeof import("./client");
beforeAll(async () => {
  client = await import("./client");
});

describe("a bench beside the head", () => {
  const head = {
    id: 1,
    turn: 4,
    plates: [
      { id: 7, name: "Base", light: { value: 10 } },
      { id: 8, name: "Straw", light: { value: 12 } },
    ],
  } as unknown as Job;

  it("goes by plate, whatever the order on the bench", () => {
    const bench = {
      toleranceSet: true,
      marks: [],
      plates: [
        { id: 8, register: null },
        { id: 7, register: null },
      ],
    };
    const job = client.laid<"press">(head, bench as unknown as Benches["press"]);
    expect(job.plates.map((p) => [p.id, p.name])).toEqual([
      [7, "Base"],
      [8, "Straw"],
    ]);
    expect(job.toleranceSet).toBe(true);
  });
  it("leaves out a plate that only one of them knows", () => {
    const bench = { toleranceSet: false, marks: [], plates: [{ id: 8, register: null }] };
    expect(client.laid<"press">(head, bench as unknown as Benches["press"]).plates.map((p) => p.id)).toEqual([8]);
  });
  it("a bench without plates of its own keeps those of the head", () =>
    expect(client.laid<"run">(head, { witnesses: [] } as unknown as Benches["run"]).plates).toHaveLength(2));
});

describe("an answer", () => {
  it("gives its data", async () => expect(await client.answer(Promise.resolve({ data: 3 }))).toBe(3));
  it("throws its problem as a sentence at its field", async () => {
    const refused = { error: { detail: "Too wide.", errors: [{ field: "widthMm" }] } };
    await expect(client.answer(Promise.resolve(refused))).rejects.toMatchObject({
      message: "Too wide.",
      field: "widthMm",
    });
  });
  it("says when nobody answers", async () =>
    await expect(client.answer(Promise.reject(new Error("offline")))).rejects.toThrow("Ektype does not answer"));
});

it("a number that could not be read is refused, never sent as nothing", () => {
  expect(client.written({ lowS: 14, names: ["a"], none: null })).toBe('{"lowS":14,"names":["a"],"none":null}');
  for (const value of [Number.NaN, Number.POSITIVE_INFINITY]) {
    expect(() => client.written({ strips: [{ bestS: value }] })).toThrow(client.Problem);
    expect(() => client.written({ strips: [{ bestS: value }] })).toThrow("“bestS” is not a number");
  }
});
