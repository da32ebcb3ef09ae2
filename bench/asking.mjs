// Types a question on the big model in Chromium, while others type too, and prints how long it takes
// from each key until the reading of what then stands there is painted: the panel below the box says
// the words that were typed, and a frame has been drawn since.
//
//   node bench/asking.mjs URL PASSWORD QUESTION
import { chromium } from "../console/node_modules/@playwright/test/index.mjs";

const [url, password, question] = process.argv.slice(2);
if (new URL(url).hostname !== "127.0.0.1") throw new Error("loopback only");
const MILLISECONDS_BETWEEN_KEYS = 200;
const ROUNDS = 4;

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(url);
await page.getByLabel("Name").fill("tobin");
await page.getByLabel("Password").fill(password);
await page.keyboard.press("Enter");
await page.getByRole("navigation", { name: "Pages" }).waitFor();
await page.goto(`${url}/ask?model=big`);
const box = page.getByRole("combobox", { name: "Question" });
await box.click();
await page.evaluate(() => {
  globalThis.painted = [];
  let pending;
  const input = document.querySelector("input[role=combobox]");
  input.addEventListener("input", () => {
    const text = input.value.replace(/\s+/g, "");
    // A space changes no word, so there is nothing new to paint.
    pending = input.value.endsWith(" ") ? undefined : { at: performance.now(), text };
  });
  const look = () => {
    if (pending === undefined || pending.drawing) return;
    const words = document.querySelectorAll("[aria-label='How each word was read'] > * > p:first-child");
    const shown = [...words].map((w) => w.textContent).join("");
    if (shown.replace(/\s+/g, "") !== pending.text) return;
    const seen = pending;
    seen.drawing = true;
    requestAnimationFrame(() =>
      setTimeout(() => {
        if (pending === seen) {
          globalThis.painted.push(performance.now() - seen.at);
          pending = undefined;
        }
      }, 0),
    );
  };
  new MutationObserver(look).observe(document.body, {
    subtree: true,
    childList: true,
    attributes: true,
  });
});
let keys = 0;
for (let round = 0; round < ROUNDS; round++) {
  await box.fill("");
  for (const letter of question) {
    await page.keyboard.press(letter === " " ? "Space" : letter);
    if (letter !== " ") keys++;
    await page.waitForTimeout(MILLISECONDS_BETWEEN_KEYS);
  }
}
const times = (await page.evaluate(() => globalThis.painted)).sort((a, b) => a - b);
const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(0);
console.log(
  `key to painted reading: median ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${times.at(-1).toFixed(0)} ms, of ${times.length} keys (${keys} letters typed)`,
);
await browser.close();
