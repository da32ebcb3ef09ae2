import { useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { rest } from "../rest/client";

/** The models there are, and the one that the address names, or else the first. */
export function useModels() {
  const [address, setAddress] = useSearchParams();
  const models = useQuery({ queryKey: ["models"], queryFn: rest.models });
  const chosen = address.get("model") ?? models.data?.[0]?.name;
  const choose = (name: string) => setAddress({ model: name });
  return { models, chosen, choose };
}

export function useModel(name: string | undefined) {
  return useQuery({
    queryKey: ["model", name],
    queryFn: () => rest.model(name ?? ""),
    enabled: name !== undefined,
  });
}
