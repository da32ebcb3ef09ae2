import { expect, test, type Page } from "@playwright/test";

const PASSWORD = process.env.ROPEBRIDGE_PASSWORD ?? "";

async function signIn(page: Page, name: string, password: string) {
  await page.goto("/");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Password").fill(password);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("navigation", { name: "Pages" })).toBeVisible();
}

test("a steward adds somebody, who sees what is theirs, takes a password of their own, and goes again", async ({
  browser,
}) => {
  const steward = await (await browser.newContext()).newPage();
  await signIn(steward, "iselin", PASSWORD);
  await steward.getByRole("link", { name: "People" }).click();
  await steward.getByRole("button", { name: "Add somebody" }).click();
  await steward.getByLabel("Name to sign in with").fill("orla");
  await steward.getByLabel("Name that others see").fill("Orla Fenn");
  await steward.getByLabel("Roles in access rules").fill("warden");
  await steward.getByLabel("Attributes").fill("huts 1, 7");
  await steward.getByRole("button", { name: "Add", exact: true }).click();
  await expect(steward.getByText("a colon and its values")).toBeVisible();
  await steward.getByLabel("Attributes").fill("huts: 1, 7");
  await steward.getByRole("button", { name: "Add", exact: true }).click();
  const shown = steward.getByText("The password of orla is");
  const password = await shown.locator("code").innerText();
  await expect(steward.getByRole("cell", { name: "huts: 1, 7", exact: true })).toBeVisible();

  const orla = await (await browser.newContext()).newPage();
  await signIn(orla, "orla", password);
  await expect(orla.getByRole("link", { name: "People" })).toHaveCount(0);
  await orla.goto("/ask?model=huts&q=number of huts with stays");
  await expect(orla.getByTestId("number")).toHaveText("2");
  await orla.goto("/mine");
  await orla.getByLabel("Now").fill(password);
  await orla.getByLabel("New, of 12 characters at least").fill("four dry boots");
  await orla.getByRole("button", { name: "Change it" }).click();
  await expect(orla.getByText("Changed.")).toBeVisible();

  await steward.getByRole("button", { name: "Change Orla Fenn" }).click();
  await steward.getByRole("button", { name: "Remove", exact: true }).click();
  await steward.getByRole("button", { name: /Remove Orla Fenn/ }).click();
  await expect(steward.getByRole("cell", { name: "orla", exact: true })).toHaveCount(0);
  await orla.reload();
  await expect(orla.getByRole("button", { name: "Sign in" })).toBeVisible();
});
