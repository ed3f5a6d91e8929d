import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  outputDir: "out",
  // A shared machine has slow minutes; a page that never comes is told by its own expectations long before.
  timeout: 180_000,
  expect: { timeout: 15_000 },
  // One browser for each shop that is served; shop.ts gives each its own.
  workers: (process.env.EKTYPE_URLS ?? "one").split(" ").length,
  fullyParallel: true,
  // On a busy machine a second try; what needs it is a fault of page or test, and CI lists it as flaky.
  retries: process.env.CI ? 1 : 0,
  reporter: [["list"]],
  use: {
    viewport: { width: 1280, height: 800 },
    trace: "off",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
    },
  },
});
