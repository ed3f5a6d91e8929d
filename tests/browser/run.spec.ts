import { grave } from "./axe";
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
  await page.getByRole("button", { name: "150 g" }).click();

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
  await page.locator("input[type=file]").setInputFiles({ name: "log.csv", mimeType: "text/csv", buffer: Buffer.from("a letter") });
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
