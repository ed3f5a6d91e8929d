import { readFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { grave } from "./axe";
import { expect, type Page, test } from "./shop";
import { readPng } from "./picture";

const views = ["/jobs", "/jobs/1", "/jobs/2", "/jobs/2/art", "/jobs/2/plates", "/jobs/2/plates?look=holds&plate=4", "/jobs/2/plates?look=shifts&plate=3", "/jobs/2/plates?look=buys", "/jobs/3/plates?look=holds&plate=8", "/jobs/2/films", "/jobs/1/films", "/jobs/2/screens?plate=2", "/jobs/3/screens?plate=6&look=mesh", "/jobs/3/screens?plate=7&look=stencil", "/jobs/2/screens?plate=2&look=pattern", "/jobs/2/light", "/jobs/3/light?plate=6",  "/jobs/2/press?plate=3", "/jobs/2/press?look=set-up&plate=2", "/jobs/2/press?look=order", "/jobs/2/press?look=flash", "/jobs/2/run", "/jobs/2/run?look=count", "/jobs/2/run?look=judge", "/jobs/2/run?look=cure", "/jobs/2/after", "/jobs/2/quote", "/days", "/jobs/4", "/jobs/4/art", "/jobs/4/plates?look=holds", "/jobs/5/art?look=inks", "/jobs/6/art", "/jobs/8/plates", "/jobs/7/plates?look=shifts", "/rack", "/rack/13", "/rack/27", "/meshes", "/darkroom", "/inks", "/lamps", "/lamps/2", "/step-test", "/presses/practice", "/presses", "/jobs/1/run"];

/** A few views a test: one that is tried again does not begin with all of them. */
const some = [0, 1, 2, 3].map((part) => views.filter((_, i) => i % 4 === part));

/** What is touched and is not large enough for a wet hand, and how far the page runs over its right edge. */
const small = (page: Page) =>
  page.evaluate(() => [
    ...[...document.querySelectorAll("button, a, select, input:not([type=file]):not([type=checkbox])")]
      .map((one) => ({ one, box: one.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && box.height > 0 && box.height < 43.5)
      .map(({ one, box }) => `${one.textContent?.slice(0, 30)} ${Math.round(box.width)}x${Math.round(box.height)}`),
    ...(document.documentElement.scrollWidth - document.documentElement.clientWidth > 1 ? ["scrolls sideways"] : []),
  ]);

/** Another view of the page that is open, as a touch on a link leads there, until all of it is drawn. */
async function shows(page: Page, view: string) {
  if (page.url() === "about:blank") await page.goto(view);
  else
    await page.evaluate((to) => {
      window.history.pushState({}, "", to);
      window.dispatchEvent(new PopStateEvent("popstate"));
    }, view);
  await expect(page.getByRole("heading").first()).toBeVisible();
  await expect(page.locator("main [aria-busy=true]")).toHaveCount(0);
  await page.waitForTimeout(200);
  await page.waitForFunction(() => [...document.images].every((image) => image.complete));
}

for (const [part, few] of some.entries()) {
  test(`every view is sound by day and in safelight, at the desk and on a tablet, ${part + 1} of ${some.length}`, async ({ page }) => {
    const found: string[] = [];
    const light = (name: string) => page.evaluate((to) => document.documentElement.setAttribute("data-light", to), name);
    for (const view of few) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await shows(page, view);
      const say = (where: string, said: string[]) => found.push(...said.map((one) => `${view}, ${where}: ${one}`));
      say("axe", await grave(page));
      say("at the desk", await small(page));
      // The light changes colours and nothing else.
      await light("safe");
      say("axe in safelight", await grave(page, ["color-contrast"]));
      await light("day");
      await page.setViewportSize({ width: 800, height: 1280 });
      await page.waitForTimeout(150);
      say("on a tablet", await small(page));
      for (const width of [390, 360]) {
        await page.setViewportSize({ width, height: 800 });
        await page.waitForTimeout(100);
        say(`on a phone of ${width}`, await small(page));
      }
    }
    expect(found).toEqual([]);
  });
}

test("safelight shows no blue and little green, pictures included", async ({ page }) => {
  for (const view of ["/jobs", "/jobs/2", "/jobs/2/films", "/jobs/2/light?plate=2", "/inks"]) {
    await page.goto(view, { waitUntil: "networkidle" });
    await expect(page.getByRole("heading").first()).toBeVisible();
    await page.keyboard.press("l");
    await expect(page.locator("html")).toHaveAttribute("data-light", "safe");
    await page.waitForTimeout(400);
    const shot = readPng(await page.screenshot());
    let [blue, greener] = [0, 0];
    for (let y = 0; y < shot.height; y += 3) {
      for (let x = 0; x < shot.width; x += 3) {
        blue = Math.max(blue, shot.at(x, y, 2));
        greener = Math.max(greener, shot.at(x, y, 1) - 0.62 * shot.at(x, y, 0));
      }
    }
    expect(blue, `${view}: blue of 255`).toBeLessThanOrEqual(4);
    expect(greener, `${view}: green over 0.62 of red`).toBeLessThanOrEqual(4);
    await page.keyboard.press("l");
    await expect(page.locator("html")).toHaveAttribute("data-light", "day");
  }
});

test("keys lead everywhere, units swap, anything is found", async ({ page }) => {
  await page.goto("/jobs/2");
  await expect(page.getByRole("heading", { name: "Night Moth Count" })).toBeVisible();
  for (const [key, end] of [["a", "art"], ["p", "plates"], ["f", "films"], ["s", "screens"], ["t", "light"], ["r", "press"], ["w", "run"], ["o", "2"]] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${end}(\\?.*)?$`));
  }
  await page.keyboard.press("u");
  await expect(page.locator("header").getByText("front 11.42 in × 12.28 in")).toBeVisible();
  await page.keyboard.press("u");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("Safelight on and off");
  await page.keyboard.press("Escape");
  await page.keyboard.press("/");
  await expect(page.getByLabel("Find a job, a frame, an ink, a page, what is to be done")).toBeFocused();
  await page.keyboard.type("old tube");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/lamps$/);
  // What is to be done is found by its word, and gone to.
  for (const [words, address, heading] of [["work order", /\/jobs\/2\/run\?look=order$/, /pieces$/], ["coat", /\/jobs\/2\/screens\?look=stencil$/, null], ["set press off-contact", /\/jobs\/2\/press\?look=set-up$/, null]] as const) {
    await page.goto("/jobs/2");
    await expect(page.getByRole("heading", { name: "Night Moth Count" })).toBeVisible();
    await page.keyboard.press("/");
    await page.keyboard.type(words);
    await page.keyboard.press("Enter");
    await expect(page).toHaveURL(address);
    if (heading) await expect(page.getByRole("heading", { name: heading })).toBeVisible();
    await expect.poll(() => page.evaluate(() => /^H[1-3]$/.test(document.activeElement?.tagName ?? ""))).toBe(true);
  }
});

test("a quick hand finds what the slow shop has not told yet", async ({ page }) => {
  let told = () => {};
  const slow = new Promise<void>((tell) => {
    told = tell;
  });
  await page.route("**/api/shop", async (route) => {
    await slow;
    await route.continue();
  });
  await page.goto("/jobs");
  await expect(page.getByRole("heading", { name: "Jobs" })).toBeVisible();
  await page.keyboard.press("/");
  await page.keyboard.type("old tube");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Looking through the shop")).toBeVisible();
  told();
  await expect(page).toHaveURL(/\/lamps$/);
});

test("a shelf refuses what is not woven, takes a frame, and gives it back", async ({ page }) => {
  await page.goto("/meshes");
  await page.getByRole("button", { name: "Add a mesh with its data sheet" }).click();
  await page.getByLabel("Threads per cm").fill("77");
  await page.getByLabel("Thread, µm").fill("500");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByRole("alert")).toContainText("there would be no opening for ink");
  await page.goto("/rack");
  await page.getByRole("button", { name: "Add a frame" }).click();
  await page.getByLabel("Label").fill("T9");
  await page.getByRole("combobox", { name: "Mesh" }).selectOption({ label: "77 per cm, 55 µm, white" });
  await page.getByLabel("Tension, N/cm").fill("900");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByRole("alert")).toContainText("“Tension, N/cm” is 900 N/cm; it must lie from");
  await page.getByLabel("Tension, N/cm").fill("22");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByRole("cell", { name: "T9", exact: true })).toBeVisible();
  // It is described anew on its page, taken back with Z, and taken off.
  await page.getByRole("link", { name: "T9", exact: true }).click();
  await page.getByRole("button", { name: "Change frame T9" }).click();
  const sheet = page.getByRole("dialog", { name: "Change frame T9" });
  await sheet.getByLabel("Inside across, mm").fill("480,5");
  await sheet.getByRole("button", { name: "Keep it so" }).click();
  await expect(page.getByText(/481 mm × 560 mm inside/)).toBeVisible();
  await page.keyboard.press("z");
  await expect(page.getByText(/460 mm × 560 mm inside/)).toBeVisible();
  await page.keyboard.press("Shift+Z");
  await expect(page.getByText(/481 mm × 560 mm inside/)).toBeVisible();
  await page.getByRole("button", { name: "Change frame T9" }).click();
  await sheet.getByRole("button", { name: "Take off the shelf" }).click();
  await expect(page).toHaveURL(/\/rack$/);
  await expect(page.getByRole("cell", { name: "T9", exact: true })).toBeHidden();
  // A frame that carries a plate stays.
  const job = await (await page.request.get("/api/jobs/2")).json();
  await page.goto(`/rack/${job.plates[1].frameId}`);
  await page.getByRole("button", { name: /^Change frame/ }).click();
  await page.getByRole("button", { name: "Take off the shelf" }).click();
  await expect(page.getByRole("alert")).toContainText("Straw of Night Moth Count still uses it");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("a frame keeps its tension over time and refuses a reading that cannot be", async ({ page }) => {
  await page.goto("/rack");
  await page.getByRole("link", { name: "20", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Frame 20" })).toBeVisible();
  const readings = page.getByRole("img", { name: /tension readings, from/ });
  const before = Number.parseInt((await readings.getAttribute("aria-label")) ?? "0", 10);
  const fill = async (value: string) => {
    for (const way of ["along", "across"]) for (const place of ["near left", "near right", "far left", "far right", "middle"]) await page.getByLabel(`${place}, ${way}`).fill(value);
  };
  await fill("90");
  await page.getByRole("button", { name: "Keep the reading" }).click();
  await expect(page.getByRole("alert")).toContainText("must lie from 2 to 60 N/cm");
  await fill("17.5");
  await page.getByRole("button", { name: "Keep the reading" }).click();
  await expect(page.getByRole("img", { name: new RegExp(`^${before + 1} tension readings`) })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Tension/ })).toContainText("17.5 N/cm");
  await expect(page.getByRole("img", { name: "A code that opens frame 20" })).toBeVisible();
});

test("frames for all plates are chosen at once and undone", async ({ page }) => {
  await page.goto("/jobs/1/screens");
  await expect(page.getByRole("list", { name: "The best set" }).getByRole("listitem")).toHaveCount(2);
  await page.getByRole("button", { name: "Take this set" }).click();
  await expect(page.getByRole("button", { name: /^Give back/ })).toBeVisible();
  const job = await (await page.request.get("/api/jobs/1")).json();
  const shop = await (await page.request.get("/api/shop")).json();
  const tensions = job.plates.map((p: { frameId: number }) => shop.frames.find((f: { id: number }) => f.id === p.frameId)?.tensionNPerCm);
  expect(new Set(job.plates.map((p: { frameId: number }) => p.frameId)).size).toBe(2);
  expect(Math.max(...tensions) - Math.min(...tensions)).toBeLessThanOrEqual(3.001);
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByRole("button", { name: /^Take it/ }).first()).toBeVisible();
});

test("the dark-room plan is moved by hand and shows what follows", async ({ page }) => {
  await page.goto("/darkroom");
  const turns = page.getByRole("list", { name: "Screens in their turn" }).getByRole("listitem");
  await expect.poll(() => turns.count()).toBeGreaterThanOrEqual(3);
  const first = (await turns.nth(0).getByRole("link").innerText()).split(",")[0] ?? "";
  await turns.nth(0).getByRole("button", { name: /^Later/ }).click();
  await expect(turns.nth(1)).toContainText(first);
  await expect(page.getByText(/^In your order/)).toBeVisible();
  await page.getByRole("button", { name: "Let the plan choose" }).click();
  await expect(turns.nth(0)).toContainText(first);
  await expect(page.getByRole("img", { name: /screens over \d+ hours/ })).toBeVisible();
});

test("trouble is told once, where it was made, and nothing is lost", async ({ page }) => {
  await page.goto("/jobs/2/art");
  await page.getByLabel("Print width, mm").fill("-4");
  await page.getByLabel("Name of that colour").fill("ink blue");
  await page.getByLabel("Name of that colour").press("Enter");
  await expect(page.getByRole("alert")).toHaveCount(1);
  await expect(page.getByRole("alert")).toContainText("must lie from 5 to 2000 mm");
  await expect(page.getByLabel("Print width, mm")).toHaveValue("-4");
  // What was right is kept all the same.
  await page.reload();
  await expect(page.getByLabel("Name of that colour")).toHaveValue("ink blue");
  await expect(page.getByLabel("Print width, mm")).not.toHaveValue("-4");
});

test("the first load stays under 250 kB gzipped, fonts aside", () => {
  const folder = join(__dirname, "../../public/app");
  const first = [...readFileSync(join(folder, "index.html"), "utf8").matchAll(/(?:src|href)="\/app\/(assets\/[^"]+\.(?:js|css))"/g)].map((found) => found[1] ?? "");
  const bytes = first.reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).length, 0);
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThan(250_000);
});
