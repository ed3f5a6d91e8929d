import { expect, test } from "vitest";
import { title } from "./title";

test("a page is called after its place, and its job", () => {
  expect(title("/jobs/4/light", "Harbour Relay")).toBe("Light · Harbour Relay · Ektype");
  expect(title("/jobs/4", "Harbour Relay")).toBe("First pull · Harbour Relay · Ektype");
  expect(title("/jobs/4/art", null)).toBe("Art · Ektype");
  expect(title("/darkroom", null)).toBe("Dark room · Ektype");
  expect(title("/rack/12", null)).toBe("Rack · Ektype");
  expect(title("/meshes", null)).toBe("Meshes · Ektype");
  expect(title("/morning", null)).toBe("First morning · Ektype");
  expect(title("/", null)).toBe("Jobs · Ektype");
});
