import { drop } from "./picture";
import { expect, type Page, test } from "./shop";

/** What somebody who had never seen it ran into. */
const worst = async (page: Page) =>
  Math.max(
    ...(await (await page.request.get("/api/jobs/2/press")).json()).plates.map((plate: { register: { nowMaxMm: number } | null }) => plate.register?.nowMaxMm ?? 0),
  );

test("the stand-in keeps how its plates lie: scanned, turned and scanned again they come together", async ({ page }) => {
  test.setTimeout(180_000);
  await page.goto("/jobs/2/press");
  const scan = async () => {
    await page.getByRole("button", { name: /^Try with the simulated scanner/ }).click();
    const bar = page.getByRole("progressbar", { name: /prints and scans|Reading the targets/ });
    await expect(bar).toBeVisible();
    await expect.poll(async () => Number(await bar.getAttribute("aria-valuenow")), { timeout: 60_000 }).toBeGreaterThan(5);
    await expect(page.getByText(/^Read: /)).toBeVisible({ timeout: 90_000 });
  };
  await scan();
  const before = await worst(page);
  expect(before).toBeGreaterThan(0.2);
  const plates = (await (await page.request.get("/api/jobs/2/press")).json()).plates.slice(1) as { id: number }[];
  for (const { id } of plates) {
    await page.goto(`/jobs/2/press?plate=${id}`);
    const turned = page.getByRole("button", { name: /^Turned, printed again/ });
    await expect(page.getByRole("heading", { name: /in register|out on the last print|in doubt|nobody knows/ })).toBeVisible();
    if (await turned.isVisible()) {
      await turned.click();
      await expect(page.getByRole("heading", { name: /at the marks again/ })).toBeVisible();
    }
  }
  await scan();
  expect(await worst(page)).toBeLessThan(before / 2);
});

test("what the art needs and what the rack has are one answer", async ({ page }) => {
  await page.goto("/jobs/7/screens?look=frame");
  const set = page.getByRole("list", { name: "The best set" }).getByRole("listitem");
  await expect(set.first()).toBeVisible();
  const frames = new Map<string, string>((await (await page.request.get("/api/shop")).json()).frames.map((f: { label: string; mesh: { name: string } }) => [f.label, f.mesh.name]));
  const { plates } = await (await page.request.get("/api/jobs/7/screens")).json();
  const rows = (await (await page.request.get("/api/jobs/7/frames")).json()).plates as { plateId: number; row: { frame: string } }[];
  for (const { plateId, row } of rows) {
    const plate = plates.find((one: { id: number }) => one.id === plateId);
    expect(plate.mesh.text, "the mesh that is advised hangs in the rack").toBe(frames.get(row.frame));
    expect(plate.mesh.sign).not.toBe("out_of_bounds");
  }
  await page.goto(`/jobs/7/screens?look=mesh&plate=${rows[0]?.plateId}`);
  await expect(page.getByRole("button", { name: /to take$/ })).toBeVisible();
  await expect(page.getByRole("row").filter({ hasText: "to take" }).getByText("fails")).toHaveCount(0);
});

test("after the garment was changed nothing old is praised, and undo is that of the job", async ({ page }) => {
  await page.goto("/jobs/3/films");
  await expect(page.getByRole("link", { name: "The set as ZIP" })).toBeVisible();
  await page.goto("/jobs/3/art");
  await page.getByLabel("Garment colour").fill("#ffffff");
  await page.keyboard.press("Tab");
  await expect(page.locator("header")).toContainText(", white,");
  for (const [stage, said] of [["films", "burn none of them"], ["light", "burn nothing by them"], ["run", "print nothing by it"]] as const) {
    await page.goto(`/jobs/3/${stage}`);
    await expect(page.getByRole("status").filter({ hasText: said })).toBeVisible();
  }
  await page.goto("/jobs/3/films");
  await expect(page.getByRole("heading", { name: "These films are old" })).toBeVisible();
  await expect(page.getByRole("link", { name: "The set as ZIP" })).toHaveCount(0);
  await expect(page.getByText("every mark is in its place")).toHaveCount(0);

  // Something is done elsewhere: here undo is still of this job, there it is of that one.
  await page.goto("/jobs/4/art");
  await page.getByLabel("Customer").fill("Somebody else");
  await page.keyboard.press("Tab");
  const undo = page.locator("header").getByRole("button", { name: /^Undo/ });
  await expect(undo).toHaveAttribute("title", "Takes back: Customer of Slack Water");
  await page.goto("/jobs/3/films");
  await expect(undo).toHaveAttribute("title", /^Takes back: Garment of /);
  await page.setViewportSize({ width: 800, height: 1280 });
  await expect(undo).toContainText("garment of");
  await undo.click();
  await expect(page.getByRole("link", { name: "The set as ZIP" })).toBeVisible();
  expect((await (await page.request.get("/api/jobs/4")).json()).customer).toBe("Somebody else");
});

test("letters near the colour of the cloth are warned of before films, and empty ground is left out", async ({ page }) => {
  await page.goto("/jobs");
  await drop(page, "straw.svg", "image/svg+xml", '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100"><rect x="50" y="25" width="60" height="50" fill="#f0e4ba"/><rect x="120" y="25" width="30" height="50" fill="#c8262c"/></svg>');
  await expect(page.getByText(/the ink is 5\d % of the picture’s width and 5\d % of its height/)).toBeVisible();
  await page.getByLabel("Garment colour").fill("#ffffff");
  await page.getByRole("button", { name: "Make the job" }).click();
  await expect(page.getByRole("slider", { name: "Pull the print, plate by plate" })).toHaveAttribute("aria-valuemax", "2", { timeout: 60_000 });
  await page.keyboard.press("a");
  await expect(page.getByRole("status").filter({ hasText: "hardly shows on white" })).toBeVisible();
  // The width is that of the ink: twice as wide as high.
  await expect(page.locator("header")).toContainText(/front 300 mm × 15\d mm/);
});

test("what was burned already opens with the time reckoned; a pot is what its name says", async ({ page }) => {
  await page.goto("/jobs/3/light?plate=6");
  await page.getByRole("button", { name: "Burned already" }).click();
  await expect(page.getByLabel("Burned for, seconds")).not.toHaveValue("");
  await page.goto("/lamps");
  await page.getByRole("button", { name: "Add an emulsion" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Photopolymer of the yard");
  await expect(page.getByRole("combobox", { name: /^Kind/ })).toHaveValue("photopolymer");
});

test("two figures typed quickly are both kept, whichever the shop would answer first", async ({ page }) => {
  await page.goto("/jobs/4/art");
  await page.getByRole("button", { name: "Count by sizes, or several garments" }).click();
  await expect(page.getByLabel("M", { exact: true })).toBeVisible();
  let sent = 0;
  await page.route(/\/api\/jobs\/4\/order$/, async (route) => {
    if (route.request().method() === "PATCH" && ++sent === 1) await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  await page.getByLabel("M", { exact: true }).fill("20");
  await page.keyboard.press("Tab");
  await page.keyboard.type("30");
  await page.keyboard.press("Tab");
  await expect(page.locator("header")).toContainText("50 cotton");
  await expect.poll(() => sent).toBe(2);
  expect((await (await page.request.get("/api/jobs/4")).json()).quantity).toBe(50);
});
