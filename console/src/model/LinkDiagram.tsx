import { Box, Text } from "@chakra-ui/react";
import dagre from "@dagrejs/dagre";
import { useMemo } from "react";

const WIDTH = 150;
const HEIGHT = 52;

/** A table as it is drawn, and the tables that its rows point at. */
export interface Drawn {
  name: string;
  title: string;
  from: string;
  links: { name: string; label: string; to: string }[];
}

interface Shape {
  width: number;
  height: number;
  tables: { table: Drawn; x: number; y: number }[];
  links: { key: string; name: string; points: { x: number; y: number }[]; x: number; y: number }[];
}

/** Places the tables so that links point down, from the many to the one. */
function layOut(tables: Drawn[]): Shape {
  const graph = new dagre.graphlib.Graph({ multigraph: true });
  graph.setGraph({ nodesep: 40, ranksep: 70, marginx: 12, marginy: 12 });
  graph.setDefaultEdgeLabel(() => ({}));
  tables.forEach((t) => graph.setNode(t.name, { width: WIDTH, height: HEIGHT }));
  for (const t of tables) {
    for (const l of t.links) {
      if (!tables.some((other) => other.name === l.to)) continue;
      graph.setEdge(
        t.name,
        l.to,
        { label: l.label, width: 8 * l.label.length, height: 16, labeloffset: 14 },
        l.name,
      );
    }
  }
  dagre.layout(graph);
  const whole = graph.graph();
  return {
    width: whole.width ?? 0,
    height: whole.height ?? 0,
    tables: tables.map((table) => {
      const { x, y } = graph.node(table.name);
      return { table, x, y };
    }),
    links: graph.edges().map((e) => {
      const { points, x, y, label } = graph.edge(e);
      return { key: `${e.v}.${e.name}`, name: String(label), points, x, y };
    }),
  };
}

interface LinkDiagramProps {
  tables: Drawn[];
  onOpen: (table: string) => void;
}

/** How tables hang together: each arrow goes from rows to the one row that they point at. */
export default function LinkDiagram({ tables, onOpen }: LinkDiagramProps) {
  const shape = useMemo(() => layOut(tables), [tables]);
  if (tables.length === 0) return <Text>There is no table to draw.</Text>;
  return (
    <Box overflow="auto" borderWidth="1px" rounded="md" bg="bg">
      <Box asChild maxW="full" minW="xl">
        <svg
          viewBox={`0 0 ${shape.width} ${shape.height}`}
          role="group"
          aria-label="Tables and links"
        >
          <defs>
            <marker
              id="arrow"
              viewBox="0 0 8 8"
              refX="7"
              refY="4"
              markerWidth="8"
              markerHeight="8"
              orient="auto"
            >
              <Box asChild fill="fg.subtle">
                <path d="M0,0 L8,4 L0,8 z" />
              </Box>
            </marker>
          </defs>
          {shape.links.map((l) => (
            <g key={l.key}>
              <Box asChild stroke="fg.subtle" fill="none">
                <polyline
                  points={l.points.map((p) => `${p.x},${p.y}`).join(" ")}
                  markerEnd="url(#arrow)"
                />
              </Box>
              <Box asChild fill="fg.muted" fontSize="12px">
                <text x={l.x} y={l.y + 4} textAnchor="middle">
                  {l.name}
                </text>
              </Box>
            </g>
          ))}
          {shape.tables.map(({ table, x, y }) => (
            <Box
              key={table.name}
              as="g"
              role="link"
              tabIndex={0}
              cursor="pointer"
              aria-label={`Open ${table.title}`}
              onClick={() => onOpen(table.name)}
              onKeyDown={(e: React.KeyboardEvent) => {
                if (e.key === "Enter") onOpen(table.name);
              }}
            >
              <Box asChild fill="bg.subtle" stroke="border.emphasized">
                <rect x={x - WIDTH / 2} y={y - HEIGHT / 2} width={WIDTH} height={HEIGHT} rx={6} />
              </Box>
              <Box asChild fill="fg" fontWeight="600" fontSize="14px">
                <text x={x} y={y - 3} textAnchor="middle">
                  {table.title}
                </text>
              </Box>
              <Box asChild fill="fg.muted" fontSize="11px">
                <text x={x} y={y + 15} textAnchor="middle">
                  {table.from}
                </text>
              </Box>
            </Box>
          ))}
        </svg>
      </Box>
    </Box>
  );
}
