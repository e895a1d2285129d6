import { useMemo, useState } from "react";
import type { HandlingAnswer } from "../api";
import { useFigures } from "../figures";
import { materialFill } from "./Materials";
import { Steps } from "./Steps";
import { useDrawingDrag } from "./useDrawingDrag";
import { crossPieces, enlargement, scatter, SECTION, TOP } from "./discGeometry";

type Disc = HandlingAnswer["dough"]["disc"];

/** How far a filling reaches in the drawing: its edge is where the dough is closed. */
const FILLED_TO = 0.9;

interface DiscViewProps {
  disc: Disc;
  /** What happens when another thickness is to be used, mm. */
  onSheet: (sheetMm: number) => void;
  name: (code: string | null | undefined) => string;
}

/** The piece to scale from above and, enlarged, in cross-section, with its inclusion pieces; its thickness can be dragged. */
export function DiscView({ disc, onSheet, name }: DiscViewProps) {
  const figures = useFigures();
  const [dragged, setDragged] = useState<number | null>(null);
  const asked = closest(disc, disc.sheetMm);
  const index = dragged === null || !disc.thicknesses[dragged] ? asked : dragged;
  const at = disc.thicknesses[index];
  if (!at) {
    return null;
  }
  const shown = dragged === null ? { ...at, sheetMm: disc.sheetMm, diameterMm: disc.diameterMm } : at;
  const tooThin = shown.sheetMm < disc.thinnestMm;
  return (
    <section aria-label="The piece to scale" data-testid="disc">
      <h2 className="section-title">The piece, to scale</h2>
      <p className="text-sm">
        {figures.mass(disc.pieceGrams)}
        {disc.fillingShare > 0 && " of dough with its filling,"} rolled to{" "}
        <strong data-testid="disc-sheet">{figures.number(shown.sheetMm, 1)} mm</strong> is{" "}
        <strong data-testid="disc-diameter">{figures.size(shown.diameterMm)}</strong> across. Tears{" "}
        <strong data-testid="disc-tear">{figures.percent(at.tearPct)}</strong>
        {at.puffPct != null && (
          <>
            , puffs <strong>{figures.percent(at.puffPct)}</strong>
          </>
        )}
        {at.rollability != null && (
          <>
            , rolls <strong>{figures.percent(at.rollability)}</strong>
          </>
        )}
        .
        {tooThin && (
          <span className="text-error">
            {" "}
            Thinner than the {figures.number(disc.thinnestMm, 1)} mm it can be rolled to.
          </span>
        )}
      </p>
      <div className="grid grid-cols-[15rem_1fr] items-center gap-5 pt-1">
        <FromAbove disc={disc} diameterMm={shown.diameterMm} />
        <CrossSection disc={disc} sheetMm={shown.sheetMm} index={index} onDrag={setDragged} />
      </div>
      <label className="flex items-center gap-3 pt-2 text-sm">
        <span className="soft shrink-0">Thickness</span>
        <input
          type="range"
          className="range range-xs range-primary flex-1"
          aria-label="Thickness of the sheet"
          aria-valuetext={`${figures.number(shown.sheetMm, 1)} mm`}
          min={0}
          max={disc.thicknesses.length - 1}
          value={index}
          onChange={(event) => setDragged(Number(event.target.value))}
        />
        <button
          className="btn btn-xs btn-primary"
          disabled={dragged === null || dragged === asked}
          onClick={() => {
            onSheet(Math.round(at.sheetMm * 10) / 10);
            setDragged(null);
          }}
        >
          Use this thickness
        </button>
      </label>
      <InPieces inside={disc.fillingPieces} of="filling" name={name} />
      {disc.inclusions.length === 0 && (
        <p className="soft pt-2 text-sm">
          No pieces in the {disc.fillingShare > 0 ? "dough" : "sheet"}: nothing in it is coarser than its flour.
        </p>
      )}
      <InPieces inside={disc.inclusions} of="dough" name={name} />
      <div className="soft pt-1 text-xs">
        <Steps steps={disc.steps} />
      </div>
    </section>
  );
}

interface InPiecesProps {
  inside: Disc["inclusions"];
  of: string;
  name: DiscViewProps["name"];
}

/** What is in pieces, how large and how many. */
function InPieces({ inside, of, name }: InPiecesProps) {
  const figures = useFigures();
  return inside.length === 0 ? null : (
    <ul className="pt-2 text-sm" data-testid={`pieces-in-${of}`}>
      {inside.map((each) => (
        <li key={`${each.line} ${each.ingredient}`}>
          {name(each.ingredient)}: {each.soft ? "soft" : "hard"} pieces of {figures.number(each.pieceMm, 1)} mm,{" "}
          {figures.percent(each.sharePct)} of the {of}
          {each.countable && `, about ${figures.number(each.count, 0)} in a piece`}
        </li>
      ))}
    </ul>
  );
}

interface CutProps {
  pieces: ReturnType<typeof crossPieces>;
  /** The layer they are in: its upper edge and its height, in the drawing. */
  top: number;
  height: number;
  perMm: number;
}

/** Pieces in section, in a layer of dough or filling: soft ones give way, hard ones stick out of a thin one. */
function Cut({ pieces, top, height, perMm }: CutProps) {
  return pieces.map(({ x, share, mm, soft, turn }, at) => {
    const size = mm * perMm;
    const room = height - size;
    const y = room >= 0 ? top + share * room : top + room / 2;
    const squashed = soft ? Math.min(size, Math.max(size * 0.55, height)) : size;
    return (
      <rect
        key={at}
        x={x}
        y={soft ? Math.max(y, top + (height - squashed) / 2) : y}
        width={size}
        height={squashed}
        rx={soft ? size / 3 : 1}
        transform={`rotate(${soft ? 0 : turn} ${x + size / 2} ${y + size / 2})`}
        fill={materialFill("inclusion")}
        stroke="var(--material-inclusion-ink)"
        strokeWidth="0.7"
      />
    );
  });
}

function closest(disc: Disc, sheetMm: number): number {
  let best = 0;
  disc.thicknesses.forEach((each, index) => {
    if (Math.abs(each.sheetMm - sheetMm) < Math.abs((disc.thicknesses[best]?.sheetMm ?? 0) - sheetMm)) {
      best = index;
    }
  });
  return best;
}

function FromAbove({ disc, diameterMm }: { disc: Disc; diameterMm: number }) {
  const figures = useFigures();
  const widest = disc.thicknesses[0]?.diameterMm ?? diameterMm;
  const perMm = (TOP.size - 2 * TOP.margin) / Math.max(diameterMm, Math.min(widest, 1.35 * disc.diameterMm));
  const radius = (diameterMm * perMm) / 2;
  const filled = FILLED_TO * diameterMm;
  const pieces = useMemo(
    () => [...scatter(disc.inclusions, diameterMm), ...scatter(disc.fillingPieces, filled)],
    [disc, diameterMm, filled],
  );
  return (
    <svg
      viewBox={`0 0 ${TOP.size} ${TOP.size + 18}`}
      role="img"
      aria-label={`The piece from above, ${figures.size(diameterMm)} across`}
    >
      <circle
        cx={TOP.size / 2}
        cy={TOP.size / 2}
        r={radius}
        fill={materialFill("flour")}
        stroke="var(--material-flour-ink)"
      />
      {disc.fillingShare > 0 && (
        <circle
          cx={TOP.size / 2}
          cy={TOP.size / 2}
          r={(filled * perMm) / 2}
          fill="none"
          stroke="var(--material-inclusion-ink)"
          strokeDasharray="4 3"
          data-testid="filling-from-above"
        />
      )}
      {pieces.map(({ x, y, mm, turn }, index) => {
        const size = Math.max(0.7, mm * perMm);
        return (
          <rect
            key={index}
            x={TOP.size / 2 + x * perMm - size / 2}
            y={TOP.size / 2 + y * perMm - size / 2}
            width={size}
            height={size}
            transform={`rotate(${turn} ${TOP.size / 2 + x * perMm} ${TOP.size / 2 + y * perMm})`}
            fill="var(--material-inclusion)"
            stroke="var(--material-inclusion-ink)"
            strokeWidth="0.3"
          />
        );
      })}
      <path
        d={`M${TOP.size / 2 - radius} ${TOP.size + 4}h${2 * radius}m0-4v8m${-2 * radius}-8v8`}
        stroke="currentColor"
        fill="none"
      />
      <text x={TOP.size / 2} y={TOP.size + 16} fontSize="11" textAnchor="middle" fill="currentColor">
        {figures.size(diameterMm)}
      </text>
    </svg>
  );
}

interface CrossSectionProps {
  disc: Disc;
  sheetMm: number;
  index: number;
  onDrag: (index: number) => void;
}

/** A stretch of the sheet, enlarged; its upper edge can be dragged. */
function CrossSection({ disc, sheetMm, index, onDrag }: CrossSectionProps) {
  const figures = useFigures();
  const perMm = enlargement(disc);
  const top = SECTION.floor - sheetMm * perMm;
  const pieces = useMemo(() => crossPieces(disc.inclusions, perMm), [disc, perMm]);
  const inFilling = useMemo(() => crossPieces(disc.fillingPieces, perMm), [disc, perMm]);
  const filledMm = disc.fillingShare * sheetMm;
  const drag = useDrawingDrag({
    onStart: () => ({ mm: sheetMm, perMm }),
    onMove: (held, _, down) => {
      const to = closest(disc, held.mm - down / held.perMm);
      if (to !== index) {
        onDrag(to);
      }
    },
  });
  return (
    <svg
      viewBox={`0 0 ${SECTION.width} ${SECTION.height}`}
      role="img"
      aria-label={`Cross-section, ${figures.number(sheetMm, 1)} mm thick, enlarged`}
    >
      <text x="4" y="12" fontSize="11" fill="currentColor" opacity="0.75">
        cross-section, {figures.number(SECTION.width / perMm, 0)} mm of it, enlarged
      </text>
      <rect x="0" y={top} width={SECTION.width} height={sheetMm * perMm} fill={materialFill("flour")} />
      {disc.fillingShare > 0 && (
        <rect
          x="0"
          y={top + ((1 - disc.fillingShare) / 2) * sheetMm * perMm}
          width={SECTION.width}
          height={disc.fillingShare * sheetMm * perMm}
          fill={materialFill("inclusion")}
          data-testid="filling"
        />
      )}
      <Cut pieces={pieces} top={top} height={sheetMm * perMm} perMm={perMm} />
      <Cut pieces={inFilling} top={top + ((sheetMm - filledMm) / 2) * perMm} height={filledMm * perMm} perMm={perMm} />
      <path d={`M0 ${SECTION.floor}H${SECTION.width}`} stroke="currentColor" strokeWidth="1.6" />
      <path
        d={`M0 ${SECTION.floor - disc.thinnestMm * perMm}H${SECTION.width}`}
        stroke="var(--color-error)"
        strokeDasharray="5 4"
      />
      <g {...drag} className="cursor-ns-resize" data-testid="drag-thickness">
        <rect x="0" y={top - 9} width={SECTION.width} height="18" fill="transparent" />
        <path d={`M0 ${top}H${SECTION.width}`} stroke="var(--color-primary)" strokeWidth="2.4" />
        <path
          d={`M${SECTION.width / 2 - 14} ${top - 4}h28M${SECTION.width / 2 - 14} ${top + 4}h28`}
          stroke="var(--color-primary)"
          strokeWidth="2"
        />
      </g>
      <text
        className="halo"
        x={SECTION.width - 4}
        y={Math.min(top, SECTION.floor - disc.thinnestMm * perMm) - 6}
        fontSize="10.5"
        textAnchor="end"
        fill="currentColor"
      >
        thinnest {figures.number(disc.thinnestMm, 1)} mm
      </text>
      <text x="4" y={SECTION.height - 4} fontSize="11" fill="currentColor">
        {figures.number(sheetMm, 1)} mm: drag the upper edge
      </text>
    </svg>
  );
}
