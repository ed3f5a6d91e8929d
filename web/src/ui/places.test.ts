import { describe, expect, it } from "vitest";
import { jobIn, plateIn, shelves, stageIn, stages } from "./places";

describe("where the reader is", () => {
  it("finds job and stage in the address", () => {
    expect(jobIn("/jobs/12/press")).toBe(12);
    expect(stageIn("/jobs/12/press")).toBe("press");
  });
  it("the pull is no stage", () => expect(stageIn("/jobs/12")).toBeNull());
  it("a stage that nobody knows is none", () => expect(stageIn("/jobs/12/cellar")).toBeNull());
  it("a shelf has no job", () => expect(jobIn("/rack/3")).toBeNull());
  it("takes the plate along", () => {
    expect(plateIn("?plate=4&x=1")).toBe("?plate=4");
    expect(plateIn("")).toBe("");
  });
  it("no two places have one key", () => {
    const keys = [...stages, ...shelves].map((p) => p.key);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
