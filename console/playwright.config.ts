import { defineConfig } from "@playwright/test";

/** End to end, on the running service that ROPEBRIDGE_URL names, in Debian's own Chromium. */
export default defineConfig({
  testDir: "e2e",
  // The machine may be shared: what is waited for comes late then, and is still right.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  workers: 1,
  reporter: "list",
  use: {
    baseURL: process.env.ROPEBRIDGE_URL ?? "http://127.0.0.1:8480",
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
      args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
    },
  },
});
