// Takes the pictures of docs/screenshots from a freshly opened demo: node tests/browser/screenshots.mjs http://127.0.0.1:8080
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
  ["dots", "/jobs/4/plates?look=holds", desk],
  ["plates", "/jobs/2/plates?plate=2", desk],
  ["holds", "/jobs/2/plates?look=holds&plate=4", desk],
  ["shifts", "/jobs/2/plates?look=shifts&plate=3", desk],
  ["buys", "/jobs/2/plates?look=buys", desk],
  ["films", "/jobs/2/films", desk],
  ["screens", "/jobs/3/screens?plate=7&look=stencil", desk],
  ["pattern", "/jobs/2/screens?plate=2&look=pattern", desk],
  ["light", "/jobs/3/light?plate=7", desk],
  ["light-tablet", "/jobs/2/light?plate=2", tablet, "safe"],
  ["press", "/jobs/2/press?plate=3", desk],
  ["press-tablet", "/jobs/2/press?plate=3", tablet],
  ["run", "/jobs/2/run", desk],
  ["darkroom", "/darkroom", desk],
];
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
});
for (const [name, path, viewport, light] of views) {
  const context = await browser.newContext({ viewport });
  if (light === "safe") await context.addInitScript(() => localStorage.setItem("ektype.safelight", "1"));
  const page = await context.newPage();
  await page.goto(base + path, { waitUntil: "networkidle" });
  await page.getByRole("heading").first().waitFor();
  await page.waitForTimeout(name === "tones" || name === "inks" ? 8000 : 900);
  await page.screenshot({ path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname });
  await context.close();
}
await browser.close();
