import { drop, poster } from "./picture";
import { expect, test } from "./shop";

// A separation in many inks and its films in one test: a slow machine takes its time.
test.setTimeout(400_000);

test("the inks of a picture are chosen on the line, one is dropped, and the plates follow", async ({ page }) => {
  const api = "/api/jobs/5";
  await page.goto("/jobs/5/art?look=inks");
  const line = page.getByRole("group", { name: "Prints by their number of screens" });
  await expect(line.getByRole("button").first()).toBeVisible({ timeout: 60_000 });
  const kept = (await (await page.request.get(`${api}/art/bench`)).json()).plan.inks.inks as number[];
  await expect(line.getByRole("button", { name: new RegExp(` ?${kept.length + 1} screens`) })).toHaveAttribute("aria-pressed", "true");

  // One more by the keys alone; its numbers are there at once, and it is nearer.
  const off = page.getByText(/^ΔE \d/).first();
  const before = Number((await off.textContent())?.replace(/[^\d.]/g, ""));
  await line.getByRole("button", { name: new RegExp(` ?${kept.length + 2} screens`) }).focus();
  await page.keyboard.press("Enter");
  await expect.poll(async () => Number((await off.textContent())?.replace(/[^\d.]/g, ""))).toBeLessThan(before);
  await page.getByRole("button", { name: `Take these ${kept.length + 1} inks` }).click();
  await expect.poll(async () => (await (await page.request.get(`${api}/art/bench`)).json()).plan.inks.inks.length).toBe(kept.length + 1);
  await page.getByRole("button", { name: /^Separate/ }).first().click();
  await expect.poll(async () => (await (await page.request.get(api)).json()).separationCurrent, { timeout: 120_000 }).toBe(true);
  expect((await (await page.request.get(api)).json()).plates.length).toBe(kept.length + 2);

  // A base that is slid out of register changes the colours, and says by how much.
  await page.goto("/jobs/5/plates?look=shifts");
  await expect(page.getByText("Its colours change by")).toBeVisible();
  await page.getByRole("slider", { name: "To the right" }).fill("0.5");
  await expect(page.getByText(/^ΔE (?!0\.0)\d/).first()).toBeVisible({ timeout: 30_000 });
});

test("each way to print a picture stands beside the others, and one of them is advised", async ({ page }) => {
  await page.goto("/jobs/6/art");
  await page.getByRole("button", { name: "Other ways to print it" }).click();
  const way = page.getByRole("button", { name: /Four-colour process/ });
  await way.scrollIntoViewIfNeeded();
  await expect(way).toHaveAttribute("aria-pressed", "true");
  await expect(way).toContainText(/4 screens · \d+ min/, { timeout: 150_000 });
  await page.getByRole("button", { name: "Which one to take?" }).click();
  await expect(page.getByText(/screens?, colour error ΔE00|comes nearest/)).toBeVisible({ timeout: 150_000 });
  await page.getByLabel("Black takes of the grey, %").fill("900");
  await page.getByLabel("Black takes of the grey, %").press("Enter");
  await expect(page.getByRole("alert").first()).toContainText("100");

  // Layers on paper: a sheet of each stage to draw the next one over.
  await page.goto("/jobs/8/plates");
  const sheet = page.getByRole("link", { name: /^after / }).first();
  await expect(sheet).toBeVisible();
  expect((await page.request.get((await sheet.getAttribute("href")) ?? "")).headers()["content-type"]).toContain("application/pdf");
});

test("a photograph with a badge on it prints the badge solid, and its films go out as named inks on one page", async ({ page }) => {
  await page.goto("/jobs");
  await drop(page, "hill-poster.png", "image/png", poster(640));
  await page.getByLabel("Print width, mm").fill("100");
  await page.getByLabel("Garment colour").fill("#111111");
  await page.getByRole("button", { name: "Make the job" }).click();
  await expect(page.getByRole("heading", { name: "Hill Poster" })).toBeVisible();
  const api = new URL(page.url()).pathname.replace(/^\/jobs\/(\d+).*/, "/api/jobs/$1");
  const current = async () => (await (await page.request.get(api)).json()).separationCurrent;
  await expect.poll(current, { timeout: 120_000 }).toBe(true);

  await page.goto(`${api.replace("/api", "")}/art`);
  await expect(page.getByRole("heading", { name: "Flat areas" })).toBeVisible();
  const badge = page.getByRole("checkbox", { name: /solid in Signal red/ });
  await expect(badge).toBeChecked();
  const covers = async () =>
    (await (await page.request.get(api)).json()).plates.find((p: { inkName: string }) => p.inkName === "Signal red").coveragePct;
  // A disc of 0.16 of the side, solid, and what dots of it the hill has.
  expect(await covers()).toBeGreaterThan(100 * Math.PI * 0.16 ** 2 - 0.3);
  // In dots by a touch, and back.
  await badge.click();
  await expect(badge).not.toBeChecked();
  await expect.poll(current).toBe(false);
  await page.getByRole("button", { name: "Those that an ink has" }).click();
  await expect(badge).toBeChecked();
  await expect.poll(current).toBe(true);

  await page.goto(`${api.replace("/api", "")}/films`);
  const named = page.getByRole("checkbox", { name: /each plate a named ink/ });
  await named.click();
  await expect(named).toBeChecked();
  await page.getByRole("button", { name: "Write the films" }).first().click();
  await expect(page.getByRole("heading", { name: "The film set is written" })).toBeVisible({ timeout: 90_000 });
  const link = page.getByRole("link", { name: "PDF, named inks" });
  const pdf = (await (await page.request.get((await link.getAttribute("href")) ?? "")).body()).toString("latin1");
  const plates = (await (await page.request.get(api)).json()).plates as { name: string }[];
  for (const plate of plates) expect(pdf).toContain(`/Separation /${plate.name.replace(/ /g, "#20")} `);
});
