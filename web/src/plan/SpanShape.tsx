import { LETTERS } from "../words";
import { type Across, fitting, hueOf, ROW } from "./drawing";

interface SpanShapeProps {
  /** From which minute to which. */
  from: number;
  to: number;
  /** Where its lane begins, and which rows of it are taken up. */
  top: number;
  row: number;
  rows: number;
  x: Across;
  /** The how-manieth serving it is done for. */
  number: number;
  words: string;
  byHand?: boolean;
  pinned?: boolean;
  isSelected?: boolean;
  breaks?: boolean;
}

/** Something that lasts from a minute to another: in the hue of its serving, with its letter and as many words as fit. */
export function SpanShape(props: SpanShapeProps) {
  const { from, to, top, row, rows, x, number, words, byHand, pinned, isSelected, breaks } = props;
  const width = Math.max(3, x(to) - x(from) - 1);
  const letter = LETTERS[number] ?? "";
  const y = top + row * ROW + 2;
  const height = rows * ROW - 4;
  const stands = isSelected || breaks;
  return (
    <>
      <rect
        x={x(from)}
        y={y}
        width={width}
        height={height}
        rx="3"
        fill={`color-mix(in oklch, ${hueOf(number)} ${byHand ? 48 : 28}%, var(--color-base-100))`}
        stroke={breaks ? "var(--color-error)" : isSelected ? "var(--color-primary)" : "currentColor"}
        strokeOpacity={stands ? 1 : 0.35}
        strokeWidth={stands ? 2.5 : 1}
        strokeDasharray={byHand ? undefined : "3 2"}
      />
      <text x={x(from) + 4} y={y + height / 2 + 4} fontSize="11" fill="currentColor" pointerEvents="none">
        {fitting(`${letter} ${words}`, letter, width)}
      </text>
      {pinned && <circle cx={x(from) + width - 6} cy={y + 6} r="3" fill="var(--color-primary)" />}
    </>
  );
}
