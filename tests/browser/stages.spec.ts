import { expect, type Page, test } from "./shop";
import { drop, readPng } from "./picture";

// A straw disc with a sage heart beside a rust bar, all touching, and a hairline of 0.09 mm that no film holds.
const ART = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 90">
  <circle cx="42" cy="45" r="30" fill="#f0e2b0"/><rect x="60" y="12" width="40" height="66" fill="#b84a30"/>
  <circle cx="42" cy="45" r="12" fill="#8fb3a2"/><rect x="104" y="10" width="0.07" height="70" fill="#b84a30"/></svg>`;

const stack = (page: Page) => page.getByRole("list", { name: "Plates in print order" });
/** The long work is over when the next step is to write the films. */
const separated = (page: Page) => expect(page.getByRole("button", { name: /^Write (the films|them again)/ }).first()).toBeVisible({ timeout: 60_000 });

// At the desk the way from a picture to its films is gone in job.spec.ts.
test("art, plates and films, on an upright tablet", async ({ page }) => {
  await page.setViewportSize({ width: 800, height: 1280 });
  await page.goto("/jobs");
  await drop(page, "anchor-light.svg", "image/svg+xml", ART);
  await page.getByLabel("Print width, mm").fill("100");
  await page.getByRole("button", { name: "Make the job" }).click();
  await expect(page.getByRole("heading", { name: "Anchor Light" })).toBeVisible();
  await separated(page);

  // Art: height leads and the width follows, as the ink alone is wide; a part that is none is refused at its place and nothing is lost.
  await page.keyboard.press("a");
  await page.getByLabel("Print height, mm").fill("90");
  await expect(page.getByLabel("Print width, mm")).toHaveValue(/^118\.38/);
  await page.getByLabel("Print height, mm").press("Enter");
  await expect(page.locator("header").getByText("118 mm × 90 mm")).toBeVisible();
  await page.getByRole("button", { name: "Take a part" }).click();
  const left = await page.getByLabel("left, %").inputValue();
  await page.getByLabel("left, %").fill("60");
  await page.getByRole("button", { name: "Take this part" }).click();
  await expect(page.getByRole("alert")).toContainText("beyond the edge of the picture");
  await page.getByRole("button", { name: "Take a part" }).click();
  await page.getByLabel("left, %").fill(left);
  await page.getByRole("button", { name: "Take this part" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);

  // The rust is locked to an ink of the shelf; the trap is set.
  await page.getByLabel("What becomes of #b84a30").selectOption({ label: await page.getByLabel("What becomes of #b84a30").locator("option", { hasText: "Harbour rust" }).innerText() });
  await page.getByLabel("Trap, mm").fill("0.25");
  await page.getByLabel("Trap, mm").press("Enter");
  await page.getByRole("button", { name: "Separate again" }).click();
  await separated(page);
  await expect(page.getByText("spot plates, one an ink, without halftone")).toBeVisible();

  // Plates: a finger on the print picks the plate under it.
  await page.keyboard.press("p");
  const faint = page.getByRole("img", { name: "The whole print, faint" });
  await expect.poll(() => faint.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(100);
  const print = faint.locator("..");
  const box = await print.boundingBox();
  if (!box) throw new Error("there is no print");
  await print.click({ position: { x: (90 / 120) * box.width, y: box.height / 2 } });
  await expect(page.getByRole("heading", { name: /^Harbour rust, plate \d of 4$/ })).toBeVisible();
  await print.click({ position: { x: (42 / 120) * box.width, y: box.height / 2 } });
  await expect(page.getByRole("heading", { name: /^Sage, plate \d of 4$/ })).toBeVisible();

  // The hairline is found, marked and thickened.
  await page.getByRole("button", { name: "Will it hold?" }).click();
  await stack(page).getByRole("button", { name: "Harbour rust", exact: true }).click();
  await expect(page.getByRole("list", { name: "Thin places" }).getByRole("button").first()).toContainText("118 from the left");
  await expect(page.getByRole("img", { name: /mm of the print round a line of 0\.\d\d mm/ })).toBeVisible();
  await page.getByRole("button", { name: /^Thicken them to/ }).click();
  await page.getByRole("button", { name: "Separate again" }).click();
  await separated(page);
  await expect(page.getByText("Nothing on this plate is too thin.")).toBeVisible();

  // A shift within the budget shows nothing; beyond it the loupe shows the gap.
  await page.getByRole("button", { name: "What if it shifts?" }).click();
  await stack(page).getByRole("button", { name: "Sage", exact: true }).click();
  await expect(page.getByRole("button", { name: /Register budget of the job/ })).toContainText("0.2");
  await page.getByLabel("To the right").fill("0.2");
  await expect(page.getByText("Within the plate’s budget")).toBeVisible();
  await page.getByLabel("To the right").fill("0.8");
  await expect(page.getByText("Further than the plate’s budget")).toBeVisible();
  const loupe = page.getByRole("img", { name: /at witness spot 1/ });
  await expect(loupe).toHaveAttribute("src", /dx=0\.8/);
  const src = (await loupe.getAttribute("src")) ?? "";
  const madder = async (of: string) => {
    const shot = readPng(await (await page.request.get(of)).body());
    let count = 0;
    for (let y = 0; y < shot.height; y += 2)
      for (let x = 0; x < shot.width; x += 2) if (shot.at(x, y, 0) === 179 && shot.at(x, y, 1) === 54 && shot.at(x, y, 2) === 43) count++;
    return count;
  };
  expect(await madder(src.replace(/x=[\d.]+&y=[\d.]+/, "x=42&y=45").replace("mm=10", "mm=30"))).toBeGreaterThan(20);
  expect(await madder(src.replace(/x=[\d.]+&y=[\d.]+/, "x=42&y=45").replace("mm=10", "mm=30").replace("dx=0.8", "dx=0.15"))).toBe(0);

  // What each plate buys, with a picture for each number of inks.
  await page.getByRole("button", { name: "What it buys" }).click();
  await page.getByRole("button", { name: /^2 .* as / }).click();
  await expect(page.getByRole("img", { name: "The print in 2 inks" })).toBeVisible();

  // Films: TIFF too, with a wedge, on a printer that stretches; read back and laid on the media.
  await page.keyboard.press("f");
  for (const wish of ["TIFF, Group 4", "A step wedge below the print"]) {
    await page.getByLabel(wish).click();
    await expect(page.getByLabel(wish)).toBeChecked();
  }
  await page.getByLabel("Printed on").selectOption("Old laser on vellum");
  await expect(page.getByText("Its black has density 2.3")).toBeVisible();
  await page.getByRole("button", { name: "Write the films" }).first().click();
  await expect(page.getByRole("heading", { name: "The film set is written" })).toBeVisible({ timeout: 90_000 });
  await expect(page.getByText(/Read back from 12 films: every mark is in its place/)).toBeVisible();
  await expect(page.getByRole("img", { name: "10 mm of the films under the loupe" })).toBeVisible();
  await page.getByRole("button", { name: "bottom left" }).click();
  await expect(page.getByRole("img", { name: /^4 films on/ })).toBeVisible();
  await page.getByLabel("SVG, marks and label as vectors").click();
  await expect(page.getByLabel("SVG, marks and label as vectors")).toBeChecked();
  await expect(page.getByRole("heading", { name: "These films are old" })).toBeVisible();
  await expect(page.getByRole("status").getByText(/burn none of them/)).toBeVisible();
  for (const format of ["TIFF, Group 4", "PNG, one bit"]) {
    await page.getByLabel(format).click();
    await expect(page.getByLabel(format)).not.toBeChecked();
  }
  // The last tick stays: the light table could read nothing.
  await page.getByLabel("PDF, marks and label as vectors").click();
  await expect(page.getByRole("alert")).toContainText("The light table reads films back from PDF, PNG or TIFF");
  await expect(page.getByLabel("PDF, marks and label as vectors")).toBeChecked();
});

test("the step that is named is gone to from every stage of every job, and keys arrive at its heading", async ({ page }) => {
  test.setTimeout(180_000);
  await page.goto("/jobs");
  await expect(page.getByText("Weather Dial")).toBeVisible();
  const jobs = (await (await page.request.get("/api/jobs")).json()).jobs.map((job: { id: number }) => job.id);
  expect(jobs.length).toBeGreaterThan(5);
  for (const id of jobs) {
    await page.goto(`/jobs/${id}/art`);
    const { next } = await (await page.request.get(`/api/jobs/${id}`)).json();
    for (const [key, stage] of [["a", "art"], ["p", "plates"], ["f", "films"], ["s", "screens"], ["t", "light"], ["r", "press"], ["w", "run"]]) {
      await page.keyboard.press(key);
      await expect(page).toHaveURL(new RegExp(`/jobs/${id}/${stage}`));
      const button = page.locator("header").getByRole("button", { name: next.button, exact: true });
      await expect(button).toBeVisible();
      // What begins work is looked at elsewhere.
      if (next.does !== "go") continue;
      await button.press("Enter");
      await expect(page).toHaveURL(new RegExp(`/jobs/${id}/${next.stage}(\\?|$)`));
      if (next.plateId) await expect(page).toHaveURL(new RegExp(`plate=${next.plateId}`));
      const place = next.look ? page.locator(`[data-look="${next.look}"]`) : page.locator("[data-bench]");
      await expect(place, `job ${id} from ${stage}: ${next.sentence}`).toBeVisible();
      await expect
        .poll(() => place.evaluate((at) => at === document.activeElement || at.contains(document.activeElement)), { message: `job ${id} from ${stage}: ${next.sentence}` })
        .toBe(true);
    }
  }
});
