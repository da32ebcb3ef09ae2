import { execFileSync } from "node:child_process";
import { join } from "node:path";
import { expect, test, type Browser, type Page } from "@playwright/test";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";
const CLIENT = join(import.meta.dirname, "../../ropebridge");

async function signedIn(browser: Browser, name: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto("/");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(PASSWORD);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
  return page;
}

async function ask(page: Page, question: string) {
  await page.goto(`/ask?model=huts&q=${encodeURIComponent(question)}`);
}

/** Forgets all that is kept of who is signed in. */
async function forgetAll(page: Page) {
  await page.goto("/mine");
  await page.getByRole("button", { name: "Delete all" }).click();
  await page.getByRole("button", { name: /^Delete all, with/ }).click();
  await expect(page.getByText("No question is kept.")).toBeVisible();
}

/** The number of the newest edition. */
function newest() {
  const list = execFileSync(CLIENT, ["model", "list"], { encoding: "utf8" });
  return /^huts +(\d+)/m.exec(list)?.[1] ?? "";
}

test("a word that was not understood comes back to who asked, once it is mended", async ({
  browser,
}) => {
  test.setTimeout(240_000);
  execFileSync(CLIENT, ["model", "discard", "huts"]);
  const before = newest();
  const tobin = await signedIn(browser, "tobin");
  const mira = await signedIn(browser, "mira");
  await forgetAll(tobin);

  // The asker meets a word that is not read, and asks the author.
  await ask(tobin, "sleepovers by valley");
  await expect(tobin.getByText('Not understood: "sleepovers"')).toBeVisible();
  await tobin.getByLabel("Ask the author").fill("nights that guests spent");
  await tobin.getByRole("button", { name: "Send" }).click();
  await expect(tobin.getByText("The author has your question")).toBeVisible();

  // The author finds it among the gaps, sees what a synonym would do, and puts it in the draft.
  await mira.getByRole("link", { name: "Gaps" }).click();
  await mira.getByRole("button", { name: /“sleepovers” is not understood/ }).click();
  await expect(mira.getByText("They said: “nights that guests spent”")).toBeVisible();
  await mira.getByRole("button", { name: "guest nights", exact: true }).click();
  await mira.getByRole("button", { name: "Try it" }).click();
  await expect(mira.getByText("No agreed sample question is read otherwise.")).toBeVisible();
  await expect(mira.getByText(/is read as: guest nights by valley/)).toBeVisible();
  await mira.getByRole("button", { name: "Put it in the draft" }).click();
  await expect(mira.getByRole("button", { name: /“sleepovers”/ })).toHaveCount(0);

  // Rehearsed and published.
  await mira.goto("/draft/publish?model=huts");
  await mira.getByRole("button", { name: "Rehearse", exact: true }).click();
  const publish = mira.getByRole("button", { name: /^Publish as edition/ });
  await expect(publish).toBeEnabled({ timeout: 90_000 });
  await mira.getByLabel("What is new").fill("Sleepovers are guest nights.");
  await publish.click();
  await expect(mira.getByText(/Published as edition/)).toBeVisible({ timeout: 90_000 });

  // Who asked is told, and gets the answer.
  await expect(async () => {
    await tobin.goto("/ask");
    await expect(tobin.getByText("“sleepovers by valley” can be answered now.")).toBeVisible({
      timeout: 2_000,
    });
  }).toPass({ timeout: 60_000 });
  await tobin.getByRole("button", { name: "Ask it" }).first().click();
  await expect(tobin.getByRole("heading", { name: "guest nights by valley" })).toBeVisible();

  // A verdict, and everything deleted again.
  await tobin.getByRole("button", { name: "Wrong" }).click();
  await tobin.getByLabel("What should it be?").fill("without wardens");
  await tobin.getByRole("button", { name: "Tell the author" }).click();
  await expect(tobin.getByText("Kept: this is wrong.")).toBeVisible();
  await mira.goto("/gaps?model=huts");
  await expect(mira.getByRole("button", { name: /judged wrong: guest nights/ })).toBeVisible();
  await forgetAll(tobin);
  execFileSync(CLIENT, ["model", "back", "huts", before]);
});

test("a word means what one person says, for this person, until it is forgotten", async ({
  browser,
}) => {
  const tobin = await signedIn(browser, "tobin");
  await forgetAll(tobin);
  await ask(tobin, "pillowcount by valley");
  const meaning = tobin.getByRole("group", { name: "What pillowcount means" });
  await meaning.getByRole("button", { name: "something else" }).click();
  await meaning.locator("input").fill("guest nights");
  await meaning.getByRole("button", { name: "Ask with it" }).click();
  await expect(tobin.getByRole("heading", { name: "guest nights by valley" })).toBeVisible();
  await tobin.getByRole("link", { name: "Change it" }).click();
  await tobin.getByRole("button", { name: "Forget: pillowcount" }).click();
  await expect(tobin.getByRole("button", { name: "Forget: pillowcount" })).toHaveCount(0);
  await ask(tobin, "pillowcount by valley");
  await expect(tobin.getByText('Not understood: "pillowcount"')).toBeVisible();
});

test("what was chosen once is offered to the author as a preference", async ({ browser }) => {
  const tobin = await signedIn(browser, "tobin");
  const mira = await signedIn(browser, "mira");
  await forgetAll(tobin);
  await ask(tobin, "stays in quill");
  await tobin.getByRole("button", { name: "number of stays for valley Quill" }).click();
  // Not "Read as", which the question back says too: only the answer shows that the choice is kept.
  await expect(
    tobin.getByRole("heading", { name: "number of stays for valley Quill" }),
  ).toBeVisible();
  await ask(tobin, "revenue in quill");
  await expect(tobin.getByRole("heading", { name: "revenue for valley Quill" })).toBeVisible();

  await mira.goto("/gaps?model=huts");
  await mira.getByRole("button", { name: /asked back: hut/ }).click();
  const prefer = mira.getByRole("group", { name: "Prefer valley" });
  await prefer.getByRole("button", { name: "Try it" }).click();
  await expect(prefer.getByText("No agreed sample question is read otherwise.")).toBeVisible();

  await forgetAll(tobin);
});

test("a model that fits its warehouse says so, and the log can be read", async ({ browser }) => {
  const mira = await signedIn(browser, "mira");
  await mira.goto("/health?model=huts");
  await mira.getByRole("button", { name: "Check now" }).click();
  await expect(mira.getByText(/fits its warehouse: all \d+ items can be computed/)).toBeVisible({
    timeout: 60_000,
  });
  await ask(mira, "revenue by valley in 2024");
  await expect(mira.getByText("Read as")).toBeVisible();
  await mira.goto("/log?model=huts");
  await mira.getByLabel("Find in the log").fill("valley in 2024");
  await expect(mira.getByRole("cell", { name: "revenue by valley in 2024" }).first()).toBeVisible();
  await mira.getByLabel("Outcome").selectOption("declined");
  await expect(mira.getByText("No question is like that.")).toBeVisible();
});
