import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, expect, it, vi } from "vitest";
import { rest, type Answer, type OwnWord } from "../rest/client";
import { system } from "../shell/theme";
import { Proposals } from "./Proposals";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const question = "sleepovers by month";
const answer = {
  model: "huts",
  question,
  words: [{ start: 0, end: 10, text: "sleepovers", kind: "unread", means: "", found: "" }],
  proposals: [
    {
      words: "sleepovers",
      meant: [
        { kind: "metric", item: "guest_nights", name: "guest nights", question: "" },
        { kind: "column", item: "stays.nights", name: "nights", question: "" },
      ],
    },
  ],
} as unknown as Answer;

function show(shown: Answer, onAskAgain: () => void) {
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <Proposals answer={shown} onAskAgain={onAskAgain} />
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

it("keeps what was picked for the unread word, and asks the question once more", async () => {
  const means = vi.spyOn(rest, "means").mockResolvedValue({} as OwnWord);
  const onAskAgain = vi.fn();
  show(answer, onAskAgain);
  expect(screen.getByText(/sleepovers.*may mean/)).toBeDefined();
  screen.getByRole("button", { name: "guest nights" }).click();
  await waitFor(() => expect(onAskAgain).toHaveBeenCalledOnce());
  expect(means).toHaveBeenCalledWith("huts", "sleepovers", "guest_nights");
});

it("lets any item be picked where none is near", () => {
  vi.spyOn(rest, "items").mockResolvedValue([]);
  show({ ...answer, proposals: [] }, vi.fn());
  expect(screen.getByLabelText("What sleepovers means", { selector: "input" })).toBeDefined();
  const ask = screen.getByRole("button", { name: "Ask with it" });
  expect((ask as HTMLButtonElement).disabled).toBe(true);
});
