import { expect, test, type Page } from "@playwright/test";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";

async function signIn(page: Page, name = "tobin") {
  await page.goto("/");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(PASSWORD);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
}

async function ask(page: Page, question: string) {
  await page.getByLabel("Question").fill(question);
  await page.keyboard.press("Enter");
}

test("a wrong password is told, and the right one lets in", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("Name").fill("tobin");
  await page.getByLabel("Password").fill("wrong");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByText("Name or password is wrong.")).toBeVisible();
  await signIn(page);
});

test("a question gets its table, chart, restatement and SQL", async ({ page }) => {
  const errors: string[] = [];
  page.on("pageerror", (e) => errors.push(e.message));
  await signIn(page);
  await ask(page, "guest nights by valley this year");
  await expect(
    page.getByRole("heading", { name: "guest nights by valley this year" }),
  ).toBeVisible();
  await expect(page.getByRole("cell", { name: "Harrowmere" })).toBeVisible();
  await expect(page.getByRole("row")).toHaveCount(7);
  await expect(page.getByRole("row", { name: /^Total 164,986/ })).toBeVisible();
  await expect(page.locator("canvas")).toBeVisible();
  await expect(page.getByText("The period is not over; today is 18 October 2026.")).toBeVisible();
  await page.getByRole("button", { name: "How it was computed" }).click();
  await expect(page.getByTestId("sql")).toContainText("group by valleys.valley_id");
  await expect(page).toHaveURL(/q=guest/);
  expect(errors).toEqual([]);
});

test("a number is shown as one, with its unit", async ({ page }) => {
  await signIn(page);
  await ask(page, "total revenue in 2025");
  await expect(page.getByTestId("number")).toContainText(/^[\d,]+\.\d\dEUR$/);
});

test("unread words are marked, and near questions can be asked", async ({ page }) => {
  await signIn(page);
  await ask(page, "carbon emissions by valley");
  await expect(page.getByRole("heading", { name: "This cannot be answered" })).toBeVisible();
  const words = page.getByRole("region", { name: "How each word was read" });
  await expect(words.getByText("not understood")).toHaveCount(2);
  await page.getByRole("button", { name: "How many guest nights did each valley" }).click();
  await expect(page.getByRole("heading", { name: "guest nights by valley" })).toBeVisible();
});

test("an unclear question is asked back, and a click settles it", async ({ page }) => {
  await signIn(page);
  await ask(page, "revenue in Quill");
  await expect(page.getByRole("heading", { name: "Which is meant?" })).toBeVisible();
  await page.getByRole("button", { name: "revenue for valley Quill" }).click();
  await expect(page.getByRole("heading", { name: "revenue for valley Quill" })).toBeVisible();
  await expect(page.getByTestId("number")).toBeVisible();
});

test("starters and pages work by keyboard alone", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "Revenue by month" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "revenue by month this year" })).toBeVisible();
  await page.getByRole("link", { name: "Model" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Metrics" })).toBeVisible();
  await page.getByLabel("Find a word of the model").fill("overnights");
  await expect(page.getByRole("cell", { name: "guest nights", exact: true })).toBeVisible();
  await expect(page.getByRole("cell", { name: "occupancy", exact: true })).toBeHidden();
});

test("a thread is built by follow-ups, handles and next questions", async ({ page }) => {
  await signIn(page);
  await ask(page, "revenue by valley this year");
  await expect(page.getByRole("heading", { name: "revenue by valley this year" })).toBeVisible();
  await ask(page, "only Ossel");
  await expect(
    page.getByRole("heading", { name: "revenue by valley for valley Ossel, this year" }),
  ).toBeVisible();
  await expect(page.getByTestId("kept")).toHaveText(
    "Kept: revenue, by valley, this year. Changed: now for valley Ossel.",
  );
  await page.getByRole("button", { name: "by valley", exact: true }).click();
  await page.getByRole("menuitem", { name: "by channel" }).click();
  await expect(
    page.getByRole("heading", { name: "revenue by channel for valley Ossel, this year" }),
  ).toBeVisible();
  await page.getByRole("group", { name: "Go on" }).getByRole("button").first().click();
  await expect(page.getByRole("cell", { name: "website" })).toBeVisible();
  const turns = page.getByRole("complementary", { name: "Threads" }).getByRole("listitem");
  await expect(turns.filter({ hasText: "only Ossel" })).toHaveCount(1);
  await page.getByRole("button", { name: "only Ossel" }).click();
  await expect(
    page.getByRole("heading", { name: "revenue by valley for valley Ossel, this year" }),
  ).toBeVisible();
  await page.reload();
  await expect(
    page.getByRole("heading", { name: "revenue by valley for valley Ossel, this year" }),
  ).toBeVisible();
});

test("rows are sorted, and a group is gone on with", async ({ page }) => {
  await signIn(page);
  await ask(page, "revenue by valley this year");
  const first = page.getByRole("row").nth(1);
  await expect(first).toContainText("Harrowmere");
  await page.getByRole("button", { name: "valley", exact: true }).click();
  await expect(first).toContainText("Brannick");
  await expect(page.getByRole("columnheader", { name: /valley/ })).toHaveAttribute(
    "aria-sort",
    "ascending",
  );
  await page.getByRole("cell", { name: "Quill" }).getByRole("button").click();
  await expect(
    page.getByRole("heading", { name: "revenue by valley for valley Quill, this year" }),
  ).toBeVisible();
});

test("the rows behind a number are listed and paged through", async ({ page }) => {
  await signIn(page);
  await ask(page, "number of stays in Ossel in June 2026");
  await page
    .getByRole("group", { name: "Rows behind it" })
    .getByRole("button", { name: "stays" })
    .click();
  await expect(page.getByRole("heading", { name: /^list of stays/ })).toBeVisible();
  await expect(page.getByText(/^Rows 1 to 100 of/)).toBeVisible();
  await page.getByRole("button", { name: "Rows after" }).click();
  await expect(page.getByText(/^Rows 101 to/)).toBeVisible();
  await page.getByRole("columnheader", { name: "arrival date" }).getByRole("button").click();
  await expect(page.getByText(/^Rows 1 to 100 of/)).toBeVisible();
});

test("an answer says what its numbers mean", async ({ page }) => {
  await signIn(page);
  await ask(page, "occupancy by valley");
  await page.getByRole("button", { name: "What the numbers mean" }).click();
  await expect(page.getByText("Guest nights as a share of the bed nights on offer.")).toBeVisible();
  await expect(page.getByText("guest nights / bed nights offered")).toBeVisible();
});

test("threads are found, renamed and deleted", async ({ page }) => {
  await signIn(page);
  await ask(page, "number of bridges by material");
  await expect(page.getByRole("heading", { name: "number of bridges by material" })).toBeVisible();
  await page.getByRole("button", { name: "New thread" }).click();
  await page.getByLabel("Find a thread").fill("bridges by mat");
  await page.getByRole("button", { name: "More about number of bridges by material" }).click();
  await page.getByRole("menuitem", { name: "Rename" }).click();
  await page.getByLabel("Name of the thread").fill("Timber and steel");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Timber and steel", exact: true }).click();
  await expect(page.getByRole("heading", { name: "number of bridges by material" })).toBeVisible();
  await page.getByRole("button", { name: "New thread" }).click();
  await page.getByRole("button", { name: "More about Timber and steel" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page.getByRole("button", { name: "Timber and steel", exact: true })).toBeHidden();
});

test("what is typed is read and completed, by keyboard", async ({ page }) => {
  await signIn(page);
  const box = page.getByRole("combobox", { name: "Question" });
  await box.pressSequentially("revenue by v");
  await expect(page.getByRole("option", { name: /^revenue by valley/ })).toBeVisible();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("option", { selected: true, name: /revenue/ })).toHaveText(
    /^revenue by valley/,
  );
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "revenue by valley" })).toBeVisible();
  await expect(box).toHaveValue("");
  await box.pressSequentially("only os");
  await expect(page.getByRole("option", { name: /^only Ossel/ })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("option", { name: /^only Ossel/ })).toHaveCount(0);
});

test("an answer is told in words, and taken along", async ({ page }) => {
  await signIn(page);
  await ask(page, "revenue by valley this year");
  const words = page.getByRole("region", { name: "In words" });
  await expect(words).toContainText("Highest in revenue: Harrowmere");
  await expect(words).not.toContainText("median");
  await words.getByLabel("How much is told").selectOption("technical");
  await expect(words).toContainText("The median of the 5 values");
  for (const [item, file] of [
    ["Rows as CSV", "revenue-by-valley-this-year.csv"],
    ["Rows as XLSX", "revenue-by-valley-this-year.xlsx"],
    ["Picture as PNG", "chart.png"],
    ["Picture as SVG", "chart.svg"],
  ]) {
    await page.getByRole("button", { name: "Take along" }).click();
    const saved = page.waitForEvent("download");
    await page.getByRole("menuitem", { name: item }).click();
    expect((await saved).suggestedFilename()).toBe(file);
  }
});

test("what is no question is told, with the way back to the answer", async ({ page }) => {
  await signIn(page);
  await ask(page, "revenue by valley this year");
  await expect(page.getByRole("heading", { name: "revenue by valley this year" })).toBeVisible();
  await ask(page, "export it");
  await expect(page.getByText("Saving, sharing and files are offered")).toBeVisible();
  await page.getByRole("button", { name: "Back to “revenue by valley this year”" }).click();
  await expect(page.getByRole("heading", { name: "revenue by valley this year" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Take along" })).toBeVisible();
});

test("the page can be used at 360 pixels", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  await ask(page, "revenue by valley this year");
  await expect(page.getByRole("heading", { name: "revenue by valley this year" })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(360);
});

test("dark and light, and signing out", async ({ page }) => {
  await signIn(page);
  await page.getByRole("button", { name: "Dark" }).click();
  await expect(page.locator("html")).toHaveClass(/dark/);
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
  await page.goto("/ask?q=revenue");
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
});

test("a warden is told what she does not see", async ({ page }) => {
  await signIn(page, "renna");
  await ask(page, "number of stays");
  await expect(page.getByText("You see only the stays that your role covers.")).toBeVisible();
});

test("the first page needs less than 500 KB of script", async ({ page }) => {
  const scripts: Promise<number>[] = [];
  page.on("response", (r) => {
    if (r.url().endsWith(".js")) {
      scripts.push(
        r
          .request()
          .sizes()
          .then((s) => s.responseBodySize),
      );
    }
  });
  await signIn(page);
  const sizes = await Promise.all(scripts);
  const total = sizes.reduce((a, b) => a + b, 0);
  expect(total).toBeGreaterThan(10_000);
  expect(total).toBeLessThan(500_000);
});
