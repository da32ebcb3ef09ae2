import { Input } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useEffect, useId, useState } from "react";
import { rest, type Item } from "../rest/client";

interface ItemFieldProps {
  model: string;
  label: string;
  /** What it says at first. */
  start?: string;
  onPick: (item: Item | undefined) => void;
}

/** Finds an item of a model by its names: a metric, table, column, condition or value. */
export function ItemField({ model, label, start = "", onPick }: ItemFieldProps) {
  const list = useId();
  const [typed, setTyped] = useState(start);
  const words = useDeferredValue(typed);
  const items = useQuery({
    queryKey: ["items", model, words],
    queryFn: () => rest.items(model, words.replace(/ \(.*| of .*/, "")),
    placeholderData: keepPreviousData,
  });
  const found = items.data?.find((i) => i.label === typed);
  useEffect(() => {
    onPick(found);
    // What is picked changes with its name, not with every list that has it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [found?.item]);
  return (
    <>
      <Input
        size="sm"
        list={list}
        aria-label={label}
        placeholder="any metric, table, column, condition or value"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <datalist id={list}>
        {items.data?.map((i) => (
          <option key={i.item} value={i.label}>
            {i.kind}
          </option>
        ))}
      </datalist>
    </>
  );
}
