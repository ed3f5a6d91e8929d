import { expect, type Page, test } from "./shop";
import { drop, photograph } from "./picture";

// Two separations and a film set in one test: a slow machine takes its time.
test.setTimeout(300_000);

/** A photograph dropped on the shop, printed 100 mm wide on a garment; its bench of the art is opened. */
async function dropped(page: Page, garment: string): Promise<string> {
  await page.goto("/jobs");
  await drop(page, "hill-fort.png", "image/png", photograph(700, 525));
  await page.getByLabel("Print width, mm").fill("100");
  await page.getByLabel("Garment colour").fill(garment);
  await page.getByRole("button", { name: "Make the job" }).click();
  await expect(page.getByRole("heading", { name: "Hill Fort" })).toBeVisible();
  const bar = page.getByRole("slider", { name: "Pull the print, plate by plate" });
  await expect(bar).toHaveAttribute("aria-valuemax", "2", { timeout: 60_000 });
  return new URL(page.url()).pathname.replace(/^\/jobs\/(\d+).*/, "/api/jobs/$1");
}

const coverage = async (page: Page, api: string) =>
  Object.fromEntries((await (await page.request.get(api)).json()).plates.map((p: { name: string; coveragePct: number }) => [p.name, p.coveragePct]));

test("a dropped photograph goes to films in two inks and a strike-off in register", async ({ page }) => {
  const api = await dropped(page, "#1b2436");
  const before = await coverage(page, api);
  // Dark cloth gives the darks.
  expect(before["Top white"]).toBeGreaterThan(before.Black + 10);

  // The bench of the art: the print stands beside the curve, and follows a point that keys move.
  await page.keyboard.press("a");
  const print = page.getByRole("img", { name: /^The print of Hill Fort/ });
  await expect(print).toBeVisible();
  const straight = await print.getAttribute("src");
  await page.getByRole("button", { name: "A further point" }).click();
  const point = page.getByRole("slider", { name: /^Point 2 of 3/ });
  await point.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press("Shift+ArrowUp");
  await expect(point).toHaveAttribute("aria-valuetext", "lightness 50 prints as 70");
  await expect(print).not.toHaveAttribute("src", straight ?? "");
  // It is kept by itself, and the plates are out of date.
  await expect(page.getByRole("button", { name: /^Separate/ }).first()).toBeVisible();
  await page.getByRole("button", { name: /^Separate/ }).first().click();
  await expect.poll(async () => (await (await page.request.get(api)).json()).separationCurrent, { timeout: 60_000 }).toBe(true);
  const after = await coverage(page, api);
  expect(after["Top white"]).toBeGreaterThan(before["Top white"] + 3);

  // The dots of the film under the loupe.
  await page.keyboard.press("p");
  await page.getByRole("button", { name: "Will it hold?" }).click();
  await expect(page.getByText(/holds every tone of this plate/)).toBeVisible();

  // Films with ruling and angle on their labels, and in the manifest.
  await page.getByRole("button", { name: "Write the films" }).first().click();
  await page.keyboard.press("f");
  await expect(page.getByRole("heading", { name: "The film set is written" })).toBeVisible({ timeout: 60_000 });
  const manifest = await (await page.request.get(`${api}/films/manifest.json`)).json();
  expect(manifest.method).toBe("two-tone");
  expect(new Set(manifest.plates.map((p: { lpi: number; angle_deg: number }) => `${p.lpi} ${p.angle_deg}`)).size).toBe(1);

  // The strike-off: the dark plate is read and brought into register.
  await page.request.post(`${api}/frames`);
  await page.keyboard.press("r");
  await page.getByRole("list", { name: "Plates in print order" }).getByRole("button", { name: "Black", exact: true }).click();
  const bench = await (await page.request.get(`${api}/press`)).json();
  // Three prints show what repeats on a press that is known to scatter.
  for (const print of [1, 2, 3]) {
    if (print > 1) await page.getByRole("button", { name: "Another print" }).click();
    for (const mark of bench.marks) {
      await page.getByLabel(`${mark.name}, right`, { exact: true }).fill("0.40");
      await page.getByLabel(`${mark.name}, away`, { exact: true }).fill("-0.40");
    }
  }
  await page.getByRole("button", { name: "Reckon the turns" }).click();
  // One figure for all marks is doubted; here it was read so.
  await page.getByRole("button", { name: "It was read right: show the turns" }).click();
  await expect(page.getByRole("heading", { name: /^Black was .* out on the last print\. These turns leave 0\.00 mm\.$/ })).toBeVisible();
});

test("another way to print a picture is taken by touch, and what the first one had comes back", async ({ page }) => {
  const api = await dropped(page, "#a02028");
  await page.keyboard.press("a");
  await page.getByRole("slider", { name: "Crispness" }).fill("40");
  await expect.poll(async () => (await (await page.request.get(`${api}/art/bench`)).json()).plan.work.crisp).toBe(40);
  await page.getByRole("button", { name: "Other ways to print it" }).click();
  const way = (name: RegExp) => page.getByRole("button", { name });
  await way(/^One ink/).click();
  await expect(way(/^One ink/)).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByLabel("Prints in")).toBeVisible();
  await expect.poll(async () => (await (await page.request.get(api)).json()).plates.length, { timeout: 60_000 }).toBe(1);
  await way(/^Two tones/).click();
  await expect(page.getByRole("slider", { name: "Crispness" })).toHaveValue("40");

  // A ground given to the garment by the keys alone.
  await page.getByRole("button", { name: "Give a ground to the garment" }).click();
  const aim = page.getByRole("application", { name: /Touch the ground/ });
  await expect(aim).toBeFocused();
  for (let i = 0; i < 23; i++) await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Enter");
  await expect.poll(async () => (await (await page.request.get(`${api}/art/bench`)).json()).plan.work.grounds.length).toBe(1);
  const print = page.getByRole("img", { name: /^The print of Hill Fort/ });
  await expect
    .poll(async () => {
      return print.evaluate((node) => {
        const image = node as HTMLImageElement;
        const board = document.createElement("canvas");
        [board.width, board.height] = [image.naturalWidth, image.naturalHeight];
        const pen = board.getContext("2d");
        pen?.drawImage(image, 0, 0);
        return [...(pen?.getImageData(6, 6, 1, 1).data ?? [])].slice(0, 3);
      });
    })
    .toEqual([0xa0, 0x20, 0x28]);
});

test("a gain chart comes as a film, is read on the simulated press and scanner, and kept as no one's press", async ({ page }) => {
  const api = await dropped(page, "#a02028");
  await page.keyboard.press("a");
  const chart = page.getByRole("link", { name: "Gain chart, PDF" });
  await expect(chart).toBeVisible();
  expect((await page.request.get((await chart.getAttribute("href")) ?? "")).headers()["content-type"]).toContain("application/pdf");

  // A picture that is no chart is refused where it was brought.
  await page.getByRole("button", { name: "Read a gain chart" }).click();
  await page.getByLabel("Scan of the printed gain chart").setInputFiles({ name: "no-chart.png", mimeType: "image/png", buffer: photograph(700, 525) });
  await expect(page.getByRole("alert")).toContainText(/pixels an inch|marks of the chart/);

  await page.getByRole("button", { name: "Practise on the simulated press and scanner" }).click();
  await expect(page.getByRole("img", { name: /^Tone on film across.* 50 prints as/ })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText("practice, not your press")).toBeVisible();
  const before = await page.getByRole("img", { name: /^The print of Hill Fort/ }).getAttribute("src");
  await page.getByRole("button", { name: "Keep this chart" }).click();
  await expect(page.getByText(/simulated press and scanner: not your press/)).toBeVisible();
  await page.getByRole("button", { name: "Leave the gain in, to compare" }).click();
  await expect(page.getByRole("button", { name: "Seen with its gain left in" })).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("img", { name: /^The print of Hill Fort/ })).not.toHaveAttribute("src", before ?? "");
  expect((await (await page.request.get(`${api}/art/bench`)).json()).gain.source).toContain("simulated");
});
