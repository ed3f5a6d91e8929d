import { grave } from "./axe";
import { photograph } from "./picture";
import { expect, test } from "./shop";

test.use({ viewport: { width: 800, height: 1280 } });

test("from approval to the box on a tablet, with the network cut in between", async ({ page, context }) => {
  await page.goto("/jobs/2/run?look=judge");
  for (const what of ["colour", "register", "size", "place on the garment", "hand", "opacity"])
    await page.getByRole("group", { name: what }).getByRole("button", { name: "holds" }).click();
  await page.getByRole("button", { name: "Approve the strike-off" }).click();
  await expect(page.getByRole("alert").first()).toContainText("by name");
  await page.getByLabel("Judged by").fill("Ada");
  await page.getByRole("button", { name: "Approve the strike-off" }).click();

  // The count: by touch, and by space as a pedal gives it.
  const count = page.getByLabel(/^\d+ good$/);
  await expect(count).toHaveText("0");
  await expect(page.getByText("Nobody has approved")).toHaveCount(0);
  await page.getByRole("button", { name: /one more good piece, S/ }).click();
  await page.keyboard.press("Space");
  await expect(count).toHaveText("2");
  await expect(page.getByText("All that was counted is kept in the shop.")).toBeVisible();
  await page.getByRole("button", { name: /^Base white.*Put ink on the screen/ }).click();
  const kept = page.waitForResponse((r) => r.request().method() === "POST" && r.url().endsWith("/run/count"));
  await page.getByRole("button", { name: "150 g" }).click();
  await kept;
  await expect(page.getByText("All that was counted is kept in the shop.")).toBeVisible();

  // The network is cut: it goes on counting and says how much waits.
  await context.setOffline(true);
  for (let i = 0; i < 5; i += 1) await page.keyboard.press("Space");
  await expect(count).toHaveText("7");
  await expect(page.getByText(/No network since .* 5 touches wait on this device/)).toBeVisible();
  await page.getByRole("button", { name: "Take one back" }).click();
  await expect(count).toHaveText("6");
  // It is back, the shop still does not answer, and the page is loaded anew: nothing is lost.
  await page.route("**/run/count", (route) => (route.request().method() === "POST" ? route.abort() : route.continue()));
  await context.setOffline(false);
  await page.reload();
  await expect(count).toHaveText("6");
  await expect(page.getByText(/6 touches wait on this device|6 on the way to the shop/)).toBeVisible();
  await page.unroute("**/run/count");
  await expect(page.getByText("All that was counted is kept in the shop.")).toBeVisible({ timeout: 10_000 });
  await expect(count).toHaveText("6");
  await expect(page.getByRole("group", { name: "Still to print, by size" })).toContainText(/S\s*2\s*of 8/);

  // A misprint with its cause, a stop and its reason, a box.
  await page.getByRole("button", { name: "Misprint: where?" }).click();
  await page.getByRole("button", { name: "pick-up" }).click();
  await expect(page.getByText("1 misprint")).toBeVisible();
  await page.getByRole("button", { name: "Stop the press" }).click();
  await page.getByRole("button", { name: "ink", exact: true }).click();
  await expect(page.getByText(/The press stands: ink/)).toBeVisible();
  await page.getByRole("button", { name: "Go on" }).click();
  await page.getByRole("button", { name: "Close a box" }).click();
  await page.getByRole("button", { name: "Close it" }).click();
  await expect(page.getByText("Boxes: 1 (6)")).toBeVisible();
  await page.goto("/jobs/2/after");
  await expect(page.getByText("1 misprint: pick-up.")).toBeVisible();
  expect(await grave(page)).toEqual([]);
});

test("two tablets count one run", async ({ browser, page }) => {
  const other = await (await browser.newContext({ baseURL: test.info().project.use.baseURL ?? page.url() })).newPage();
  await page.goto("/jobs/2/run?look=count");
  await other.goto(page.url());
  for (const one of [page, other]) await expect(one.getByLabel("0 good")).toBeVisible();
  for (let i = 0; i < 3; i += 1) {
    await page.keyboard.press("Space");
    await other.keyboard.press("Space");
  }
  for (const one of [page, other]) await expect(one.getByLabel("6 good")).toBeVisible({ timeout: 15_000 });
  await other.context().close();
});

test("a touch is counted on the screen at once, whatever the network does", async ({ page }) => {
  await page.route("**/run/count", async (route) => {
    if (route.request().method() === "POST") await new Promise((then) => setTimeout(then, 1500));
    await route.continue();
  });
  await page.goto("/jobs/2/run?look=count");
  await expect(page.getByLabel("0 good")).toBeVisible();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press("Space");
  await expect(page.getByLabel("4 good")).toBeVisible({ timeout: 1000 });
});

test("the belt, the price and the days follow", async ({ page }) => {
  await page.goto("/jobs/2/run?look=cure");
  await page.getByRole("button", { name: "Another dryer" }).click();
  await page.getByRole("button", { name: /simulated dryer probe/ }).click();
  await expect(page.getByText("1 run of a probe.")).toBeVisible();
  await page.getByLabel("Air, °C").fill("130");
  await page.keyboard.press("Tab");
  await expect(page.getByText(/never cures/)).toBeVisible();
  await page.locator("input[type=file]").first().setInputFiles({ name: "log.csv", mimeType: "text/csv", buffer: Buffer.from("a letter") });
  await expect(page.getByRole("alert").first()).toContainText("a time with a temperature");
  await page.goto("/jobs/2/quote");
  await page.getByLabel("For how many?").fill("500");
  await expect(page.getByText("Asked for 500 pieces")).toBeVisible();
  await page.getByLabel(/an hour of work/).fill("0");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.goto("/days");
  await page.getByRole("button", { name: "If a day late" }).first().click();
  await expect(page.getByText(/With it move|Nothing else moves/)).toBeVisible();
});

test("a print on the table is counted colour after colour, as an edition", async ({ page }) => {
  await page.goto("/jobs/8/run?look=count");
  const table = page.getByRole("region", { name: "The table" });
  const first = table.getByRole("group", { name: "Which colour is laid now" }).getByRole("button").first();
  await expect(first).toHaveAttribute("aria-pressed", "true");
  for (let i = 0; i < 3; i += 1) await page.keyboard.press("Space");
  await expect(first).toContainText("3 laid");
  await expect(page.getByLabel(/^3 have /)).toBeVisible();
  await page.getByRole("button", { name: "Misprint: where?" }).click();
  await page.getByRole("button", { name: "smeared" }).click();
  await expect(first).toContainText("1 spoiled");
  // The next colour waits for what has the first; it dries.
  const second = table.getByRole("group").getByRole("button").nth(1);
  await expect(second).toContainText(/3 wait, dries/);
  await second.click();
  await expect(second).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("Space");
  await expect(second).toContainText("1 laid");
  await expect(page.getByText("All that was counted is kept in the shop.")).toBeVisible();
  await page.reload();
  await expect(second).toContainText("1 laid");

  const edition = page.getByRole("region", { name: "The edition" });
  const torn = async () => Number(/Tear (\d+) sheets/.exec((await edition.innerText()) ?? "")?.[1]);
  const before = await torn();
  await edition.getByLabel("Artist’s proofs").fill("4");
  await page.keyboard.press("Tab");
  await expect(edition.getByText(/4 artist’s proofs/)).toBeVisible();
  expect(await torn()).toBeGreaterThanOrEqual(before + 4);
  await edition.getByLabel("Artist’s proofs").fill("-2");
  await page.keyboard.press("Tab");
  await expect(edition.getByRole("alert")).toBeVisible();
  expect(await grave(page)).toEqual([]);
});

test("what is washed, tried and judged is kept with its picture", async ({ page }) => {
  const picture = { name: "print.png", mimeType: "image/png", buffer: photograph(300, 200) };
  await page.goto("/jobs/9/run?look=cure");
  await page.getByLabel("Washed so often").fill("3");
  await page.getByRole("region", { name: "Stretched and washed" }).locator("input[type=file]").setInputFiles(picture);
  await expect(page.getByAltText("the print after it")).toBeVisible();
  await page.getByRole("group", { name: "What became of it" }).getByRole("button", { name: "cracked" }).click();
  await expect(page.getByText(/By 1 test of this shop this ink cures from/)).toBeVisible();
  await page.getByRole("button", { name: "Leave it out" }).click();
  await expect(page.getByText(/Nothing was stretched or washed yet/)).toBeVisible();

  await page.goto("/jobs/9/run?look=judge");
  await page.getByRole("group", { name: "size" }).getByRole("button", { name: "off" }).click();
  await expect(page.getByText(/^About .* until the next print/)).toBeVisible();
  await page.locator("input[type=file]").setInputFiles({ name: "letter.txt", mimeType: "image/png", buffer: Buffer.from("a letter") });
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.locator("input[type=file]").setInputFiles(picture);
  await expect(page.getByAltText("the strike-off")).toBeVisible();
  await page.getByLabel("Judged by").fill("Ada");
  await page.getByRole("button", { name: "Step back with this" }).click();
  await expect(page.getByAltText("The strike-off that was judged")).toBeVisible();
  expect(await grave(page)).toEqual([]);

  await page.goto("/inks");
  for (const [name, price] of [
    ["Soft white", "15"],
    ["Strong white", "24"],
  ] as const) {
    await page.getByRole("button", { name: "Try an ink beside others" }).click();
    await page.getByLabel("On its pot", { exact: true }).fill(name);
    await page.getByLabel("A kilo costs").fill(price);
    await page.getByRole("button", { name: "Keep the trial" }).click();
    await expect(page.getByText(name, { exact: true })).toBeVisible();
  }
  expect(await grave(page)).toEqual([]);
});
