import { expect, test, type Browser, type Page } from "@playwright/test";
import { keyboard, mouse, type Hand } from "./hands";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";

const heading = (page: Page, name: string | RegExp) => page.getByRole("heading", { name }).first();
const button = (page: Page, name: string | RegExp) =>
  page.getByRole("button", { name, exact: typeof name === "string" }).first();
const part = (page: Page, name: string) =>
  page.getByRole("group", { name: "Parts to change" }).getByRole("button", { name, exact: true });
const question = (page: Page) => page.getByLabel("Question");

async function asked(page: Page, text: string) {
  await page.goto(`/ask?model=huts&q=${encodeURIComponent(text)}`);
  // While it is computed, the words are there already; the verdict is not.
  await expect(page.getByText("Is this right?")).toBeVisible();
}

interface Job {
  name: string;
  /** What is on the page when the job begins: an answer, or nothing. */
  from?: string;
  does: (page: Page, hand: Hand) => Promise<void>;
}

/** What people do on an ordinary day, with nothing but the page. */
const JOBS: Job[] = [
  {
    name: "asks in plain words",
    does: async (page, hand) => {
      await hand.write(question(page), "guest nights by valley last month", true);
      await expect(heading(page, "guest nights by valley last month")).toBeVisible();
    },
  },
  {
    name: "lets the words be completed",
    does: async (page, hand) => {
      await hand.complete(question(page), "occupan", "occupancy");
      await expect(heading(page, /^occupancy/)).toBeVisible();
    },
  },
  {
    name: "begins with a starter",
    does: async (page, hand) => {
      await hand.press(button(page, /Revenue by month/));
      await expect(heading(page, "revenue by month this year")).toBeVisible();
    },
  },
  {
    name: "swaps the metric",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "revenue"), "guest nights");
      await expect(heading(page, "guest nights by valley in 2025")).toBeVisible();
    },
  },
  {
    name: "breaks down further",
    from: "revenue in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "Add ..."), "by channel");
      await expect(heading(page, "revenue by channel in 2025")).toBeVisible();
    },
  },
  {
    name: "takes a limit out",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "in 2025"), "leave out");
      await expect(heading(page, /^revenue by valley$/)).toBeVisible();
    },
  },
  {
    name: "changes the period",
    from: "revenue by valley this year",
    does: async (page, hand) => {
      await hand.pick(part(page, "this year"), "last year");
      await expect(heading(page, "revenue by valley last year")).toBeVisible();
    },
  },
  {
    name: "looks for a value among many",
    from: "revenue by month for Oriel Hut in 2025",
    does: async (page, hand) => {
      await hand.press(part(page, "for hut Oriel Hut"));
      await hand.write(page.getByLabel(/^Find among/), "linn");
      await expect(page.getByRole("menuitem")).toHaveText(["Linnet House"]);
      await page.keyboard.press("ArrowDown");
      await page.keyboard.press("Enter");
      await expect(heading(page, /Linnet House/)).toBeVisible();
    },
  },
  {
    name: "switches the picture",
    from: "revenue by valley and channel in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "Add ..."), "as a sunburst");
      await expect(heading(page, /as a sunburst$/)).toBeVisible();
      await expect(page.locator("canvas")).toBeVisible();
    },
  },
  {
    name: "looks at it as a cross table",
    from: "guest nights by valley and quarter in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "Add ..."), "as a cross table");
      await expect(page.getByRole("columnheader", { name: "Q3 2025" })).toBeVisible();
    },
  },
  {
    name: "goes on with a follow-up",
    from: "revenue by hut in 2025",
    does: async (page, hand) => {
      await hand.write(question(page), "only Ossel", true);
      await expect(heading(page, /valley Ossel/)).toBeVisible();
      await expect(page.getByTestId("kept")).toContainText("Kept: revenue");
    },
  },
  {
    name: "goes on from one row",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.press(page.getByRole("cell").getByRole("button", { name: "Sey", exact: true }));
      await expect(heading(page, /valley Sey/)).toBeVisible();
    },
  },
  {
    name: "goes back to an earlier step",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.write(question(page), "by month", true);
      await expect(heading(page, /month in 2025/)).toBeVisible();
      await hand.press(button(page, "revenue by valley in 2025"));
      await expect(heading(page, "revenue by valley in 2025")).toBeVisible();
    },
  },
  {
    name: "says which of two was meant",
    does: async (page, hand) => {
      await hand.write(question(page), "refunds in Quill", true);
      await hand.press(button(page, "refunds for valley Quill"));
      await expect(heading(page, "refunds for valley Quill")).toBeVisible();
    },
  },
  {
    name: "takes a question that can be answered instead",
    does: async (page, hand) => {
      await hand.write(question(page), "carbon emissions by valley", true);
      // The page before it offers the same question as one to begin with.
      await expect(page.getByText("This cannot be answered")).toBeVisible();
      await hand.press(button(page, /^How many guest nights did each valley/));
      await expect(heading(page, /guest nights by valley/)).toBeVisible();
    },
  },
  {
    name: "compares with the year before",
    from: "revenue in 2025",
    does: async (page, hand) => {
      await hand.press(button(page, "compared with the year before"));
      await expect(
        page.getByRole("columnheader", { name: /the year before/ }).first(),
      ).toBeVisible();
    },
  },
  {
    name: "looks at the rows behind a number",
    from: "number of callouts in August 2026",
    does: async (page, hand) => {
      await hand.press(
        page.getByRole("group", { name: "Rows behind it" }).getByRole("button").first(),
      );
      await expect(heading(page, /^list of callouts/)).toBeVisible();
    },
  },
  {
    name: "opens the trend of a number",
    from: "revenue last month",
    does: async (page, hand) => {
      await hand.press(button(page, /Ask for it by month/));
      await expect(heading(page, /^revenue by month between/)).toBeVisible();
    },
  },
  {
    name: "sorts the rows",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      const column = page.getByRole("columnheader", { name: "valley" });
      await hand.press(column.getByRole("button"));
      await expect(column).toHaveAttribute("aria-sort", "ascending");
      await expect(page.getByRole("row").nth(1)).toContainText("Brannick");
    },
  },
  {
    name: "turns the pages of all rows",
    from: "revenue by member",
    does: async (page, hand) => {
      await hand.press(button(page, "Get all rows"));
      await expect(page.getByText(/Rows 1 to 100 of \d{2},\d{3}/)).toBeVisible();
      await hand.press(button(page, "Rows after"));
      await expect(page.getByText(/Rows 101 to 200 of/)).toBeVisible();
    },
  },
  {
    name: "takes the rows along",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      const file = page.waitForEvent("download");
      await hand.pick(button(page, "Take along"), "Rows as CSV");
      expect((await file).suggestedFilename()).toMatch(/revenue-by-valley.*\.csv$/);
    },
  },
  {
    name: "takes the picture along",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await expect(page.locator("canvas")).toBeVisible();
      const file = page.waitForEvent("download");
      await hand.pick(button(page, "Take along"), "Picture as PNG");
      expect((await file).suggestedFilename()).toBe("chart.png");
    },
  },
  {
    name: "copies how it was read",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.pick(button(page, "Take along"), "Copy how it was read");
      await expect(page.getByText("Words copied.")).toBeVisible();
    },
  },
  {
    name: "sees it on a map",
    from: "revenue by hut in 2025",
    does: async (page, hand) => {
      await hand.pick(part(page, "Add ..."), "on a map");
      await expect(heading(page, "revenue by hut in 2025 on a map")).toBeVisible();
      await expect(page.locator("canvas")).toBeVisible();
      await expect(page.getByText("This cannot be shown")).toBeHidden();
    },
  },
  {
    name: "lists the rows behind one number of a table",
    from: "guest nights by valley in 2025",
    does: async (page, hand) => {
      const number = page
        .getByRole("row", { name: /^Ossel/ })
        .getByRole("button", { name: /^[\d,]+$/ });
      await hand.press(number);
      await expect(
        page.getByRole("heading", { name: /^list of stays showing .* for valley Ossel, in 2025/ }),
      ).toBeVisible();
    },
  },
  {
    name: "keeps the answer as it is and opens it by its link",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.pick(button(page, "Take along"), "Copy a link to the answer as it is now");
      await expect(page.getByText("It shows this answer as it is now.")).toBeVisible();
      await page.goto(await page.evaluate(() => navigator.clipboard.readText()));
      await expect(page.getByText(/^As it was on/)).toBeVisible();
      await expect(heading(page, "revenue by valley in 2025")).toBeVisible();
      await hand.press(page.getByRole("link", { name: "Ask it anew" }));
      await expect(page).toHaveURL(/\/ask\?/);
    },
  },
  {
    name: "has it told in another voice",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      const voice = page.getByLabel("How much is told");
      await hand.choose(voice, "technical");
      await expect(voice).toHaveValue("technical");
      await hand.choose(voice, "plain");
    },
  },
  {
    name: "looks at how it was computed",
    from: "revenue by valley in 2025",
    does: async (page, hand) => {
      await hand.press(button(page, "How it was computed"));
      await expect(page.getByTestId("sql")).toContainText("group by");
    },
  },
  {
    name: "tells the author what is wrong",
    from: "number of stays by channel in 2025",
    does: async (page, hand) => {
      await hand.press(button(page, "Wrong"));
      await hand.choose(page.getByLabel("What is wrong?"), "what it is limited to");
      await hand.write(page.getByLabel("What should it be?"), "without cancelled stays");
      await hand.press(button(page, "Tell the author"));
      await expect(page.getByText("Kept: this is wrong.")).toBeVisible();
    },
  },
  {
    name: "finds a thread again, and renames it",
    from: "supply cost by valley in 2025",
    does: async (page, hand) => {
      await hand.press(button(page, "New thread"));
      await hand.write(page.getByLabel("Find a thread"), "supply cost by valley");
      await hand.pick(button(page, /^More about supply cost by valley/), "Rename");
      const name = page.getByLabel("Name of the thread");
      await expect(name).toBeFocused();
      await page.keyboard.press("Control+a");
      await page.keyboard.type(`What supplies cost, by ${hand.name}`);
      await page.keyboard.press("Enter");
      await hand.write(page.getByLabel("Find a thread"), "What supplies");
      await hand.press(button(page, `What supplies cost, by ${hand.name}`));
      await expect(heading(page, "supply cost by valley in 2025")).toBeVisible();
    },
  },
];

async function signedIn(browser: Browser): Promise<Page> {
  const context = await browser.newContext();
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const page = await context.newPage();
  await page.goto("/");
  await page.getByLabel("Name").fill("tobin");
  await page.getByLabel("Password").fill(PASSWORD);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
  return page;
}

/** What was asked and chosen before is no business of these jobs, nor theirs of the next test. */
async function forgetAll(page: Page) {
  await page.goto("/mine");
  await page.getByRole("button", { name: "Delete all" }).click();
  await page.getByRole("button", { name: /Delete all, with/ }).click();
  await expect(page.getByText("No question is kept.")).toBeVisible();
}

for (const handOf of [mouse, keyboard]) {
  test.describe(`by ${handOf.name}`, () => {
    let page: Page;
    test.beforeAll(async ({ browser }) => {
      page = await signedIn(browser);
      await forgetAll(page);
    });
    test.afterAll(async () => {
      await forgetAll(page);
      await page.context().close();
    });
    for (const job of JOBS) {
      test(job.name, async () => {
        if (job.from) await asked(page, job.from);
        else await page.goto("/ask?model=huts");
        await job.does(page, handOf(page));
      });
    }
  });
}
