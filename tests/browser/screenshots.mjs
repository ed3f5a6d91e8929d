// Takes the pictures of docs/screenshots from a freshly opened demo and a bare shop:
// node tests/browser/screenshots.mjs http://127.0.0.1:8080 http://127.0.0.1:8081
import { execFileSync } from "node:child_process";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";

const base = process.argv[2] ?? "http://127.0.0.1:8080";
const desk = { width: 1280, height: 800 };
const tablet = { width: 800, height: 1280 };
const views = [
  ["job", "/jobs/2", desk],
  ["jobs", "/jobs", desk],
  ["art", "/jobs/2/art", desk],
  ["tones", "/jobs/4/art", desk],
  ["inks", "/jobs/5/art?look=inks", desk],
  ["rack", "/rack", desk],
  ["plates", "/jobs/2/plates?plate=2", desk],
  ["holds", "/jobs/2/plates?look=holds&plate=4", desk],
  ["films", "/jobs/2/films", desk],
  ["screens", "/jobs/3/screens?plate=7&look=stencil", desk],
  ["light", "/jobs/3/light?plate=7", desk],
  ["step-test", "/step-test?part=run&lamp=1&emulsion=1&um=101&dyed=1&step=6&strips=6", desk, "safe", "Start step 1 (space)"],
  ["press", "/jobs/2/press?plate=3", desk],
  ["press-tablet", "/jobs/2/press?look=set-up&plate=3", tablet],
  ["order", "/jobs/2/press?look=order", { width: 1280, height: 1000 }],
  ["flash", "/jobs/2/press?look=flash", { width: 1280, height: 1000 }],
  ["darkroom", "/darkroom", desk],
];
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
});
for (const [name, path, viewport, light, start] of views) {
  const context = await browser.newContext({ viewport });
  if (light === "safe") await context.addInitScript(() => localStorage.setItem("ektype.safelight", "1"));
  const page = await context.newPage();
  await page.goto(base + path, { waitUntil: "networkidle" });
  await page.getByRole("heading").first().waitFor();
  if (start) await page.getByRole("button", { name: start }).click();
  await page.waitForTimeout(name === "tones" || name === "inks" ? 8000 : 900);
  await page.screenshot({ path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname });
  await context.close();
}
const picture = (name) => new URL(`../../docs/screenshots/${name}`, import.meta.url).pathname;
/** The first page of a PDF as it comes out of the printer. */
const paper = (pdf, name) => execFileSync("pdftoppm", ["-png", "-r", "96", "-f", "1", "-singlefile", pdf, picture(name)]);
const page = await (await browser.newContext({ viewport: desk })).newPage();
await page.emulateMedia({ media: "print" });
await page.goto(`${base}/jobs/2/run`, { waitUntil: "networkidle" });
// On paper the head is not shown; once it is there the order is drawn.
await page.locator("h1", { hasText: "Night Moth Count" }).waitFor({ state: "attached" });
await page.waitForTimeout(2500);
const order = join(tmpdir(), "work-order.pdf");
await page.pdf({ path: order, preferCSSPageSize: true });
paper(order, "run");
if (process.argv[3]) {
  const first = await (await browser.newContext({ viewport: desk })).newPage();
  await first.goto(`${process.argv[3]}/morning`, { waitUntil: "networkidle" });
  await first.getByRole("heading", { name: "First morning" }).waitFor();
  await first.waitForTimeout(600);
  await first.screenshot({ path: picture("morning.png") });
}
await browser.close();
