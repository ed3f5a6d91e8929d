import { type ChildProcess, execFileSync, spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { networkInterfaces, tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { type Browser, expect, type Page, test } from "@playwright/test";
import { grave } from "./axe";
import { drop } from "./picture";

/** A shop of one's own, open in its network: from bare shelves to the second order. */
test.describe.configure({ mode: "serial" });
// Its certificate was made on this machine, so no browser knows it.
test.use({ ignoreHTTPSErrors: true });

const ART = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 90">
  <circle cx="42" cy="45" r="30" fill="#f4c51f"/><rect x="78" y="12" width="30" height="66" fill="#c8262c"/></svg>`;
const root = resolve(process.cwd(), "..");
const home = mkdtempSync(join(tmpdir(), "own-shop-"));
const port = 8600 + (process.pid % 300);
let shop: ChildProcess | undefined;
let told = "";

/** Where another device finds this machine; none of its own names. */
function fromOutside(): string {
  const all = Object.values(networkInterfaces()).flatMap((one) => one ?? []);
  return all.find((one) => one.family === "IPv4" && !one.internal)?.address ?? "127.0.0.1";
}

test.beforeAll(async () => {
  test.setTimeout(180_000);
  shop = spawn(join(root, "ektype"), ["start", "--network", `--port=${port}`], { env: { ...process.env, EKTYPE_DATA: home }, detached: true });
  for (const stream of [shop.stdout, shop.stderr]) stream?.on("data", (text) => { told += text; });
  await expect.poll(() => told, { timeout: 150_000 }).toContain("fingerprint:");
});

test.afterAll(async () => {
  if (shop?.pid) process.kill(-shop.pid, "SIGTERM");
  /** What the launcher had started and is still there: all carry the shop’s folder in their command. */
  const left = () => {
    try {
      return execFileSync("pgrep", ["-f", home], { encoding: "utf8" }).trim();
    } catch {
      return "";
    }
  };
  await expect.poll(left, { message: "closed, it leaves no server behind", timeout: 15_000 }).toBe("");
  rmSync(home, { recursive: true, force: true, maxRetries: 10, retryDelay: 300 });
});

const phrase = () => readFileSync(join(home, "network", "passphrase"), "utf8").trim();
const url = (path: string) => `https://${fromOutside()}:${port}${path}`;

/** A device that has said the words. */
async function letIn(browser: Browser): Promise<Page> {
  const page = await (await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 1280, height: 800 } })).newPage();
  const answer = await page.request.post(url("/api/door"), { data: { phrase: phrase() }, headers: { Origin: url(""), "Sec-Fetch-Site": "same-origin" } });
  expect(answer.status()).toBe(200);
  return page;
}

/** Counts what hands do: presses of the mouse, and keys. */
async function counted(page: Page) {
  await page.addInitScript(() => {
    const count = (name: string) => localStorage.setItem(name, String(Number(localStorage.getItem(name) ?? 0) + 1));
    addEventListener("pointerdown", () => count("clicks"), true);
    addEventListener("keydown", () => count("keys"), true);
  });
  const read = (name: string) => page.evaluate((key) => Number(localStorage.getItem(key) ?? 0), name);
  return { clicks: () => read("clicks"), keys: () => read("keys"), anew: () => page.evaluate(() => localStorage.clear()) };
}

test("a device of the network is refused without the pass-phrase, let in with it, and asked once", async ({ browser }) => {
  // From a network of its own, where this machine lets the test make one: nothing of this machine's own names helps there.
  let outside: string[] = [];
  try {
    for (const line of ["netns add ektype-device", "link add ek-here type veth peer name ek-there", "link set ek-there netns ektype-device", `addr add 10.213.${port % 250}.1/24 dev ek-here`, "link set ek-here up", `-n ektype-device addr add 10.213.${port % 250}.2/24 dev ek-there`, "-n ektype-device link set ek-there up", `-n ektype-device route add default via 10.213.${port % 250}.1`]) execFileSync("ip", line.split(" "), { stdio: "pipe" });
    outside = ["ip", "netns", "exec", "ektype-device"];
  } catch {
    outside = [];
  }
  try {
    const ask = (...more: string[]) => {
      const [program, ...before] = [...outside, "curl", "-sk", "-o", "/dev/null", "-w", "%{http_code}"];
      return execFileSync(program ?? "", [...before, ...more], { encoding: "utf8" });
    };
    for (const path of ["/api/shop", "/%61pi/shop", "/api/jobs", "/api/sheets/rack.csv", "/api/jobs/1/art"]) expect(ask(url(path)), path).toBe("401");
    expect(ask("-X", "POST", "-H", "Content-Type: application/json", "-d", "{}", url("/api/morning"))).toBe("401");
    expect(ask("-b", `ektype_device=${Math.floor(Date.now() / 1000) + 9999}.${"0".repeat(64)}`, url("/api/shop"))).toBe("401");
    expect(ask("-H", "Host: elsewhere.example", url("/api/shop"))).toBe("421");
    expect(ask("-X", "POST", "-H", "Content-Type: application/json", "-d", JSON.stringify({ phrase: "not these words" }), url("/api/door"))).toBe("422");
    const kept = join(home, "device.txt");
    expect(ask("-c", kept, "-X", "POST", "-H", "Content-Type: application/json", "-d", JSON.stringify({ phrase: phrase().toUpperCase() }), url("/api/door"))).toBe("200");
    expect(ask("-b", kept, url("/api/shop"))).toBe("200");
  } finally {
    if (outside.length > 0) for (const line of ["netns del ektype-device", "link del ek-here"]) try { execFileSync("ip", line.split(" "), { stdio: "pipe" }); } catch { /* gone with the other */ }
  }
  // The same on a tablet, through its browser.
  const page = await (await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 800, height: 1280 } })).newPage();
  await page.goto(url("/rack"));
  await expect(page.getByText("open to the devices of its network")).toBeVisible();
  expect(await grave(page)).toEqual([]);
  await page.getByLabel("Pass-phrase").fill("amber amber amber");
  await page.getByRole("button", { name: "Let this device in" }).click();
  await expect(page.getByRole("alert")).toContainText("These are not the words");
  await page.getByLabel("Pass-phrase").fill(phrase());
  await page.getByLabel("What this device is called").fill("Tablet at the press");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Rack" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("heading", { name: "Rack" })).toBeVisible();
  // Another device finds it listed by its name and sends it away: it is asked again.
  const other = await letIn(browser);
  await other.goto(url("/devices"));
  await expect(other.getByText("(this one)")).toBeVisible();
  expect(await grave(other)).toEqual([]);
  await other.getByRole("button", { name: "Send away Tablet at the press" }).click();
  await expect(other.getByText("Tablet at the press")).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("Pass-phrase")).toBeVisible();
});

test("from bare shelves by six questions to films and a work order, and to the second order", async ({ browser }) => {
  test.setTimeout(180_000);
  const page = await letIn(browser);
  const hands = await counted(page);
  await page.goto(url("/"));
  await hands.anew();

  // First morning.
  await page.getByRole("link", { name: "Set up the shop: six questions" }).click();
  await expect(page.getByRole("heading", { name: "First morning" })).toBeVisible();
  expect(await grave(page)).toEqual([]);
  // A length that nobody typed over is the same after inches and back.
  await page.getByRole("radio", { name: "Inches, threads per inch" }).check();
  await expect(page.getByLabel("Inside across, in")).toHaveValue("18.110");
  await page.getByRole("radio", { name: "Millimetres, threads per cm" }).check();
  await expect(page.getByLabel("Inside across, mm")).toHaveValue("460");
  await page.getByRole("radio", { name: /^Automatic/ }).check();
  await expect(page.getByRole("textbox", { name: "Heads" })).toHaveValue("8");
  await expect(page.getByRole("textbox", { name: "Platens" })).toHaveValue("10");
  await page.getByRole("radio", { name: /^Rotary/ }).check();
  await page.getByRole("radio", { name: "Halogen work light" }).check();
  await page.getByLabel("Row 4, how many frames").click();
  await page.keyboard.press("Control+a");
  await page.keyboard.type("4");
  await page.getByRole("button", { name: "Open the shop" }).click();
  await expect(page).toHaveURL(/\/jobs$/);
  await expect(page.getByRole("link", { name: "Set up the shop: six questions" })).toBeHidden();

  // A picture becomes a job; its order is told.
  await drop(page, "low-lamp.svg", "image/svg+xml", ART);
  // How large it can be is told before there is a job: sheets of 330 × 483 mm, marks and feed off.
  await page.getByLabel("Print width, mm").fill("500");
  await expect(page.getByText(/The largest print that fits is \d{3} mm wide/)).toBeVisible();
  await page.getByRole("button", { name: /^Take \d{3} mm$/ }).click();
  await expect(page.getByText(/The largest print that fits/)).toHaveCount(0);
  await page.getByLabel("Print width, mm").fill("300");
  await page.getByRole("button", { name: "Make the job" }).click();
  await expect(page.getByRole("heading", { name: "Low Lamp" })).toBeVisible();
  await expect(page.getByRole("slider", { name: "Pull the print, plate by plate" })).toHaveAttribute("aria-valuemax", /[23]/, { timeout: 60_000 });
  await page.keyboard.press("a");
  await page.getByLabel("Customer").click();
  await page.keyboard.type("Quay Bakery");
  await page.getByRole("button", { name: "Count by sizes, or several garments" }).click();
  await page.getByLabel("M", { exact: true }).click();
  await page.keyboard.type("20");
  await page.keyboard.press("Tab");
  await page.keyboard.type("30");
  await page.keyboard.press("Tab");
  await expect(page.locator("header")).toContainText("50 cotton tees");

  // Films, frames, work order.
  await page.getByRole("button", { name: /^Write the films/ }).first().click();
  await expect(page.getByText(/^Choose a frame for/)).toBeVisible({ timeout: 60_000 });
  await page.keyboard.press("s");
  await page.getByRole("button", { name: "Take this set" }).click();
  await expect(page.getByText(/^Coat frame/)).toBeVisible();
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: "50 pieces" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Head by head" })).toBeVisible();
  const [clicks, keys] = [await hands.clicks(), await hands.keys()];
  console.log(`      from bare shelves to films and work order: ${clicks} clicks, ${keys} keys`);
  expect(clicks).toBeLessThan(60);
  expect(keys).toBeLessThan(80);

  // It is done; next week the same is ordered again.
  await page.getByRole("button", { name: "Job", exact: true }).click();
  await page.getByRole("button", { name: "Finish", exact: true }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.goto(url("/jobs"));
  await hands.anew();
  await page.getByRole("button", { name: "Print again Low Lamp" }).click();
  await expect(page.getByText("Printed again.")).toBeVisible();
  // How many it was the last time is told, never taken over.
  await expect(page.getByText("The order before was 50 pieces")).toBeVisible();
  await page.keyboard.press("a");
  await page.getByLabel("M", { exact: true }).click();
  await page.keyboard.type("40");
  await page.keyboard.press("Enter");
  await expect(page.locator("header")).toContainText("40 cotton tees");
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: "40 pieces" })).toBeVisible();
  const again = await hands.clicks();
  console.log(`      the second order, to its work order: ${again} clicks`);
  expect(again).toBeLessThan(10);
  const [page1] = await Promise.all([page.waitForEvent("download"), page.getByRole("link", { name: "Proof page for the customer, PDF" }).click()]);
  expect(readFileSync(await page1.path()).subarray(0, 4).toString()).toBe("%PDF");
});

test("the rack goes out as a table and comes back unchanged; a bad row is named before anything is taken", async ({ browser }) => {
  const page = await letIn(browser);
  await page.goto(url("/rack"));
  const [out] = await Promise.all([page.waitForEvent("download"), page.getByRole("link", { name: "Take it out as a table, Frames" }).click()]);
  const table = readFileSync(await out.path(), "utf8");
  const bring = (text: string) => page.getByLabel("Bring in a table, Frames").setInputFiles({ name: "rack.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await bring(table);
  await expect(page.getByText(/rack\.csv: 0 new, 0 changed, 14 as they are\./)).toBeVisible();
  await expect(page.getByRole("button", { name: "Nothing to take" })).toBeDisabled();
  await bring(`${table}21,77,55,white,460,560,,,22,,\r\n22,77,400,white,460,560,,,22,,\r\n`);
  await expect(page.getByText("1 new, 0 changed, 14 as they are, 1 cannot be taken.")).toBeVisible();
  await expect(page.getByText(/there would be no opening for ink/)).toBeVisible();
  expect(await grave(page)).toEqual([]);
  await page.getByRole("button", { name: "Take the one row" }).click();
  await expect(page.getByRole("cell", { name: "21", exact: true })).toBeVisible();
  await page.keyboard.press("z");
  await expect(page.getByRole("cell", { name: "21", exact: true })).toBeHidden();
  const after = await page.request.get(url("/api/sheets/rack.csv"));
  expect(await after.text()).toBe(table);
});

test("a shop that counts in inches reads, types and keeps lengths in inches, and none drifts", async ({ browser }) => {
  const page = await letIn(browser);
  await page.goto(url("/rack"));
  await expect(page.getByRole("heading", { name: "Rack" })).toBeVisible();
  await page.keyboard.press("u");
  await page.getByRole("link", { name: "1", exact: true }).click();
  await page.getByRole("button", { name: "Change frame 1" }).click();
  const sheet = page.getByRole("dialog", { name: "Change frame 1" });
  await expect(sheet.getByLabel("Inside across, in")).toHaveValue("18.110");
  await sheet.getByLabel("Inside along, in").fill("0.5");
  await sheet.getByRole("button", { name: "Keep it so" }).click();
  await expect(sheet.getByRole("alert")).toContainText("“Inside along, in” is 0.50 in; it must lie from 1.97 to 118.1 in");
  await sheet.getByLabel("Inside along, in").fill("22 1/4");
  await sheet.getByRole("button", { name: "Keep it so" }).click();
  await expect(sheet).toBeHidden();
  const frame = (await (await page.request.get(url("/api/shop"))).json()).frames.find((f: { label: string }) => f.label === "1");
  expect(frame.insideWidthMm).toBe(460);
  expect(frame.insideHeightMm).toBeCloseTo(565.15, 6);
});

test("a knob is put where it sits by touch and by arrow keys, and a full turn tells which way it pushes", async ({ browser }) => {
  const page = await letIn(browser);
  await page.goto(url("/presses"));
  await expect(page.getByText(/assumed: its knobs sit/)).toBeVisible();
  await page.getByRole("button", { name: /^Turn a knob and measure/ }).click();
  await page.getByRole("combobox", { name: "Knob" }).selectOption({ label: "Side" });
  for (const at of [0, 1]) await page.getByLabel("Moved right, mm").nth(at).fill("-0.9");
  await page.getByRole("button", { name: "That is this knob" }).click();
  await expect(page.getByText(/pushes across, 0\.90 mm a turn/)).toBeVisible();
  await page.getByRole("button", { name: /^Change Press/ }).click();
  const sketch = page.getByRole("application");
  await page.getByLabel("Knob 1, name").focus();
  await sketch.focus();
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByLabel("Knob 1, x in mm")).toHaveValue("-155");
  const box = await sketch.boundingBox();
  if (!box) throw new Error("no sketch");
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  await expect(page.getByLabel("Knob 1, x in mm")).toHaveValue("0");
  expect(await grave(page)).toEqual([]);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("a keyboard alone goes from a job to its work order, tells the order, and takes a step back", async ({ browser }) => {
  const page = await letIn(browser);
  await page.goto(url("/jobs"));
  /** Tabs on until the element at hand is called so. */
  const to = async (name: RegExp, most = 90) => {
    for (let i = 0; i < most; i++) {
      await page.keyboard.press("Tab");
      const called = await page.evaluate(() => {
        const at = document.activeElement as HTMLElement | null;
        return at?.getAttribute("aria-label") ?? (at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement || at instanceof HTMLSelectElement ? (at.labels?.[0]?.textContent ?? "") : (at?.textContent ?? ""));
      });
      if (name.test(called)) return;
    }
    throw new Error(`No Tab came to ${name}.`);
  };
  // The first Tab offers the way past the rail.
  await expect(page.getByRole("heading", { name: "Jobs" })).toBeVisible();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  expect(await page.evaluate(() => document.activeElement?.id)).toBe("page");
  await to(/^Low Lamp/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Low Lamp" })).toBeVisible();
  await page.keyboard.press("a");
  await expect(page.getByRole("heading", { name: "The order" })).toBeVisible();
  await to(/^Notes/);
  await page.keyboard.type("Bags of ten, odd ones marked.");
  await page.keyboard.press("Tab");
  await page.keyboard.press("w");
  await expect(page.getByText("Bags of ten, odd ones marked.")).toBeVisible();
  await page.keyboard.press("z");
  await expect(page.getByText("Bags of ten, odd ones marked.")).toBeHidden();
  await page.keyboard.press("Shift+Z");
  await expect(page.getByText("Bags of ten, odd ones marked.")).toBeVisible();
  // A form is closed by Escape.
  await page.keyboard.press("k");
  await expect(page.getByRole("heading", { name: "Rack" })).toBeVisible();
  await to(/^Add several alike/);
  await page.keyboard.press("Enter");
  await to(/^How many frames/);
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("How many frames")).toBeHidden();
  await expect(page.getByRole("button", { name: "Add several alike" })).toBeFocused();
});
