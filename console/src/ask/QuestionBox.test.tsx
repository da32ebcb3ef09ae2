import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { rest, type Typing } from "../rest/client";
import { system } from "../shell/theme";
import { QuestionBox } from "./QuestionBox";

const completion = (question: string) => ({ question, adds: question, kind: "metric" });

const typing = (...questions: string[]): Typing => ({
  status: "answered",
  restatement: questions[0] ?? "",
  words: [],
  unread: [],
  leansOnBefore: false,
  completions: questions.map(completion),
});

function box(onAsk: (question: string) => void, done?: string) {
  return (
    <QueryClientProvider client={new QueryClient()}>
      <ChakraProvider value={system}>
        <QuestionBox
          start=""
          done={done}
          busy={false}
          models={[]}
          chosen="huts"
          place={{}}
          onAsk={onAsk}
        />
      </ChakraProvider>
    </QueryClientProvider>
  );
}

beforeEach(() => {
  vi.spyOn(rest, "typing").mockResolvedValue(typing("occupancy", "occupancy by valley"));
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe("the question box", () => {
  it("asks what was typed", async () => {
    const asked = vi.fn();
    render(box(asked));
    await userEvent.type(screen.getByRole("combobox"), "revenue{Enter}");
    expect(asked).toHaveBeenCalledWith("revenue", "huts");
  });

  it("asks a completion that was marked, and a blank box nothing", async () => {
    const asked = vi.fn();
    render(box(asked));
    await userEvent.type(screen.getByRole("combobox"), "  {Enter}");
    expect(asked).not.toHaveBeenCalled();
    await userEvent.type(screen.getByRole("combobox"), "occ");
    await screen.findByRole("option", { name: /by valley/ });
    await userEvent.keyboard("{ArrowDown}{ArrowDown}{Enter}");
    expect(asked).toHaveBeenCalledWith("occupancy by valley", "huts");
    expect(screen.queryByRole("option")).toBeNull();
  });

  it("waits for a pause before it asks the service", async () => {
    render(box(vi.fn()));
    await userEvent.type(screen.getByRole("combobox"), "occupancy");
    const calls = () =>
      vi.mocked(rest.typing).mock.calls.map(([, question, , completions]) => ({
        question,
        completions,
      }));
    await waitFor(() =>
      expect(calls()).toContainEqual({ question: "occupancy", completions: true }),
    );
    expect(calls().filter((c) => c.completions)).toHaveLength(1);
    expect(
      calls()
        .filter((c) => !c.completions)
        .at(-1)?.question,
    ).toBe("occupancy");
  });

  it("lets go of a question that is answered, and keeps what was typed meanwhile", async () => {
    const { rerender } = render(box(vi.fn()));
    await userEvent.type(screen.getByRole("combobox"), "revenue");
    rerender(box(vi.fn(), "revenue"));
    expect(screen.getByRole<HTMLInputElement>("combobox").value).toBe("");
    await userEvent.type(screen.getByRole("combobox"), "only Ossel");
    rerender(box(vi.fn(), "something else"));
    expect(screen.getByRole<HTMLInputElement>("combobox").value).toBe("only Ossel");
  });
});
