import { ChakraProvider } from "@chakra-ui/react";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { Fence } from "./Fence";
import { system } from "./theme";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function Broken(): never {
  throw new Error("a fault");
}

it("says that a page broke, and leaves the rest as it is", () => {
  vi.spyOn(console, "error").mockImplementation(() => undefined);
  render(
    <ChakraProvider value={system}>
      <p>around it</p>
      <Fence key="/a">
        <Broken />
      </Fence>
      <Fence key="/b">
        <p>another page</p>
      </Fence>
    </ChakraProvider>,
  );
  expect(screen.getByText("This page broke")).toBeDefined();
  expect(screen.getByText("around it")).toBeDefined();
  expect(screen.getByText("another page")).toBeDefined();
});
