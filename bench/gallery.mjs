// Every kind of picture that answers of the demo are drawn as, with its question, on one page:
// node bench/gallery.mjs URL PASSWORD FOLDER
import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { chromium } from "../console/node_modules/@playwright/test/index.mjs";

const [, , url, password, folder] = process.argv;

/** What shows each kind, and what is looked at. */
const PICTURES = [
  ["Number, with its trend", "revenue last month"],
  ["Number, compared", "revenue last month compared with the year before"],
  ["Line", "guest nights by month in 2025"],
  ["Lines", "guest nights by valley and month in 2025"],
  ["Area", "revenue by month in 2025 as an area chart"],
  ["Bars", "revenue by valley this year"],
  ["Bars in order", "stays by day of week in 2025"],
  ["Bars side by side", "number of stays by valley and channel in 2025"],
  ["Stacked bars", "number of stays by valley and channel in 2025 as stacked bars"],
  ["Bars with a line", "revenue and occupancy by month in 2025 as bars with a line"],
  ["Two measures of one unit", "revenue and refunds by valley in 2025"],
  ["Two measures of two units", "revenue and occupancy by month in 2025"],
  ["Scatter", "revenue and occupancy by hut in 2025 as a scatter plot"],
  ["Heat map", "guest nights by hut and month in 2025"],
  ["Tree map", "revenue by hut in 2025 as a tree map"],
  ["Tree map of two groups", "revenue by valley and hut in 2025 as a tree map"],
  ["Sunburst", "revenue by valley and channel in 2025 as a sunburst"],
  ["Histogram", "stays by party size in groups of 2 as a histogram"],
  ["Small multiples", "revenue by valley, channel and month in 2025"],
  ["Map of points", "revenue by hut in 2025 on a map"],
  ["Map of outlines", "occupancy by valley in 2025 on a map"],
  ["Cross table", "guest nights by valley and quarter in 2025 as a cross table"],
  ["Table", "list of callouts in August 2026"],
];

/** Kinds that are tables. */
const WITHOUT_CHART = /table|^Table|compared/;

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 1400 } });
await page.goto(url);
await page.getByLabel("Name").fill("tobin");
await page.getByLabel("Password").fill(password);
await page.keyboard.press("Enter");
await page.getByRole("navigation", { name: "Pages" }).waitFor();
mkdirSync(folder, { recursive: true });
const figures = [];
for (const [i, [kind, question]] of PICTURES.entries()) {
  await page.goto(`${url}/ask?model=huts&q=${encodeURIComponent(question)}`);
  await page.getByText("Is this right?").waitFor();
  await page.waitForLoadState("networkidle");
  const heading = page.getByRole("heading", { level: 1 });
  const chart = page.locator("canvas").first();
  const table = page.getByRole("table").first().locator("..");
  const number = page.getByTestId("number").locator("..");
  const shown = kind.includes("trend") ? number : WITHOUT_CHART.test(kind) ? table : chart;
  await shown.waitFor();
  await page.waitForTimeout(500);
  const file = `${String(i + 1).padStart(2, "0")}.png`;
  await shown.screenshot({ path: join(folder, file) });
  figures.push([kind, question, await heading.innerText(), file]);
}
await browser.close();
const escape = (text) => text.replace(/&/g, "&amp;").replace(/</g, "&lt;");
const html = figures
  .map(
    ([kind, question, read, file]) =>
      `<figure><figcaption><b>${escape(kind)}</b><br>“${escape(question)}”` +
      (read === question ? "" : `<br>read as: ${escape(read)}`) +
      `</figcaption><img src="${file}" alt="${escape(read)}"></figure>`,
  )
  .join("\n");
writeFileSync(
  join(folder, "index.html"),
  `<!doctype html><html lang="en"><meta charset="utf-8"><title>Pictures</title>
<style>body{font:15px sans-serif;margin:2rem;display:grid;grid-template-columns:1fr 1fr;gap:2rem}
figure{margin:0}img{max-width:100%;max-height:24rem;border:1px solid #ddd}figcaption{margin-bottom:.5rem}</style>
${html}</html>`,
);
console.log(join(folder, "index.html"));
