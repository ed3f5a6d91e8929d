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
  await expect(page.getByText(/^Before the last turns .* at the worst mark\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Turned, printed again: read the second strike-off" }).click();
  await expect(page.getByRole("heading", { name: "Read Sage at the marks again" })).toBeVisible();
  await page.getByLabel("top, right", { exact: true }).fill("0.05");
  await page.getByLabel("bottom, right", { exact: true }).fill("0.05");
  await page.getByRole("button", { name: "Reckon the turns" }).click();
  await expect(page.getByText(/^Before the last turns 0\.9\d mm, after them 0\.05 mm/)).toBeVisible();
  await expect(page.getByRole("heading", { name: /Sage is in register/ })).toBeVisible();
  await page.getByLabel("Platens tight and parallel to each other").check();
  await page.reload();
  await expect(page.getByLabel("Platens tight and parallel to each other")).toBeChecked();
  await expect(page.getByRole("heading", { name: "Flash and rhythm" })).toBeVisible();
});
