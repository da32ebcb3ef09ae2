import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider, useMutation } from "@tanstack/react-query";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import { system } from "../shell/theme";
import { SynonymsField } from "./SynonymsField";

const saved = vi.fn();

/** A draft that takes its time. */
function Slow() {
  const { mutate } = useMutation({
    mutationFn: (words: string[]) => {
      saved(words);
      return new Promise(() => {});
    },
  });
  return (
    <SynonymsField label="Also called" item="tables/stays" words={[]} names={[]} onSave={mutate} />
  );
}

it("keeps the first word when a second comes while it is still saved", async () => {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ChakraProvider value={system}>
        <Slow />
      </ChakraProvider>
    </QueryClientProvider>,
  );
  const field = screen.getByRole("textbox", { name: "Also called" });
  await userEvent.type(field, "visit,overnight stop,");
  expect(saved).toHaveBeenLastCalledWith(["visit", "overnight stop"]);
  expect(screen.getByText("visit")).toBeTruthy();
});
