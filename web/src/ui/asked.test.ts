import { afterEach, describe, expect, it, vi } from "vitest";
import { askedWith } from "./asked";

describe("what an address asks for", () => {
  afterEach(() => vi.unstubAllGlobals());
  it("keeps what was asked a moment ago", () => {
    vi.stubGlobal("window", { location: { search: "?plate=3" } });
    expect(askedWith("look", "shifts")).toEqual({ plate: "3", look: "shifts" });
    vi.stubGlobal("window", { location: { search: "?plate=3&look=shifts" } });
    expect(askedWith("plate", "4")).toEqual({ plate: "4", look: "shifts" });
  });
});
