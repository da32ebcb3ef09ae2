import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test, type Page } from "@playwright/test";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";
const CLIENT = join(import.meta.dirname, "../../ropebridge");

/** The client, as an author runs it beside the page. */
function client(...args: string[]) {
  return execFileSync(CLIENT, args, { encoding: "utf8" });
}

async function signIn(page: Page, name: string) {
  await page.goto("/");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(PASSWORD);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
}

/** The text of every file below a folder, by path. */
function textsOf(folder: string, below = ""): Record<string, string> {
  const texts: Record<string, string> = {};
  for (const name of readdirSync(join(folder, below))) {
    const path = join(below, name);
    if (statSync(join(folder, path)).isDirectory()) Object.assign(texts, textsOf(folder, path));
    else if (!name.startsWith(".")) texts[path] = readFileSync(join(folder, path), "utf8");
  }
  return texts;
}

/** The lines of the new texts that the old ones do not have, and the other way round. */
function difference(before: Record<string, string>, after: Record<string, string>) {
  const lines = (texts: Record<string, string>) =>
    Object.entries(texts).flatMap(([file, text]) => text.split("\n").map((l) => `${file}: ${l}`));
  const old = lines(before);
  const now = lines(after);
  return {
    gone: old.filter((l) => !now.includes(l)),
    come: now.filter((l) => !old.includes(l)),
  };
}

function section(page: Page, name: string) {
  return page
    .getByRole("navigation", { name: "Parts of the draft" })
    .getByRole("link", { name })
    .click();
}

test("askers see no draft and no source", async ({ page }) => {
  await signIn(page, "tobin");
  await expect(page.getByRole("link", { name: "Draft" })).toHaveCount(0);
  await page.goto("/draft");
  await expect(page).toHaveURL(/\/ask/);
});

test("from a source to an edition, and back", async ({ page }) => {
  test.setTimeout(240_000);
  const errors: string[] = [];
  page.on("pageerror", (e) => errors.push(e.message));
  await signIn(page, "mira");

  // Survey of two schemas, and the draft that it suggests.
  await page.getByRole("link", { name: "Sources" }).click();
  await page.getByText("safety (3 tables)").click();
  await page.getByRole("button", { name: "Survey", exact: true }).click();
  await expect(page.getByRole("button", { name: "hut.stay" })).toBeVisible();
  await page.getByRole("button", { name: "hut.stay" }).click();
  await expect(page.getByRole("cell", { name: "warden_note" })).toBeVisible();
  await page.getByLabel("Name of the new model").fill("Walked huts");
  await page.getByRole("button", { name: "Draft a model" }).click();
  await expect(page.getByRole("heading", { name: /proposals of the survey/ })).toBeVisible();
  await expect(page.getByText("because: 60 rows; hut_id is declared")).toBeVisible();
  await page.getByRole("button", { name: /^Drop: .*supply cost/ }).click();
  await expect(page.getByRole("button", { name: /^Drop: .*supply cost/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Keep all" }).click();
  await expect(page.getByRole("heading", { name: /proposals of the survey/ })).toHaveCount(0);

  // Words: several at a time; one that is taken shows so while it is typed.
  await section(page, "Tables");
  await page.getByRole("link", { name: "stays" }).click();
  const synonyms = page.getByRole("textbox", { name: "Rows are also called" });
  await synonyms.pressSequentially("hut");
  await expect(page.getByText("“hut” means the table huts already")).toBeVisible();
  await synonyms.fill("");
  await synonyms.pressSequentially("visit, overnight stop,");
  await expect(page.getByText("overnight stop", { exact: true })).toBeVisible();

  // A metric in plain words, seen before it is kept.
  await section(page, "Metrics");
  await page.getByLabel("What it is").fill("charge amount per stay");
  await page.getByLabel("What people call it").fill("income per stay");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Divided by number of stays:")).toBeVisible();
  await expect(page.getByTestId("number")).toContainText(/^[\d,.]+/);
  await page.getByRole("button", { name: "Keep in the draft" }).click();
  await expect(page.getByRole("button", { name: "Close income per stay" })).toBeVisible();

  // A sample question; its meaning is read while it is typed.
  await section(page, "Sample questions");
  await page.getByLabel("Question as people ask it").fill("what does a visit bring us");
  await page.getByLabel("Means", { exact: true }).fill("incomes per stay");
  await expect(page.getByText(/Read as income per stay/)).toBeVisible();
  await page.getByLabel("Means", { exact: true }).fill("income per stay");
  await page.getByRole("button", { name: "Add as agreed" }).click();
  await expect(page.getByRole("heading", { name: "what does a visit bring us" })).toBeVisible();

  // The first edition needs no rehearsal; the second does.
  await section(page, "Rehearse and publish");
  await page.getByRole("button", { name: "Rehearse", exact: true }).click();
  await expect(page.getByText("1 new")).toBeVisible();
  await page.getByLabel("What is new").fill("first");
  await page.getByRole("button", { name: "Publish as edition 1" }).click();
  await expect(page.getByText("Published as edition 1.")).toBeVisible();

  await section(page, "Metrics");
  await page.getByRole("button", { name: "Open income per stay" }).click();
  await page.getByRole("textbox", { name: "SQL" }).fill("2 * charge_amount / number_of_stays");
  await page.getByRole("textbox", { name: "About" }).click();
  await expect(page.getByText(/revision \d+, last changed by mira/)).toBeVisible();
  await section(page, "Try");
  await page.getByLabel("Question for both").fill("income per stay");
  await page.keyboard.press("Enter");
  await expect(page.getByText("other rows")).toBeVisible();
  await section(page, "Rehearse and publish");
  await expect(page.getByText("Why it is published without a rehearsal")).toBeVisible();
  await page.getByRole("button", { name: "Rehearse", exact: true }).click();
  await expect(page.getByText("1 changed")).toBeVisible();
  await page.getByRole("button", { name: "Publish as edition 2" }).click();
  await expect(page.getByText("Published as edition 2.")).toBeVisible();

  // And back.
  await section(page, "Editions");
  await page.getByRole("button", { name: "What edition 2 changed" }).click();
  await expect(page.getByText(/income per stay/).first()).toBeVisible();
  await page.getByRole("button", { name: "Go back to edition 1" }).click();
  await expect(page.getByText("Published as edition 3")).toBeVisible();
  expect(errors).toEqual([]);
});

test("what is edited on the page is all that changes in the files", async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), "model-"));
  client("model", "pull", "huts", folder);
  client("model", "push", folder);
  const before = textsOf(folder);
  await signIn(page, "mira");
  await page.goto("/draft/tables/stays?model=huts");
  await page.getByRole("textbox", { name: "Label of warden_note" }).fill("note of the warden");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/revision \d+, last changed by mira/)).toBeVisible();
  await page.goto("/draft/words?model=huts");
  await page.getByLabel("Find a word or an item").fill("guest nights");
  const words = page.getByRole("textbox", { name: "Synonyms of guest nights" });
  await words.pressSequentially("nights sold");
  await page.keyboard.press("Enter");
  await expect(page.getByText("nights sold", { exact: true })).toBeVisible();
  await expect(page.getByText("Saving ...")).toHaveCount(0);
  client("model", "pull", "huts", folder);
  const { gone, come } = difference(before, textsOf(folder));
  expect(gone).toEqual([
    "metrics.yaml:     also_called: [overnights, overnight stays, bed nights sold]",
    "tables/stays.yaml:   warden_note: {holds: text, label: warden's note}",
  ]);
  expect(come).toEqual([
    "metrics.yaml:     also_called: [overnights, overnight stays, bed nights sold, nights sold]",
    "tables/stays.yaml:   warden_note: {holds: text, label: note of the warden}",
  ]);
  // What two authors change at once is told, not overwritten.
  await page.goto("/draft/overview?model=huts");
  await expect(page.getByLabel("Title")).toHaveValue("Hut trust");
  client("model", "words", "huts", "--bring", join(import.meta.dirname, "words.csv"));
  await page.getByLabel("Title").fill("Huts");
  await page.keyboard.press("Enter");
  await expect(page.getByText("was changed by mira meanwhile")).toBeVisible();
  await expect(page.getByLabel("Title")).toHaveValue("Hut trust");
});

test("faults show beside the draft as soon as they are made", async ({ page }) => {
  await signIn(page, "mira");
  await page.goto("/draft/metrics?model=huts");
  await page.getByRole("button", { name: "Open refunds" }).click();
  await page.getByRole("textbox", { name: "SQL" }).fill("sum(amunt)");
  await page.getByRole("textbox", { name: "Label" }).click();
  const faults = page.getByRole("region", { name: "Faults" });
  await expect(faults.getByText(/there is no column "amunt"/)).toBeVisible();
  await expect(faults.getByText(/metrics\.yaml:\d+/)).toBeVisible();
  await section(page, "Rehearse and publish");
  await expect(page.getByRole("button", { name: "Rehearse", exact: true })).toBeDisabled();
});

test("an author says what an answer should have meant", async ({ page }) => {
  client(
    "model",
    "push",
    join(import.meta.dirname, "../../demo/src/main/resources/huts/model"),
    "--force",
  );
  await signIn(page, "mira");
  await page.goto("/ask?model=huts&q=" + encodeURIComponent("carbon by valley"));
  await expect(page.getByRole("heading", { name: "This cannot be answered" })).toBeVisible();
  await page.getByRole("button", { name: "This should have meant something else" }).click();
  await page.getByLabel("Means", { exact: true }).fill("supply cost by valley");
  await expect(page.getByText("Read as supply cost by valley")).toBeVisible();
  await page.getByRole("button", { name: "See what changes" }).click();
  await expect(page.getByText("would then be answered by supply cost by valley")).toBeVisible();
  await expect(page.getByText("is read otherwise")).toBeVisible();
  await page.getByRole("button", { name: "Keep in the draft" }).click();
  await expect(page.getByText("Kept in the draft as an agreed sample question.")).toBeVisible();
  await page.goto("/draft/questions?model=huts");
  await expect(page.getByRole("heading", { name: "carbon by valley" })).toBeVisible();
});

test("questions about the model are answered in its author's words", async ({ page }) => {
  await signIn(page, "tobin");
  await page.getByLabel("Question", { exact: true }).fill("what does long stay mean");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Long stay is a condition of stays")).toBeVisible();
  await expect(page.getByText("departure - arrival >= 4")).toBeVisible();
  await page.getByRole("button", { name: "number of stays for long stay" }).click();
  await expect(page.getByTestId("number")).toBeVisible();
});

test("a condition and a computed column are added on the page", async ({ page }) => {
  await signIn(page, "mira");
  await page.goto("/draft/tables/huts?model=huts");
  const condition = page.getByRole("group", { name: "Condition" });
  await condition.getByLabel("Condition").fill("High up");
  await condition.getByLabel("True when (SQL)").fill("altitude_m > 2500");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: "SQL of high up" })).toHaveValue(
    "altitude_m > 2500",
  );
  const computed = page.getByRole("group", { name: "Computed column" });
  await computed.getByLabel("Computed column").fill("beds per metre");
  await computed.getByLabel("SQL").fill("beds / altitude_m");
  await computed.getByLabel("Holds").selectOption("number");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: "Label of beds_per_metre" })).toBeVisible();
  await expect(page.getByText("stands in the way")).toHaveCount(0);
});

test("a file of one's own becomes a table, after what is unclear was said", async ({ page }) => {
  test.setTimeout(120_000);
  await signIn(page, "mira");
  await page.getByRole("link", { name: "Sources" }).click();
  const text = [
    "Targets of the trust office;;;",
    "Hut;Guests;Budget (€);Set on",
    "Larkspur Hut;1.200;12.500,50 €;03/04/2026",
    "Gannet Hut;950;9.000,00 €;05/04/2026",
    "Total;2.150;21.500,50;",
  ].join("\r\n");
  await page.getByLabel("File to bring").setInputFiles({
    name: "Hut targets.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(text, "latin1"),
  });
  await expect(page.getByText("say whether the day or the month stands first")).toBeVisible();
  await expect(page.getByRole("button", { name: "Make the table" })).toBeDisabled();
  await page.getByLabel("How set_on is read").selectOption("the day first");
  await expect(page.getByText("2 rows fit, 2 are put aside.")).toBeVisible();
  await expect(page.getByRole("row", { name: /2026-04-03, 2026-04-05/ })).toBeVisible();
  await page.getByRole("button", { name: "Make the table" }).click();
  await expect(page.getByText("uploads.hut_targets has 2 rows")).toBeVisible();
  const [aside] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "get them as CSV" }).click(),
  ]);
  expect(readFileSync(await aside.path(), "utf8")).toContain("5,is a row of totals,Total");

  await page.getByRole("button", { name: "Drop the table uploads.hut_targets" }).click();
  await page.getByRole("button", { name: "Drop uploads.hut_targets" }).click();
  await expect(page.getByText("4 as CSV")).toHaveCount(0);
});
