import { execFileSync } from "node:child_process";
import { readdirSync, rmSync } from "node:fs";
import { test as base } from "@playwright/test";

export * from "@playwright/test";

const urls = (process.env.EKTYPE_URLS ?? "http://127.0.0.1:8080").split(" ");
const shops = (process.env.EKTYPE_SHOPS ?? "").split(" ");

// SQLite's own copying, page by page under its locks: the server and the worker keep their connections.
const LAY_BACK = `
  $shop = new SQLite3($argv[1]."/shop.db");
  $shop->busyTimeout(20000);
  $opened = new SQLite3($argv[1]."/opened.db");
  if (!$opened->backup($shop)) { exit(1); }
  $jobs = $opened->query("SELECT id FROM job");
  while ($job = $jobs->fetchArray()) { echo $job[0], " "; }`;

/** The shop as it opens; files of jobs that a test before has made go with them. */
function layBack(shop: string) {
  const jobs = execFileSync("php", ["-r", LAY_BACK, shop], { encoding: "utf8" }).trim().split(" ");
  const files = `${shop}/files/jobs`;
  for (const job of readdirSync(files)) if (!jobs.includes(job)) rmSync(`${files}/${job}`, { recursive: true });
}

/** Every test, and every second try of one, has a shop to itself and begins with it as it opens. */
export const test = base.extend<{ freshShop: void }>({
  baseURL: async ({}, use, test) => use(urls[test.parallelIndex]),
  freshShop: [
    async ({}, use, test) => {
      const shop = shops[test.parallelIndex];
      if (shop) layBack(shop);
      await use();
    },
    { auto: true },
  ],
});
