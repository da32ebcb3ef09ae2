import { ChakraProvider } from "@chakra-ui/react";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { Answer } from "../rest/client";
import { system } from "../shell/theme";
import { Proposals } from "./Proposals";

afterEach(cleanup);

it("asks the question with what was picked in place of the unread word", () => {
  const onAsk = vi.fn();
  const meant = [
    { kind: "metric", name: "guest nights", question: "guest nights by month" },
    { kind: "column", name: "nights", question: "nights by month" },
  ];
  const answer = { proposals: [{ words: "sleepovers", meant }] } as unknown as Answer;
  render(
    <ChakraProvider value={system}>
      <Proposals answer={answer} onAsk={onAsk} />
    </ChakraProvider>,
  );
  expect(screen.getByText(/sleepovers.*may mean/)).toBeDefined();
  screen.getByRole("button", { name: "guest nights" }).click();
  expect(onAsk).toHaveBeenCalledWith("guest nights by month");
});
