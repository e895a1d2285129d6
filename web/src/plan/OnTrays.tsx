import type { PlannedServing } from "../api";
import { useFigures } from "../figures";
import { clockWords, placeName, trayWords } from "../words";
import type { Across } from "./drawing";
import { movedTrays, type Moving, type TrayBar } from "./lanes";
import { SpanShape } from "./SpanShape";

interface OnTraysProps {
  bar: TrayBar;
  top: number;
  x: Across;
  servings: PlannedServing[];
  /** The task that is moved just now; null for none. */
  moving: Moving | null;
}

/** The balls of a dough on their trays, from when it is divided until the last is rolled. */
export function OnTrays({ bar: { time: planned, row }, top, x, servings, moving }: OnTraysProps) {
  const figures = useFigures();
  const time = movedTrays(planned, moving);
  const number = servings.findIndex(({ key }) => key === time.serving);
  const words = `${trayWords(time, servings[number]?.name ?? "", figures)}, ${clockWords(time.from)} to ${clockWords(time.to)}`;
  return (
    <g role="img" aria-label={words} data-testid="on-trays">
      <title>{words}</title>
      <SpanShape {...time} {...{ top, row, x, number }} rows={1} words={placeName("tray", time.trays)} />
    </g>
  );
}
