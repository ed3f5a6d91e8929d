import { expect, type Page, test } from "./shop";

/** Nothing lost: two pages at one shelf, a busy shop, a file that is gone. */

const change = async (page: Page, ink: string) => {
  await page.getByRole("button", { name: `Change ${ink}`, exact: true }).click();
  return page.getByRole("dialog", { name: `Change ${ink}` });
};

test("of two pages that change one ink the second is told, and lists show it within two seconds", async ({ page, context }) => {
  const [other, looking] = [await context.newPage(), await context.newPage()];
  for (const one of [page, other, looking]) await one.goto("/inks");
  const mine = await change(page, "Sage");
  await mine.getByLabel("Name").fill("Sage mine");
  const theirs = await change(other, "Sage");
  await theirs.getByLabel("Name").fill("Sage theirs");
  await theirs.getByRole("button", { name: "Keep it so" }).click();
  await expect(theirs).toBeHidden();
  await looking.bringToFront();
  await expect(looking.getByText("Sage theirs").first()).toBeVisible({ timeout: 2_000 });
  await mine.getByRole("button", { name: "Keep it so" }).click();
  await expect(mine.getByRole("alert")).toContainText("Another page has changed the same in the meantime");
  await expect(looking.getByText("Sage mine")).toHaveCount(0);
});

test("a shop that is busy is asked again, and the change is made once it is free", async ({ page }) => {
  let busy = 2;
  await page.route("**/api/jobs/2", async (route) => {
    if (route.request().method() !== "PATCH" || busy === 0) return route.continue();
    busy -= 1;
    return route.fulfill({ status: 503, headers: { "Retry-After": "2", "Content-Type": "application/problem+json" }, body: "{}" });
  });
  await page.goto("/jobs/2/art");
  await page.getByLabel("Notes").fill("Asked three times");
  await page.getByLabel("Notes").blur();
  await expect.poll(async () => (await (await page.request.get("/api/jobs/2")).json()).notes, { timeout: 12_000 }).toBe("Asked three times");
  await expect(page.getByRole("alert")).toHaveCount(0);
});

test("what is nearly full stands above every page", async ({ page }) => {
  await page.route("**/api/now", async (route) => route.fulfill({ json: { turn: 1, notices: [{ says: "The disk is nearly full: 400 MB left on the disk that holds the shop." }] } }));
  for (const view of ["/jobs", "/rack", "/jobs/2/press"]) {
    await page.goto(view);
    await expect(page.getByRole("status").filter({ hasText: "nearly full" })).toBeVisible();
  }
});

test("jobs are found on the server, fifty at a time", async ({ page }) => {
  await page.goto("/jobs");
  await page.getByLabel("Find by customer, name, colour or ink").fill("rowing");
  await expect(page.getByText("Low Tide Ferry")).toBeVisible();
  await expect(page.getByText("Night Moth Count")).toHaveCount(0);
  await page.getByLabel("Find by customer, name, colour or ink").fill("nobody of that name");
  await expect(page.getByText("No job of that customer, name, colour or ink.")).toBeVisible();
});
