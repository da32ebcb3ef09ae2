// Types in the draft of a model with a thousand columns, in Chromium, and prints how long it takes
// from each key until the next paint, as the browser itself tells (Event Timing; it rounds to 8 ms
// and tells nothing below 16 ms, which counts as 16 here).
//
//   node bench/typing.mjs URL PASSWORD MODEL TABLE
import { chromium } from "../console/node_modules/@playwright/test/index.mjs";

const [url, password, model, table] = process.argv.slice(2);
if (new URL(url).hostname !== "127.0.0.1") throw new Error("loopback only");
const KEYS = 120;
const MILLISECONDS_BETWEEN_KEYS = 90;

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(url);
await page.getByLabel("Name").fill("mira");
await page.getByLabel("Password").fill(password);
await page.keyboard.press("Enter");
await page.getByRole("navigation", { name: "Pages" }).waitFor();

async function measure(what, path, field) {
  await page.goto(url + path);
  const input = await field();
  await input.click();
  await page.evaluate(() => {
    globalThis.keys = [];
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) if (e.name === "keydown") globalThis.keys.push(e.duration);
    }).observe({ type: "event", durationThreshold: 16 });
  });
  const letters = "overnight stays of guests in the upper valley ";
  for (let i = 0; i < KEYS; i++) {
    await page.keyboard.press(letters[i % letters.length] === " " ? "Space" : letters[i % letters.length]);
    await page.waitForTimeout(MILLISECONDS_BETWEEN_KEYS);
  }
  const slow = await page.evaluate(() => globalThis.keys);
  const times = [...slow, ...Array(Math.max(0, KEYS - slow.length)).fill(16)].sort((a, b) => a - b);
  const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))];
  console.log(
    `${what.padEnd(28)} median ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${times.at(-1)} ms, of ${KEYS} keys`,
  );
}

const of = `?model=${model}`;
await measure("a column's label", `/draft/tables/${table}${of}`, async () =>
  page.getByRole("textbox", { name: /^Label of/ }).first(),
);
await measure("a table's synonyms", `/draft/tables/${table}${of}`, async () =>
  page.getByRole("textbox", { name: "Rows are also called" }),
);
await measure("finding a word", `/draft/words${of}`, async () =>
  page.getByLabel("Find a word or an item"),
);
await measure("a metric's SQL", `/draft/metrics${of}`, async () => {
  await page.getByRole("button", { name: /^Open / }).first().click();
  return page.getByRole("textbox", { name: "SQL" });
});
await browser.close();
