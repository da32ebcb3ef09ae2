import { ChakraProvider } from "@chakra-ui/react";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Answer } from "../rest/client";
import { system } from "../shell/theme";
import { Waiting } from "./Waiting";

afterEach(cleanup);

function show(progress: Parameters<typeof Waiting>[0]["progress"], onStop = () => {}) {
  render(
    <ChakraProvider value={system}>
      <Waiting progress={progress} onStop={onStop} />
    </ChakraProvider>,
  );
}

describe("Waiting", () => {
  it("says how the question was read and how long it has been computed", () => {
    const reading = { restatement: "revenue by month" } as Answer;
    show({ reading, stage: "computing", milliseconds: 3_400 });
    expect(screen.getByText("revenue by month")).toBeDefined();
    expect(screen.getByText(/Computing in the warehouse, 3 s/)).toBeDefined();
  });

  it("says that others are served first", () => {
    show({ stage: "in_line", milliseconds: 900 });
    expect(screen.getByText(/Waiting in line/)).toBeDefined();
  });

  it("can be stopped", () => {
    const onStop = vi.fn();
    show(undefined, onStop);
    screen.getByRole("button", { name: "Stop" }).click();
    expect(onStop).toHaveBeenCalledOnce();
  });
});
