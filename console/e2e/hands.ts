import { expect, type Locator, type Page } from "@playwright/test";

const MOST_STEPS = 150;

/** So many arrows below where letters led to, the search begins at the top. */
const A_WHILE = 20;

/** Does what people do on a page: with the mouse, or with nothing but the keyboard. */
export interface Hand {
  name: string;
  /** Presses a button or link. */
  press: (target: Locator) => Promise<void>;
  /** Writes into a field in place of what is there, and sends it off if that is wanted. */
  write: (target: Locator, text: string, send?: boolean) => Promise<void>;
  /** Picks an item of the menu that a button opens. */
  pick: (button: Locator, item: string | RegExp) => Promise<void>;
  /** Chooses one of a few. */
  choose: (select: Locator, text: string) => Promise<void>;
  /** Picks from what completes the words in a field. */
  complete: (field: Locator, words: string, completion: string) => Promise<void>;
}

export function mouse(page: Page): Hand {
  const item = (name: string | RegExp) => page.getByRole("menuitem", { name }).first();
  return {
    name: "mouse",
    press: (target) => target.click(),
    write: async (target, text, send) => {
      await target.click({ clickCount: 3 });
      await page.keyboard.type(text);
      if (send) await page.getByRole("button", { name: "Ask", exact: true }).click();
    },
    pick: async (button, name) => {
      await button.click();
      await item(name).click();
    },
    choose: async (select, text) => {
      await select.selectOption({ label: text });
    },
    complete: async (field, words, completion) => {
      await field.click();
      await page.keyboard.type(words);
      await page.getByRole("option", { name: completion }).first().click();
    },
  };
}

export function keyboard(page: Page): Hand {
  const isFocused = (target: Locator) => target.evaluate((e) => e === document.activeElement);
  /** Goes on with Tab until the target has the focus, from wherever the focus is. */
  const reach = async (target: Locator) => {
    await expect(target).toBeVisible();
    for (let i = 0; i < MOST_STEPS; i++) {
      if (await isFocused(target)) return;
      await page.keyboard.press("Tab");
    }
    throw new Error(`Tab does not reach ${String(target)}`);
  };
  /** Waits until what a key did is seen; on a slow machine the next key would go past it. */
  const painted = () =>
    page.evaluate(
      () => new Promise((seen) => requestAnimationFrame(() => requestAnimationFrame(seen))),
    );
  const mark = async (target: Locator, attribute: string) => {
    await expect(target).toBeVisible();
    for (let i = 0; i < MOST_STEPS; i++) {
      if ((await target.getAttribute(attribute)) !== null) {
        if ((await target.getAttribute(attribute)) !== "false") return;
      }
      await page.keyboard.press(i === A_WHILE ? "Home" : "ArrowDown");
      await painted();
    }
    throw new Error(`no arrow key reaches ${String(target)}`);
  };
  return {
    name: "keyboard",
    press: async (target) => {
      await reach(target);
      await page.keyboard.press("Enter");
    },
    write: async (target, text, send) => {
      await reach(target);
      await page.keyboard.press("Control+a");
      await page.keyboard.type(text);
      if (send) await page.keyboard.press("Enter");
    },
    pick: async (button, name) => {
      await reach(button);
      await page.keyboard.press("Enter");
      const wanted = page.getByRole("menuitem", { name }).first();
      await expect(wanted).toBeVisible();
      // Letters go to the first item that begins with them, arrows from there on.
      await page.keyboard.type(((await wanted.textContent()) ?? "").split(" ")[0] ?? "");
      await mark(wanted, "data-highlighted");
      await page.keyboard.press("Enter");
    },
    choose: async (select, text) => {
      await reach(select);
      for (let i = 0; i < MOST_STEPS; i++) {
        const way = await select.evaluate((e, wanted) => {
          const all = [...(e as HTMLSelectElement).options];
          return all.findIndex((o) => o.text === wanted) - (e as HTMLSelectElement).selectedIndex;
        }, text);
        if (way === 0) return;
        await page.keyboard.press(way < 0 ? "ArrowUp" : "ArrowDown");
      }
      throw new Error(`no arrow key chooses ${text}`);
    },
    complete: async (field, words, completion) => {
      await reach(field);
      await page.keyboard.type(words);
      await mark(page.getByRole("option", { name: completion }).first(), "aria-selected");
      await page.keyboard.press("Enter");
    },
  };
}
