import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  outputDir: "out",
  timeout: 90_000,
  expect: { timeout: 15_000 },
  workers: 1,
  // On a shared machine a slow minute is no fault of the page; a test that fails twice is.
  retries: process.env.CI ? 1 : 0,
  reporter: [["list"]],
  use: {
    baseURL: process.env.EKTYPE_URL ?? "http://127.0.0.1:8080",
    viewport: { width: 1280, height: 800 },
    trace: "off",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
    },
  },
});
