import { ChakraProvider } from "@chakra-ui/react";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import type { WordPart } from "../rest/client";
import { system } from "../shell/theme";
import { label, Words } from "./Words";

const word = (text: string, kind: string, means = ""): WordPart => ({
  start: 0,
  end: text.length,
  text,
  kind,
  means,
  found: "exact",
});

afterEach(cleanup);

describe("words", () => {
  it("says what each became", () => {
    expect(label(word("revenue", "metric", "revenue"))).toBe("metric");
    expect(label(word("takings", "metric", "revenue"))).toBe("revenue");
    expect(label(word("Ossel", "value", "valley Ossel"))).toBe("valley Ossel");
    expect(label(word("the", "filler"))).toBe("");
    expect(label(word("blorp", "unread"))).toBe("not understood");
  });

  it("shows every word, unread ones too", () => {
    const words = [word("revenue", "metric", "revenue"), { ...word("blorp", "unread"), start: 8 }];
    render(
      <ChakraProvider value={system}>
        <Words words={words} />
      </ChakraProvider>,
    );
    expect(screen.getByText("revenue")).toBeTruthy();
    expect(screen.getByText("blorp")).toBeTruthy();
    expect(screen.getByText("not understood")).toBeTruthy();
  });
});
