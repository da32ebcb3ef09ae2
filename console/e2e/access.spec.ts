import { AxeBuilder } from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";

/** Every page, and what must be there before it is looked at; a heading, where nothing is said. */
const PAGES: [string, string][] = [
  ["/ask?model=huts", "To begin with"],
  ["/ask?model=huts&q=guest nights by valley this year", "Is this right?"],
  ["/ask?model=huts&q=revenue and guest nights by month in 2025", "Is this right?"],
  ["/ask?model=huts&q=carbon emissions by valley", "Ask the author"],
  ["/ask?model=huts&q=stays in quill", "Which is meant?"],
  ["/ask?model=huts&q=what does occupancy mean", "Is this right?"],
  ["/model?model=huts", "Metrics"],
  ["/draft?model=huts", ""],
  ["/draft/tables?model=huts", ""],
  ["/draft/tables/stays?model=huts", ""],
  ["/draft/links?model=huts", ""],
  ["/draft/metrics?model=huts", ""],
  ["/draft/words?model=huts", ""],
  ["/draft/calendar?model=huts", ""],
  ["/draft/questions?model=huts", ""],
  ["/draft/try?model=huts", ""],
  ["/draft/publish?model=huts", ""],
  ["/draft/editions?model=huts", ""],
  ["/draft/files?model=huts", ""],
  ["/gaps?model=huts", "Cause"],
  ["/use", "Questions by week"],
  ["/log?model=huts", "What became of it"],
  ["/health?model=huts", "Check now"],
  ["/sources", ""],
  ["/mine", "My questions"],
  ["/people", "Signs in as"],
];

/** Serious faults; in the dark only those of colours, since all else is as in the light. */
async function faults(page: Page, colorScheme: "light" | "dark"): Promise<string[]> {
  const all = new AxeBuilder({ page });
  const found = await (colorScheme === "light" ? all : all.withRules("color-contrast")).analyze();
  return found.violations
    .filter((v) => v.impact === "serious" || v.impact === "critical")
    .flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(" ")} ${n.failureSummary ?? ""}`));
}

test("no page has a serious fault for people with other abilities, light or dark", async ({
  browser,
}) => {
  test.setTimeout(900_000);
  const context = await browser.newContext();
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const page = await context.newPage();
  const all: Record<string, string[]> = {};
  const look = async (name: string) => {
    for (const colorScheme of ["light", "dark"] as const) {
      await page.emulateMedia({ colorScheme });
      await expect(page.locator("html")).toHaveClass(new RegExp(colorScheme));
      // Colours that fade into each other are neither of both.
      await page.addStyleTag({ content: "*, *::before, *::after { transition: none !important }" });
      await page.waitForTimeout(300);
      const here = await faults(page, colorScheme);
      if (here.length > 0) all[`${name}, ${colorScheme}`] = here;
    }
  };
  await page.goto("/");
  await expect(page.getByLabel("Name")).toBeVisible();
  await look("sign in");
  await page.getByLabel("Name").fill("iselin");
  await page.getByLabel("Password").fill(PASSWORD);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
  for (const [address, there] of PAGES) {
    await page.goto(address);
    const text = there === "" ? page.getByRole("heading") : page.getByText(there);
    await expect(text.first()).toBeVisible();
    await expect(page.getByLabel("Loading")).toHaveCount(0);
    await expect(page.getByText("This page broke")).toHaveCount(0);
    await look(address);
  }
  await page.goto("/ask?model=huts&q=revenue by hut in 2025 on a map");
  await expect(page.getByText("Is this right?")).toBeVisible();
  await look("a map");
  await page.getByRole("button", { name: "Take along" }).click();
  await page.getByRole("menuitem", { name: "Copy a link to the answer as it is now" }).click();
  await expect(page.getByText("It shows this answer as it is now.")).toBeVisible();
  await page.goto("/mine");
  await expect(page.getByText("Answers that I keep as they were")).toBeVisible();
  await look("kept answers");
  await page.getByRole("link", { name: "revenue by hut in 2025 on a map" }).click();
  await expect(page.getByText(/^As it was on/)).toBeVisible();
  await look("a kept answer");
  expect(all).toEqual({});
});
