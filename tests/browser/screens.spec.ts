import { expect, test } from "./shop";

for (const [where, size, plate] of [["at the desk", { width: 1280, height: 800 }, 7], ["on an upright tablet", { width: 800, height: 1280 }, 8]] as const) {
  test(`a screen is coated, watched while damp, burned and looked at, ${where}`, async ({ page }) => {
    await page.setViewportSize(size);
    await page.goto(`/jobs/3/screens?plate=${plate}&look=stencil`);
    await expect(page.getByRole("img", { name: /^The screen cut through: fabric/ })).toBeVisible();
    await page.getByRole("button", { name: "Coated just now" }).click();
    await expect(page.getByText(/is still damp, until about/).first()).toBeVisible();

    await page.keyboard.press("t");
    await expect(page.getByRole("status").filter({ hasText: "A damp stencil underexposes" })).toBeVisible();
    await expect(page.getByText("6 of 6 still to do.")).toBeVisible();
    await page.getByLabel("Glass clean on both sides").click();
    await page.getByLabel(/^Film placed, black side down on the stencil: its centre 270 mm/).click();
    await expect(page.getByText("4 of 6 still to do.")).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Glass clean on both sides")).toBeChecked();

    const aim = /[\d.]+/.exec((await page.getByRole("button", { name: /^Count / }).textContent()) ?? "")?.[0] ?? "";
    await page.getByRole("button", { name: "Burned already" }).click();
    await page.getByLabel("Burned for, seconds").fill(aim);
    await page.getByRole("button", { name: "Burned", exact: true }).click();
    await page.getByRole("button", { name: /^Closed lines/ }).click();
    await page.getByRole("button", { name: /^That is what I see/ }).click();
    await expect(page.getByText(/^Too much light: the finest lines have closed/)).toBeVisible();
    await expect(page.getByText(/cannot go to the press: make it again|How did the stencil come off/).first()).toBeVisible();
    await page.getByRole("button", { name: "Look again" }).click();
    await page.getByRole("button", { name: /Closed lines/ }).click();
    await page.getByRole("button", { name: /^All clean and open/ }).click();
    await expect(page.getByRole("heading", { name: "At the sink: clean" })).toBeVisible();
  });
}

test("a ruling is looked at on its mesh, given to the plate and taken back", async ({ page }) => {
  await page.goto("/jobs/2/screens?plate=4&look=pattern");
  await page.getByRole("slider", { name: "Ruling" }).fill("45");
  await page.getByRole("slider", { name: "Angle" }).fill("5");
  await expect(page.getByRole("img", { name: "40 % at 45 lpi and 5° through the mesh, 60 × 36 mm at true size" })).toBeVisible();
  const map = page.getByRole("img", { name: /^Map of rulings/ });
  await expect(map).toHaveAttribute("aria-label", /45 lpi at 5°/);
  // A finger on the map looks there.
  const box = await map.boundingBox();
  if (!box) throw new Error("there is no map");
  await page.mouse.click(box.x + box.width * 0.55, box.y + box.height * 0.45);
  await expect(map).not.toHaveAttribute("aria-label", /45 lpi at 5°/);
  await page.getByRole("button", { name: /lpi .*° .* %$/ }).first().click();
  await page.getByRole("button", { name: "Give Lantern amber this halftone" }).click();
  await expect(page.getByRole("button", { name: "This is its halftone" })).toBeDisabled();
  await page.getByRole("list", { name: "Plates in print order" }).getByRole("button", { name: "Straw", exact: true }).click();
  await expect(page.getByRole("heading", { name: "With the other plates" })).toBeVisible();
  await expect(page.getByText(/^Lantern amber, /)).toBeVisible();
  await page.getByRole("list", { name: "Plates in print order" }).getByRole("button", { name: "Lantern amber", exact: true }).click();
  await page.getByRole("button", { name: "Solid, without halftone" }).click();
  await expect(page.getByRole("button", { name: "Give Lantern amber this halftone" })).toBeVisible();

  // What another mesh would change, with its reasons.
  await page.getByRole("button", { name: "Its mesh" }).click();
  const table = page.getByRole("table");
  await expect(table.getByText("at hand")).toHaveCount(1);
  await table.getByRole("button", { name: /^Ink for the run on 120–34/ }).click();
  await expect(page.getByRole("dialog", { name: /^Why Ink for the run on 120–34/ })).toContainText("Printed area × wet ink × density × prints");
});

test("a frame is reclaimed, taken back, and gets new mesh", async ({ page }) => {
  await page.goto("/rack");
  await page.getByRole("button", { name: "To reclaim" }).click();
  await page.getByRole("link", { name: "27", exact: true }).click();
  await page.getByRole("button", { name: "It came off clean" }).click();
  await expect(page.getByText("Bare mesh.")).toBeVisible();
  await expect(page.getByLabel("State")).toHaveValue("bare");
  await page.keyboard.press("z");
  await expect(page.getByLabel("State")).toHaveValue("to reclaim");
  await page.getByRole("button", { name: "It gets new mesh" }).click();
  await page.getByLabel("New mesh of the catalogue").selectOption({ label: "32 per cm, 100 µm, white" });
  await page.getByLabel("Tension, N/cm").fill("900");
  await page.getByRole("button", { name: "Stretched today" }).click();
  await expect(page.getByRole("alert")).toContainText("“Tension, N/cm” is 900 N/cm; it must lie from");
  await page.getByLabel("Tension, N/cm").fill("26");
  await page.getByRole("button", { name: "Stretched today" }).click();
  await expect(page.getByText(/^Stretched with 32–100 at 26\.0 N\/cm/).first()).toBeVisible();
});

test("the air is read in the dark room, and a screen is dragged to another turn", async ({ page }) => {
  await page.goto("/darkroom");
  await page.getByRole("button", { name: "Read the air, change the room" }).click();
  await page.getByLabel("Humidity, %").fill("130");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("alert")).toContainText("130 % is a misreading");
  await page.getByLabel("Humidity, %").fill("71");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText(/At 71 % humidity screens stay damp inside/)).toBeVisible();
  await page.getByRole("button", { name: "Read the air, change the room" }).click();
  await page.getByLabel("Humidity, %").fill("46");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText(/screens stay damp inside/)).toBeHidden();

  const turns = page.getByRole("list", { name: "Screens in their turn" }).getByRole("listitem");
  const first = (await turns.nth(0).getByRole("link").innerText()).split(",")[0] ?? "";
  const bars = page.getByRole("img", { name: /screens over \d+ hours/ });
  const box = await bars.boundingBox();
  if (!box) throw new Error("there are no bars");
  await page.mouse.move(box.x + 60, box.y + 14);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + 74, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/^In your order/)).toBeVisible();
  await expect(turns.nth(0)).not.toContainText(first);
  await page.getByRole("button", { name: "Let the plan choose" }).click();
  await expect(turns.nth(0)).toContainText(first);
  await expect(page.getByRole("list", { name: "Frames to coat, in order" }).getByRole("listitem").first()).toContainText("ml");
});
