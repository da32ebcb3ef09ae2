import { ChoiceField } from "../shell/fields";
import type { useDraftChoice } from "./useDraft";

/** Which model a page of authors is about. */
export function ModelField({ models, chosen, choose }: ReturnType<typeof useDraftChoice>) {
  return (
    <ChoiceField
      bare
      label="Model"
      value={chosen ?? ""}
      options={(models.data ?? []).map((m) => ({ value: m, text: m }))}
      onSave={choose}
    />
  );
}
