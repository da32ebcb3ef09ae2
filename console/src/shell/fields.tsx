import { Field, Input, NativeSelect, Textarea } from "@chakra-ui/react";
import { useState } from "react";

interface TextFieldProps {
  label: string;
  value: string;
  onSave: (value: string) => void;
  /** Whether the label is for screen readers only, as in a table. */
  bare?: boolean;
  lines?: number;
  placeholder?: string;
  help?: string;
  code?: boolean;
}

/** A text that is kept when it is left, or on Enter; Escape takes back what was typed. */
export function TextField(props: TextFieldProps) {
  const { label, value, onSave, bare, lines, placeholder, help, code } = props;
  // What is typed, until it is left; what the draft says otherwise.
  const [typed, setTyped] = useState<string>();
  const save = () => {
    if (typed !== undefined && typed.trim() !== value) onSave(typed.trim());
    setTyped(undefined);
  };
  const input = {
    value: typed ?? value,
    placeholder,
    size: "sm" as const,
    fontFamily: code ? "mono" : undefined,
    // At the small size some fonts lose their underscores.
    fontSize: code ? "md" : undefined,
    "aria-label": bare ? label : undefined,
    onChange: (e: { target: { value: string } }) => setTyped(e.target.value),
    onBlur: save,
    onKeyDown: (e: React.KeyboardEvent) => {
      if (e.key === "Escape") setTyped(undefined);
      if (e.key === "Enter" && (!lines || e.ctrlKey)) save();
    },
  };
  const control = lines ? <Textarea rows={lines} {...input} /> : <Input {...input} />;
  if (bare) return control;
  return (
    <Field.Root>
      <Field.Label>{label}</Field.Label>
      {control}
      {help && <Field.HelperText>{help}</Field.HelperText>}
    </Field.Root>
  );
}

interface ChoiceFieldProps {
  label: string;
  value: string;
  options: { value: string; text: string }[];
  onSave: (value: string) => void;
  bare?: boolean;
}

/** One of a few; kept at once. */
export function ChoiceField({ label, value, options, onSave, bare }: ChoiceFieldProps) {
  const select = (
    <NativeSelect.Root size="sm">
      <NativeSelect.Field
        aria-label={bare ? label : undefined}
        value={value}
        onChange={(e) => onSave(e.target.value)}
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.text}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
  if (bare) return select;
  return (
    <Field.Root>
      <Field.Label>{label}</Field.Label>
      {select}
    </Field.Root>
  );
}
