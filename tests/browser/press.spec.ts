import { expect, test } from "./shop";

test("on the virtual press the solver’s turns bring four colours into register in a few pulls", async ({ page }) => {
  await page.goto("/presses");
  await page.getByRole("link", { name: "Practise on the virtual press" }).click();
  await expect(page.getByText(/^Pull 1:/)).toBeVisible();
  await page.getByLabel("Show what the solver would turn").check();
  const done = page.getByText(/^In register after \d+ pulls/);
  for (let pull = 1; pull <= 12 && !(await done.isVisible()); pull++) {
    for (const plate of ["Gold", "Teal", "Rust"]) {
      await page.getByRole("group", { name: "Plates" }).getByRole("button", { name: plate }).click();
      const advice = (await page.getByText(/^Left -?\d/).textContent()) ?? "";
      for (const one of advice.split(", ")) {
        const [, knob, turns] = /^(\w+) (-?[\d.]+)$/.exec(one) ?? [];
        await page.getByLabel(`${knob}, turns`).fill(turns ?? "");
      }
    }
    await page.getByRole("button", { name: "Turn and pull again" }).click();
    await expect(page.getByText(new RegExp(`^(Pull ${pull + 1}:|In register after ${pull + 1} pulls)`))).toBeVisible();
  }
  await expect(done).toBeVisible();
  await page.getByRole("button", { name: "Another press" }).click();
  await expect(page.getByText(/^Pull 1:/)).toBeVisible();
});

test("turned and printed again, the second reading is compared with the first; the set-up is ticked and kept", async ({ page }) => {
  await page.goto("/jobs/2/press?plate=3");
  await expect(page.getByText(/^The turns that were made before this print brought it from .* at the worst mark\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Turned, printed again: read the second strike-off" }).click();
  await expect(page.getByRole("heading", { name: "Read Sage at the marks again" })).toBeVisible();
  await page.getByLabel("top, right", { exact: true }).fill("0.05");
  await page.getByLabel("bottom, right", { exact: true }).fill("0.05");
  await page.getByRole("button", { name: "Reckon the turns" }).click();
  await expect(page.getByText(/brought it from 0\.9\d mm to 0\.05 mm/)).toBeVisible();
  await expect(page.getByRole("heading", { name: /Sage is in register/ })).toBeVisible();
  await page.getByRole("button", { name: "Set up" }).click();
  await page.getByLabel("Platens tight and parallel to each other").check();
  await page.reload();
  await expect(page.getByLabel("Platens tight and parallel to each other")).toBeChecked();
});

test("turns are confirmed once, however slow the shop answers, and head and bench tell one state", async ({ page }) => {
  await page.goto("/jobs/2/press?plate=3");
  const confirm = page.getByRole("button", { name: "Turned, printed again: read the second strike-off" });
  await expect(confirm).toBeVisible();
  await expect(page.locator("header")).toContainText("Sage was 0.96 mm out on the last print.");
  let turned = 0;
  page.on("request", (request) => {
    if (request.url().endsWith("/turned")) turned++;
  });
  await page.route(/\/api\/jobs\/2(\/press)?$/, async (route) => {
    await new Promise((done) => setTimeout(done, 700));
    await route.continue();
  });
  await confirm.click();
  await expect(confirm).toBeDisabled();
  // At every look the head and the bench agree of Sage.
  const told = () =>
    page.evaluate(() => [document.querySelector("header")?.textContent?.includes("Sage was 0.96 mm out") ?? false, document.body.textContent?.includes("Read Sage at the marks again") ?? false]);
  let now = await told();
  for (; !now[1]; now = await told()) {
    expect(now[0], "not told yet anywhere").toBe(true);
    await page.waitForTimeout(50);
  }
  expect(now[0], "told everywhere").toBe(false);
  expect(turned).toBe(1);
});

test("a plate is laid under the loupe by keys alone, corner after corner", async ({ page }) => {
  await page.goto("/jobs/2/press?plate=5");
  const loupe = page.getByRole("application", { name: /Harbour rust under the loupe/ });
  await loupe.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press("Shift+ArrowRight");
  for (let i = 0; i < 2; i++) await page.keyboard.press("ArrowDown");
  await expect(page.getByLabel("top left target, right")).toHaveValue("0.3");
  await expect(page.getByLabel("top left target, away")).toHaveValue("-0.04");
  await expect(page.getByText("By the lines: the third to the right meets.")).toBeVisible();
  await page.keyboard.press("Space");
  await expect(loupe).toHaveAttribute("aria-label", /at top right target: 0\.00 mm to the right/);
  for (let i = 0; i < 3; i++) await page.keyboard.press("Shift+ArrowRight");
  await page.keyboard.press("Space");
  for (let i = 0; i < 3; i++) await page.keyboard.press("Shift+ArrowRight");
  // What is no number is told where it was typed, and is no nought.
  const last = (await page.getByLabel("bottom right target, right").inputValue()) ?? "";
  await page.getByLabel("bottom right target, right").fill("abc");
  await expect(page.getByRole("alert")).toContainText("“abc” at bottom right target is not a number");
  await page.getByLabel("bottom right target, right").fill(last);
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.getByLabel("Print 1 on platen").selectOption("2");
  await page.getByRole("button", { name: "Reckon the turns" }).press("Enter");
  await expect(page.getByRole("heading", { name: /^Harbour rust was 0\.30 mm out/ })).toBeVisible();
  await expect(page.getByText("Print 1, platen 2")).toBeVisible();
});

test("of three prints the one that lies elsewhere is named, the turns wait, and it is left out by a touch", async ({ page }) => {
  await page.goto("/jobs/2/press?plate=5");
  for (const [print, right] of [[1, "0.40"], [2, "0.42"], [3, "-0.90"]] as const) {
    if (print > 1) await page.getByRole("button", { name: "Another print" }).click();
    for (const [k, mark] of ["top left target", "top right target", "bottom right target"].entries()) {
      await page.getByLabel(`${mark}, right`).fill(right);
      await page.getByLabel(`${mark}, away`).fill((0.01 * k).toFixed(2));
    }
  }
  await page.getByRole("button", { name: "Reckon the turns" }).click();
  await expect(page.getByText(/^Print 3 lies 1\.31 mm from the two others/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Turned, printed again/ })).toHaveCount(0);
  await expect(page.getByText("Side knob")).toHaveCount(0);
  await page.getByRole("button", { name: "Leave print 3 out" }).click();
  await expect(page.getByRole("heading", { name: /^Harbour rust was 0\.4\d mm out/ })).toBeVisible();
  await expect(page.getByText("Side knob")).toBeVisible();
  await expect(page.getByRole("group", { name: "Prints" }).getByRole("button", { name: /^Print \d/ })).toHaveCount(2);
});

test("one scan reads every plate; another picture is refused where it was brought", async ({ page }) => {
  await page.goto("/jobs/2/press?plate=5");
  await page.getByLabel("Scan of the strike-off").setInputFiles("../docs/screenshots/jobs.png");
  await expect(page.getByRole("alert").filter({ hasText: "too coarse to read a tenth of a millimetre by" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Read Harbour rust at the marks" })).toBeVisible();
  await page.getByLabel("Scanned print’s platen").selectOption("1");
  await page.getByRole("button", { name: "Try with the simulated scanner" }).click();
  await expect(page.getByText(/^Read: Straw at 3 corners, Sage at 3 corners, Lantern amber at 3 corners, Harbour rust at 3 corners/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("heading", { name: /^Harbour rust was .* out/ })).toBeVisible();
  await expect(page.getByText("Print 1, platen 1")).toBeVisible();
});

test("an order is tried by keys before it is taken, and taken back", async ({ page }) => {
  await page.goto("/jobs/2/press?look=order");
  await expect(page.getByRole("heading", { name: "Orders beside each other" })).toBeVisible();
  await page.getByRole("button", { name: /Sage ?, place 3 of 5/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText("As you laid it", { exact: true })).toBeVisible();
  const stack = page.getByRole("list", { name: "Plates in print order" });
  await expect(stack.getByRole("listitem").nth(2)).toContainText("Sage");
  await page.getByRole("button", { name: /As you laid it/ }).click();
  await expect(stack.getByRole("listitem").nth(3)).toContainText("Sage");
  await page.keyboard.press("z");
  await expect(stack.getByRole("listitem").nth(2)).toContainText("Sage");
});

test("a colour that is off is told what to do and what is made again, and its pot says so", async ({ page }) => {
  await page.goto("/jobs/2/press?look=strike-off&plate=4");
  await expect(page.getByRole("heading", { name: "Is the colour of Lantern amber right?" })).toBeVisible();
  await page.getByLabel(/^Lantern amber is/).selectOption("too strong or too dark");
  await expect(page.getByText(/^Thin it with 10 % of extender by weight$/)).toBeVisible();
  await expect(page.getByText("make again the ink in its pot")).toBeVisible();
  await page.getByRole("button", { name: "Write it on the pot of Lantern amber" }).click();
  await expect(page.getByText(/On the pot of Lantern amber:\s+\d+ \w+ \d{4}, Night Moth Count: 10 % extender by weight/)).toBeVisible();
  await page.goto("/inks");
  await expect(page.getByText(/Night Moth Count: 10 % extender by weight/)).toBeVisible();
});

test("a seam lifts off-contact, a pushed stroke turns the squeegee round, a probe makes flash times the shop’s own", async ({ page }) => {
  await page.goto("/jobs/2/press?look=set-up&plate=2");
  await expect(page.getByRole("img", { name: /^The press from above: head 1 Base white/ })).toBeVisible();
  const flat = (await (await page.request.get("/api/jobs/2/press")).json()).plates.find((plate: { id: number }) => plate.id === 2).print.standing.offContactMm as number;
  await expect(page.getByText(`${flat.toFixed(1)} mm`, { exact: true }).first()).toBeVisible();
  await page.getByLabel("Seam or zip under a screen").fill("1,5");
  await page.keyboard.press("Enter");
  await expect(page.getByText(`${(flat + 1.5).toFixed(1)} mm`, { exact: true }).first()).toBeVisible();
  await page.getByLabel("Strokes").selectOption("push");
  await page.getByLabel("Screens are fitted to").selectOption("printed marks");
  await expect(page.getByText(/^set it back .* towards you/i)).toBeVisible();
  await page.getByRole("button", { name: "Flash and rhythm" }).click();
  await page.getByLabel("The ink then").selectOption("probe");
  await page.getByLabel("Under it, s").fill("5");
  await page.getByLabel("Ink then, °C").fill("114");
  await page.getByRole("button", { name: "Keep this reading" }).click();
  await expect(page.getByText(/1 readings? of this press/).first()).toBeVisible();
});

test("every page tells the same print of every job of the demo: strokes, flashes, grams, seconds", async ({ page }) => {
  const get = async (path: string) => (await page.request.get(path)).json();
  for (const { id } of (await get("/api/jobs")).jobs) {
    const [head, press, run, art] = await Promise.all(
      ["", "/press", "/run", "/art/bench"].map((stage) => get(`/api/jobs/${id}${stage}`)),
    );
    if (head.plates.length === 0) continue;
    let grams = 0;
    for (const [i, { print }] of press.plates.entries()) {
      const [plate, line] = [head.plates[i], run.runs[i]];
      expect([print.id, print.laying, print.stroke.hardness, print.flash?.dwellS ?? null]).toEqual([line.id, line.strokes, line.squeegee, line.dwellS]);
      expect([print.step.flashAfter, print.step.flashReason, print.step.reason]).toEqual([plate.flashAfter, plate.flashReason, plate.orderReason]);
      expect(print.standing.offContactMm).toBeCloseTo(plate.offContact.value, 9);
      const pieces = run.garments
        .filter((g: { change: { leftOut: number[] } }) => !g.change.leftOut.includes(print.id))
        .reduce((sum: number, g: { pieces: number }) => sum + g.pieces, 0);
      expect(pieces * print.gramsEach).toBeCloseTo(line.grams, 9);
      const here = (await get(`/api/plates/${plate.id}/meshes`)).find((row: { here: boolean }) => row.here);
      expect(here.grams.value).toBeCloseTo(line.grams, 9);
      grams += line.grams;
    }
    const same = run.garments.find((g: { line: { hex: string } }) => g.line.hex === head.garmentHex) ?? run.garments[0];
    const seconds = press.rhythm?.pace.secondsAPiece ?? same.change.secondsAPiece;
    if (same.change.leftOut.length === 0) {
      expect(same.change.secondsAPiece, `job ${id}`).toBeCloseTo(seconds, 9);
      expect(run.garments.reduce((sum: number, g: { change: { inkGrams: number } }) => sum + g.change.inkGrams, 0)).toBeCloseTo(grams, 6);
    }
    const orders = await get(`/api/jobs/${id}/press-orders`);
    if (orders.now) expect(orders.now.seconds).toBeCloseTo(seconds, 9);
    // The estimate of the way that was taken is that of its plates.
    if (head.separationCurrent) {
      const offer = await get(`/api/jobs/${id}/method/${encodeURIComponent(art.plan.method)}`);
      expect(Math.abs(offer.secondsAShirt - seconds)).toBeLessThanOrEqual(0.5);
    }
    // What the bench of the art says of the dots is what their screens say.
    if (art.patternsSay !== "") {
      const loudest = await Promise.all(
        head.plates.map(async (p: { id: number }) => (await get(`/api/plates/${p.id}/moire`)).says as string),
      );
      if (art.patternsSay.startsWith("Calm")) for (const says of loudest) expect(says).toContain("Calm");
      else expect(loudest.some((says) => art.patternsSay.toLowerCase().endsWith(says.toLowerCase()))).toBe(true);
    }
  }
});

test("the hand overrules the print of a plate, it is marked, and given back to the rule", async ({ page }) => {
  await page.goto("/jobs/2/press?look=set-up&plate=1");
  const rows = page.getByRole("list", { name: "How Base white is printed" });
  await rows.getByRole("button", { name: "Set Strokes" }).press("Enter");
  await rows.getByRole("combobox", { name: "Strokes" }).selectOption("one stroke");
  await expect(rows.getByText("by hand; the rule says two strokes")).toBeVisible();
  await expect(rows.getByRole("button", { name: "Set Strokes" })).toBeFocused();
  await rows.getByRole("button", { name: "Set Off-contact" }).click();
  await rows.getByRole("textbox", { name: "Off-contact" }).fill("40");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").first()).toContainText("must lie from 0.5 to 15 mm");
  await page.goto("/jobs/2/run");
  await expect(page.getByText(/Base white, one stroke\s*Squeegee 60–65/)).toBeVisible();
  await page.goto("/jobs/2/press?look=set-up&plate=1");
  await page.getByRole("button", { name: /^As the rule.*Strokes/ }).click();
  await expect(rows.getByText("Dark cloth: two strokes, then one flash.")).toBeVisible();
});
