import { useMemo } from "react";
import { useNavigate } from "react-router";
import LinkDiagram from "../model/LinkDiagram";
import type { Draft } from "../rest/client";
import { useSection } from "./useDraft";

/** How the draft's tables hang together; a table opens on its page. */
export default function Links({ draft }: { draft: Draft }) {
  const { to } = useSection();
  const navigate = useNavigate();
  const tables = useMemo(
    () =>
      draft.tables.map((t) => ({
        name: t.name,
        title: t.rowNounPlural,
        from: t.from || "a query",
        links: t.links,
      })),
    [draft.tables],
  );
  return <LinkDiagram tables={tables} onOpen={(name) => void navigate(to("tables", name))} />;
}
