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
  ["inks", "/jobs/5/art?look=inks", desk],
  ["plates", "/jobs/2/plates?plate=2", desk],
  ["films", "/jobs/2/films", desk],
  ["screens", "/jobs/3/screens?plate=7&look=stencil", desk],
  ["light", "/jobs/3/light?plate=7", desk],
  ["step-test", "/step-test?part=run&lamp=1&emulsion=1&um=101&dyed=1&step=6&strips=6", desk, "safe", "Start step 1 (space)"],
  ["press", "/jobs/2/press?plate=3", desk],
  ["flash", "/jobs/2/press?look=flash", { width: 1280, height: 1000 }],
  ["darkroom", "/darkroom", desk],
  ["cure", "/jobs/2/run?look=cure", { width: 1280, height: 1000 }],
  ["after", "/jobs/10/after", { width: 1280, height: 900 }],
  ["quote", "/jobs/2/quote", { width: 1280, height: 1000 }],
  ["days", "/days", desk],
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
  await page.waitForTimeout(name === "inks" ? 8000 : 900);
  await page.screenshot({ path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname });
  await context.close();
}
const picture = (name) => new URL(`../../docs/screenshots/${name}`, import.meta.url).pathname;
/** The first page of a PDF as it comes out of the printer. */
const paper = (pdf, name) => execFileSync("pdftoppm", ["-png", "-r", "96", "-f", "1", "-singlefile", pdf, picture(name)]);
const page = await (await browser.newContext({ viewport: desk })).newPage();
await page.emulateMedia({ media: "print" });
await page.goto(`${base}/jobs/2/run?look=order`, { waitUntil: "networkidle" });
// On paper the head is not shown; once it is there the order is drawn.
await page.locator("h1", { hasText: "Night Moth Count" }).waitFor({ state: "attached" });
await page.waitForTimeout(2500);
const order = join(tmpdir(), "work-order.pdf");
await page.pdf({ path: order, preferCSSPageSize: true });
paper(order, "run");
// A run in progress: what a tablet would have told by now, last, since it changes the shop.
const counted = await (await browser.newContext({ viewport: tablet })).newPage();
await counted.goto(`${base}/jobs/2/run?look=count`, { waitUntil: "networkidle" });
await counted.evaluate(async () => {
  const now = Date.now();
  const at = (s) => now - 1000 * s;
  const ask = (method, path, body) => fetch(path, { method, headers: { "Content-Type": "application/json" }, body: JSON.stringify(body) });
  const { count } = await (await fetch("/api/jobs/2/run/count")).json();
  const sizes = [...Array(8).fill("S"), ...Array(26).fill("M"), ...Array(13).fill("L")];
  await ask("PUT", "/api/jobs/2/approval", { by: "Ada", judgements: [{ what: "colour", good: true }] });
  await ask("POST", "/api/jobs/2/run/count", {
    sentMs: now,
    events: [
      ...count.inks.map((ink, i) => ({ id: `ink${i}`, atMs: at(2300), kind: "filled", plate: ink.plate, grams: [250, 100, 150, 60, 90][i % 5] })),
      ...sizes.map((size, i) => ({ id: `good${i}`, atMs: at(2250 - i * 47), kind: "good", size })),
      { id: "bad1", atMs: at(1400), kind: "misprint", cause: "pick-up" },
      { id: "bad2", atMs: at(700), kind: "misprint", cause: "lint or fibre" },
      { id: "look", atMs: at(900), kind: "looked" },
      { id: "box", atMs: at(500), kind: "boxed", name: "1", pieces: 24 },
    ],
  });
});
await counted.reload({ waitUntil: "networkidle" });
await counted.getByText("47", { exact: true }).first().waitFor();
await counted.waitForTimeout(900);
await counted.screenshot({ path: picture("count.png") });
if (process.argv[3]) {
  const first = await (await browser.newContext({ viewport: desk })).newPage();
  await first.goto(`${process.argv[3]}/morning`, { waitUntil: "networkidle" });
  await first.getByRole("heading", { name: "First morning" }).waitFor();
  await first.waitForTimeout(600);
  await first.screenshot({ path: picture("morning.png") });
}
await browser.close();
