import type { Shapes } from "../api";
import { useFigures } from "../figures";
import { materialFill } from "../parts";

const VIEW = { width: 560, height: 150, floor: 128, label: 14 };
const PIECES = [0.12, 0.31, 0.52, 0.7, 0.88];

/** A stretch of a filled piece in section, enlarged: dough, filling with its hard pieces, dough. */
export function FilledSection({ filled }: { filled: NonNullable<Shapes["filled"]> }) {
  const figures = useFigures();
  const { wallMm, betweenMm, hardPieceMm } = filled;
  const all = 2 * wallMm + betweenMm;
  const perMm = (VIEW.floor - VIEW.label - 8) / all;
  const top = VIEW.floor - all * perMm;
  const middle = top + wallMm * perMm;
  const size = hardPieceMm * perMm;
  return (
    <svg
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      className="w-full max-w-2xl py-2"
      role="img"
      aria-label={`Section: ${figures.number(wallMm, 1)} mm of dough, ${figures.number(betweenMm, 1)} mm of filling, ${figures.number(wallMm, 1)} mm of dough`}
    >
      <rect x="0" y={top} width={VIEW.width} height={all * perMm} fill={materialFill("flour")} />
      <rect x="0" y={middle} width={VIEW.width} height={betweenMm * perMm} fill={materialFill("inclusion")} />
      {size > 0 && (
        <svg x="0" y={VIEW.label} width={VIEW.width} height={VIEW.floor - VIEW.label} overflow="hidden">
          {PIECES.map((place) => (
            <rect
              key={place}
              x={place * VIEW.width - size / 2}
              y={middle - VIEW.label + (betweenMm * perMm - size) / 2}
              width={size}
              height={size}
              transform={`rotate(${place * 40} ${place * VIEW.width} ${middle - VIEW.label + (betweenMm * perMm) / 2})`}
              fill="var(--material-inclusion)"
              stroke="var(--material-inclusion-ink)"
            />
          ))}
        </svg>
      )}
      <path d={`M0 ${VIEW.floor}H${VIEW.width}`} stroke="currentColor" strokeWidth="1.6" />
      <text x="4" y={VIEW.label - 2} fontSize="12" fill="currentColor">
        in section, {figures.number(VIEW.width / perMm, 0)} mm of it, enlarged
      </text>
      <text x="4" y={VIEW.floor + 16} fontSize="12" fill="currentColor">
        {figures.number(wallMm, 1)} mm dough · {figures.number(betweenMm, 1)} mm filling · {figures.number(wallMm, 1)}{" "}
        mm dough
      </text>
    </svg>
  );
}
