import { grave } from "./axe";
import { expect, type Page, test } from "./shop";

/** Step tests from plan to reading, with the clock in hand. */
const at = "/step-test?lamp=1&emulsion=1&um=101&dyed=1&step=20&strips=5";

const words = (page: Page) => page.locator('[aria-live="assertive"]');

test("a step test is planned, run by the clock and read; the times learn from it", async ({ page }) => {
  await page.clock.install();
  await page.goto(at);
  await expect(page.getByText("Harbour dual-cure under LED table, 101 µm")).toBeVisible();
  await page.getByRole("button", { name: "Run it: 5 strips of 20 s" }).click();
  await expect(page.getByRole("timer")).toHaveText("20");
  await expect(words(page)).toContainText("All strips lie open");

  // The first step by the space key; it counts by the clock on the wall.
  await page.locator("body").press(" ");
  await page.clock.fastForward(6000);
  await expect(page.getByRole("timer")).toHaveText(/^1[0-4]\.\d$/);
  await expect(words(page)).toContainText("cover to mark 1");
  // A reload in the middle of a step loses nothing.
  await page.reload();
  await expect(page.getByRole("timer")).toHaveText(/^(1[0-3]|\d)\.\d$/);
  await expect(words(page)).toContainText("Cover to mark 1, close the lid", { timeout: 20_000 });
  await expect(page.getByText("Strip 1, covered")).toBeVisible();

  // The tablet sleeps through the end of the second: it asks whether the lamp burned on, and counts it.
  await page.getByRole("button", { name: "Start step 2 (space)" }).click();
  await page.clock.fastForward(60_000);
  await expect(words(page)).toContainText("nobody saw it");
  await page.getByRole("button", { name: /^Yes: count/ }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Strip 2, covered" })).toContainText(/(8\d(\.\d)? s|1:\d\d min)/);
  for (const step of [3, 4, 5]) {
    await page.getByRole("button", { name: `Start step ${step} (space)` }).click();
    await page.clock.fastForward(19_000);
  }
  await expect(words(page)).toContainText("All strips have their light");
  await page.getByRole("button", { name: "Read the strips" }).click();

  // Strips by taps: the first lost its fine lines, the last two closed theirs.
  const tap = async (row: string, strip: number, mm: string) =>
    page.getByRole("group", { name: `${row}, strip ${strip}` }).getByRole("button", { name: mm, exact: true }).click();
  const read = [["0.3 mm", "0.05 mm"], ["0.1 mm", "0.1 mm"], ["0.1 mm", "0.15 mm"], ["0.1 mm", "0.3 mm"], ["0.1 mm", "0.5 mm"]] as const;
  for (const [k, [kept, open]] of read.entries()) {
    await tap("Finest line of stencil", k + 1, kept);
    await tap("Finest open line", k + 1, open);
    if (k === 0) {
      await page.getByRole("button", { name: "Slimy back" }).click();
      // Of the dots nothing was touched: nothing is known of them, and nothing goes on.
      await expect(page.getByText("not read yet")).toHaveCount(2);
      await expect(page.getByRole("button", { name: /^Strip 1 is read/ })).toBeDisabled();
    }
    await page.getByRole("button", { name: "The rest is all there" }).click();
    await page.getByRole("button", { name: new RegExp(`^Strip ${k + 1} is read`) }).click();
  }
  await expect(page.getByRole("heading", { name: /^Strip 2 is the best/ })).toBeVisible();
  await expect(page.getByLabel("Longest still under, s")).toHaveValue("20");
  // It can be overruled.
  await page.getByLabel("Best, s", { exact: true }).fill("16.5 s");
  await page.getByRole("button", { name: "Learn from it" }).click();
  await expect(page.getByRole("alert")).toContainText("“Best, s” is not a number: “16.5 s”. Nothing was kept");
  await page.getByLabel("Best, s", { exact: true }).fill("61");
  await expect(page.getByText("Overruled by hand")).toBeVisible();
  await page.getByRole("button", { name: "Learn from it" }).click();
  await expect(page.getByRole("button", { name: /^Run it/ })).toBeVisible();
  const shop = await (await page.request.get("/api/shop")).json();
  expect(shop.tests[0]).toMatchObject({ lowS: 20, bestS: 61, remark: "overruled by hand" });
});

test("a test that a plate asks for keeps its plan at its address, is practised without waiting, and leads back", async ({ page }) => {
  await page.goto("/jobs/3/light?plate=6");
  await page.getByRole("link", { name: "Plan a step test of this screen" }).click();
  await page.getByRole("button", { name: /^Run it/ }).click();
  const planned = await page.getByRole("timer").textContent();
  // The shop learns another test meanwhile: what is planned here stays.
  const plan = page.url();
  expect(plan).toMatch(/strips=\d+&step=[\d.]+/);
  await page.getByRole("button", { name: "Practise without waiting, on the simulated lamp" }).click();
  await expect(page.getByText("Practice on the simulated lamp: nothing burned")).toBeVisible();
  await page.goto("/step-test");
  await page.getByRole("link", { name: "Go on with it" }).click();
  await expect(page).toHaveURL(plan);
  await expect(words(page)).toContainText("All strips have their light");
  await page.getByRole("button", { name: "Begin again" }).click();
  await expect(page.getByRole("timer")).toHaveText(planned ?? "");
  await page.getByRole("button", { name: "Practise without waiting, on the simulated lamp" }).click();
  await page.getByRole("button", { name: "Read the strips" }).click();
  await page.getByRole("button", { name: /^Scan with the/ }).click();
  await expect(page.getByRole("heading", { name: /the best|Every strip|No strip/ })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("button", { name: "Learn from it" })).toHaveCount(0);
  await page.getByRole("link", { name: "Back to Royal of Weather Dial" }).click();
  await expect(page).toHaveURL(/\/jobs\/3\/light\?plate=6/);
});

test("all strips lost leads to the next range; nothing is stored", async ({ page }) => {
  await page.goto(`${at}&part=read`);
  const before = (await (await page.request.get("/api/shop")).json()).tests.length;
  for (let k = 1; k <= 5; k++) {
    await page.getByRole("group", { name: `Finest line of stencil, strip ${k}` }).getByRole("button", { name: /none/ }).click();
    await page.getByRole("group", { name: `Smallest dot of stencil, strip ${k}` }).getByRole("button", { name: /none/ }).click();
    await page.getByRole("button", { name: "The rest is all there" }).click();
    await page.getByRole("button", { name: new RegExp(`^Strip ${k} is read`) }).click();
  }
  await expect(page.getByText("Every strip washed away or is slimy")).toBeVisible();
  await page.getByRole("button", { name: "Plan the next range: steps of 40 s" }).click();
  await expect(page.getByRole("button", { name: "Run it: 5 strips of 40 s" })).toBeVisible();
  expect((await (await page.request.get("/api/shop")).json()).tests.length).toBe(before);
});

test("the strips are read from a picture of the simulated scanner", async ({ page }) => {
  await page.goto(`${at}&part=read`);
  await page.getByRole("button", { name: /simulated light table scanner/ }).click();
  await expect(page.getByText(/Read from the picture|The picture leaves it open/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("heading", { name: /is the best/ })).toBeVisible();
  await page.getByLabel("Bring a picture against the light").setInputFiles({ name: "cat.png", mimeType: "image/png", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toContainText("not a picture");
});

test("a test that disagrees is named on its lamp and set aside by touch; undo believes it again", async ({ page }) => {
  await page.goto("/lamps");
  await page.getByRole("link", { name: "Old tube box" }).click();
  await expect(page.getByRole("heading", { name: "How it fades" })).toBeVisible();
  await expect(page.getByText("It disagrees with the other tests.")).toBeVisible();
  await page.getByRole("listitem").filter({ hasText: "120 < 160 < 200" }).getByRole("button", { name: /^Set aside/ }).click();
  await expect(page.getByText("It disagrees with the other tests.")).toHaveCount(0);
  await expect(page.getByText("set aside").first()).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByText("It disagrees with the other tests.")).toBeVisible();
});

test("one time for like screens, imaged straight, and the lamp lit from its batch", async ({ page }) => {
  await page.goto("/jobs/3/light?plate=6");
  const batches = page.getByRole("heading", { name: "Under the lamp" }).locator("xpath=../..");
  await batches.getByRole("button", { name: /^Start the simulated lamp/ }).first().click();
  await expect(batches.getByRole("status")).toContainText(/The simulated lamp burns for .* units/);
  await page.getByLabel("One time for screens on like mesh").check();
  await expect(page.getByText("Screens on like mesh get one time.")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Before the light" })).toBeVisible();
  await page.getByLabel("Imaged straight, without films").check();
  await expect(page.getByRole("heading", { name: "Before the light" })).toHaveCount(0);
});

test("axe finds nothing serious on step test and lamp, by day and in safelight", async ({ page }) => {
  const found: string[] = [];
  for (const view of [at, `${at}&part=run`, `${at}&part=read`, "/lamps/1", "/lamps/2"]) {
    await page.goto(view, { waitUntil: "networkidle" });
    await expect(page.getByRole("heading").first()).toBeVisible();
    found.push(...(await grave(page)).map((one) => `day ${view} ${one}`));
    await page.evaluate(() => document.documentElement.setAttribute("data-light", "safe"));
    found.push(...(await grave(page, ["color-contrast"])).map((one) => `safelight ${view} ${one}`));
  }
  expect(found).toEqual([]);
});
