import {
  Button,
  Field,
  HStack,
  Input,
  NativeSelect,
  SimpleGrid,
  Stack,
  Textarea,
} from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import type { AccountDetails } from "../rest/client";
import { Failure } from "../shell/Failure";
import { attributeLines, attributesOf, words } from "./attributes";

/** What each role may do; each may also do what those before it may. */
export const ROLES: { value: AccountDetails["role"]; text: string; does: string }[] = [
  { value: "ASKER", text: "Asker", does: "asks questions" },
  { value: "AUTHOR", text: "Author", does: "also writes models" },
  { value: "STEWARD", text: "Steward", does: "also looks after people, sources and the log" },
];

interface AccountFormProps {
  /** The account that is changed; none for one to be. */
  details?: AccountDetails;
  onSave: (name: string, details: AccountDetails) => Promise<unknown>;
  onCancel: () => void;
}

/** All that a steward says of an account. */
export function AccountForm({ details, onSave, onCancel }: AccountFormProps) {
  const [name, setName] = useState("");
  const [displayName, setDisplayName] = useState(details?.displayName ?? "");
  const [role, setRole] = useState(details?.role ?? "ASKER");
  const [accessRoles, setAccessRoles] = useState((details?.accessRoles ?? []).join(", "));
  const [lines, setLines] = useState(attributeLines(details?.attributes ?? {}));
  const save = useMutation({
    mutationFn: async () =>
      onSave(name, {
        displayName,
        role,
        accessRoles: words(accessRoles),
        attributes: attributesOf(lines),
      }),
  });
  return (
    <Stack
      as="form"
      gap="4"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
        {!details && (
          <Field.Root required>
            <Field.Label>Name to sign in with</Field.Label>
            <Input size="sm" value={name} onChange={(e) => setName(e.target.value)} />
            <Field.HelperText>
              Small letters, digits, and . _ - between them; it stays.
            </Field.HelperText>
          </Field.Root>
        )}
        <Field.Root required>
          <Field.Label>Name that others see</Field.Label>
          <Input size="sm" value={displayName} onChange={(e) => setDisplayName(e.target.value)} />
        </Field.Root>
        <Field.Root>
          <Field.Label>May</Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field
              value={role}
              onChange={(e) => setRole(e.target.value as AccountDetails["role"])}
            >
              {ROLES.map((r) => (
                <option key={r.value} value={r.value}>
                  {r.text}: {r.does}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        </Field.Root>
        <Field.Root>
          <Field.Label>Roles in access rules</Field.Label>
          <Input
            size="sm"
            value={accessRoles}
            placeholder="none"
            onChange={(e) => setAccessRoles(e.target.value)}
          />
          <Field.HelperText>
            With commas between them, as the models’ access rules name them.
          </Field.HelperText>
        </Field.Root>
        <Field.Root>
          <Field.Label>Attributes</Field.Label>
          <Textarea
            size="sm"
            rows={3}
            fontFamily="mono"
            value={lines}
            placeholder="huts: 1, 7, 12"
            onChange={(e) => setLines(e.target.value)}
          />
          <Field.HelperText>
            One a line. An access rule that says :person.huts gets these values.
          </Field.HelperText>
        </Field.Root>
      </SimpleGrid>
      {save.error && <Failure error={save.error} />}
      <HStack>
        <Button type="submit" size="sm" loading={save.isPending}>
          {details ? "Change" : "Add"}
        </Button>
        <Button size="sm" variant="ghost" onClick={onCancel}>
          Cancel
        </Button>
      </HStack>
    </Stack>
  );
}
