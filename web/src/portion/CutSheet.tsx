import type { Shapes } from "../api";
import { useFigures } from "../figures";
import { materialFill } from "../parts";

type Cut = NonNullable<Shapes["cut"]>;

const INK = "var(--material-flour-ink)";

/** The sheet, to scale, with the pieces where they lie. */
export function CutSheet({ cut: { shape, perSheet, drawn } }: { cut: Cut }) {
  const figures = useFigures();
  const { disc, longMm, shortMm, sizeMm, placed } = drawn;
  const line = longMm / 260;
  const size = sizeMm ?? 0;
  if (shape !== "wedges" && placed.length === 0) {
    return <p className="soft pt-2 text-sm">Too many to draw.</p>;
  }
  return (
    <svg
      role="img"
      aria-label={`The ${disc ? "disc" : "sheet"} of ${figures.size(longMm)}${disc ? "" : ` by ${figures.size(shortMm)}`} with ${perSheet} pieces`}
      viewBox={`${-line} ${-line} ${longMm + 2 * line} ${shortMm + 2 * line}`}
      className="mt-3 max-h-96 w-full max-w-xl"
      data-testid="cut-sheet"
    >
      {disc ? (
        <circle
          cx={longMm / 2}
          cy={longMm / 2}
          r={longMm / 2}
          fill="var(--color-base-200)"
          stroke={INK}
          strokeWidth={line}
        />
      ) : (
        <rect width={longMm} height={shortMm} fill="var(--color-base-200)" stroke={INK} strokeWidth={line} />
      )}
      {placed.map(({ alongMm, downMm }, index) =>
        shape === "rounds" ? (
          <circle
            key={index}
            cx={alongMm}
            cy={downMm}
            r={size / 2}
            fill={materialFill("flour")}
            stroke={INK}
            strokeWidth={line}
          />
        ) : (
          <rect
            key={index}
            x={alongMm - size / 2}
            y={downMm - size / 2}
            width={size}
            height={size}
            fill={materialFill("flour")}
            stroke={INK}
            strokeWidth={line}
          />
        ),
      )}
      {shape === "wedges" && <Wedges wedges={perSheet} across={longMm} line={line} />}
    </svg>
  );
}

/** The disc with its cuts. */
function Wedges({ wedges, across, line }: { wedges: number; across: number; line: number }) {
  const middle = across / 2;
  return (
    <>
      <circle cx={middle} cy={middle} r={middle} fill={materialFill("flour")} stroke={INK} strokeWidth={line} />
      {Array.from({ length: wedges }, (_, index) => {
        const angle = (2 * Math.PI * index) / wedges - Math.PI / 2;
        return (
          <line
            key={index}
            x1={middle}
            y1={middle}
            x2={middle + middle * Math.cos(angle)}
            y2={middle + middle * Math.sin(angle)}
            stroke={INK}
            strokeWidth={line}
          />
        );
      })}
    </>
  );
}
