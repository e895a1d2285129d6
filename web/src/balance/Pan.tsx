import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { materialFill, materialInk } from "../parts";
import { besideLabels, type Block, carriesLabel, CRADLE, PIVOT } from "./beamGeometry";
import { useBlockDrag } from "./useBlockDrag";

interface PanProps {
  x: number;
  /** The side on which the labels of small blocks stand. */
  inner: "left" | "right";
  title: string;
  total: number;
  blocks: Block[];
  perGram: number;
  editor: Editor;
  /** Plain water still missing (positive) or too much (negative), g. */
  missing?: number;
  onHold: (holding: boolean) => void;
}

const STACK_WIDTH = CRADLE.width - 22;

/** A cradle hanging from an arm, with its blocks. A block can be dragged, or moved with the arrow keys. */
export function Pan({ x, inner, title, total, blocks, perGram, editor, missing = 0, onHold }: PanProps) {
  const figures = useFigures();
  const top = PIVOT.y + CRADLE.link;
  const floor = top + CRADLE.depth;
  const half = CRADLE.width / 2;
  const full = blocks.at(-1)?.y ?? 0;
  const side = inner === "right" ? 1 : -1;

  return (
    <g transform={`translate(${x} 0)`}>
      <g stroke="var(--color-base-content)" strokeWidth="1.6" fill="none" opacity="0.75">
        <path d={`M0 ${PIVOT.y}V${top}M${-half} ${floor}V${top + 8}q0-8 8-8H${half - 8}q8 0 8 8V${floor}`} />
        <path d={`M${-half - 10} ${floor}H${half + 10}`} strokeWidth="4" strokeLinecap="round" />
      </g>
      <g transform={`translate(0 ${floor - 2})`}>
        {blocks.map((block) => (
          <BlockShape
            key={`${block.row.line} ${block.row.ingredient}`}
            {...{ block, title, perGram, editor, onHold }}
          />
        ))}
        {missing >= 0.5 && <Missing grams={missing} y={full} perGram={perGram} />}
        {besideLabels(blocks).map(({ block, y }) => (
          <g key={`${block.row.line} ${block.row.ingredient}`} pointerEvents="none">
            <path
              d={`M${(side * STACK_WIDTH) / 2} ${block.y + block.height / 2}L${side * (half + 10)} ${y}h${side * 6}`}
              stroke="currentColor"
              opacity="0.4"
              fill="none"
            />
            <text
              x={side * (half + 19)}
              y={y + 4}
              fontSize="11.5"
              textAnchor={side > 0 ? "start" : "end"}
              fill="currentColor"
            >
              {label(block, figures.mass(block.grams), 15)}
            </text>
          </g>
        ))}
      </g>
      <text y={floor + 19} fontSize="13.5" textAnchor="middle" fill="currentColor">
        {title} <tspan fontWeight="700">{figures.mass(total)}</tspan>
      </text>
    </g>
  );
}

interface BlockShapeProps {
  block: Block;
  title: string;
  perGram: number;
  editor: Editor;
  onHold: (holding: boolean) => void;
}

function BlockShape({ block, title, perGram, editor, onHold }: BlockShapeProps) {
  const figures = useFigures();
  const drag = useBlockDrag(block, perGram, editor, onHold);
  const { row } = block;
  const said = `${row.name} ${title} ${figures.mass(block.grams)}`;
  return (
    <g
      {...drag}
      role="slider"
      tabIndex={0}
      aria-label={said}
      aria-orientation="vertical"
      aria-valuenow={Math.round(row.grams)}
      aria-valuetext={`${figures.mass(row.grams)} of ${row.name}, ${title} ${figures.mass(block.grams)}`}
      className="cursor-ns-resize"
      data-block={`${title} ${row.line}${row.source === "ASKED" ? "" : ` ${row.ingredient}`}`}
      data-grams={block.grams.toFixed(2)}
    >
      <title>{said}: drag up or down to change its weight</title>
      <rect
        x={-STACK_WIDTH / 2}
        y={block.y}
        width={STACK_WIDTH}
        height={Math.max(0.8, block.height - 0.8)}
        rx={Math.min(3, block.height / 3)}
        fill={materialFill(row.material)}
      />
      {carriesLabel(block) && (
        <text
          y={block.y + block.height / 2 + 4}
          fontSize="12"
          fontWeight="550"
          textAnchor="middle"
          pointerEvents="none"
          fill={materialInk(row.material)}
        >
          {label(block, figures.mass(block.grams), 18)}
        </text>
      )}
    </g>
  );
}

/** The water still missing, as an empty place on top of the stack. */
function Missing({ grams, y, perGram }: { grams: number; y: number; perGram: number }) {
  const figures = useFigures();
  const height = grams * perGram;
  return (
    <g pointerEvents="none" data-testid="missing">
      <rect
        x={-STACK_WIDTH / 2 + 1}
        y={y - height}
        width={STACK_WIDTH - 2}
        height={Math.max(0, height - 1)}
        rx="3"
        fill="none"
        stroke="var(--material-water)"
        strokeWidth="1.6"
        strokeDasharray="4 3"
      />
      <text y={y - height / 2 + 4} fontSize="12" textAnchor="middle" fill="currentColor">
        {height >= 13 ? `${figures.mass(grams)} still to add` : ""}
      </text>
    </g>
  );
}

function label(block: Block, mass: string, longest: number): string {
  const name = block.row.name.split(/[,(]/)[0]?.trim() ?? block.row.name;
  const short = name.length > longest ? `${name.slice(0, longest - 1).trim()}…` : name;
  return `${short} ${mass}`;
}
