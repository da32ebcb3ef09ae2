import { act, cleanup, renderHook } from "@testing-library/react";
import { BrowserRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { useHere } from "./place";

const here = () => renderHook(useHere, { wrapper: BrowserRouter }).result;

beforeEach(() => {
  window.history.replaceState(null, "", "/ask?model=huts&q=refunds");
});
afterEach(cleanup);

describe("the place of the page", () => {
  it("moves on to the answer when it is there", () => {
    const place = here();
    act(() => {
      place.current.go({ model: "huts", question: "refunds", thread: "t1", turn: "1" }, true);
    });
    expect(place.current.here.turn).toBe("1");
  });

  it("stays with the question asked last when the answer to the one before comes late", () => {
    const place = here();
    act(() => {
      const { go } = place.current;
      go({ model: "huts", question: "occupancy" });
      go({ model: "huts", question: "refunds", thread: "t1", turn: "1" }, true);
    });
    expect(place.current.here.question).toBe("occupancy");
    expect(place.current.here.turn).toBeUndefined();
  });
});
