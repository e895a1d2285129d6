import type { LadderAnswer } from "../api";
import { FORMULA_FIGURES } from "../words";

/** A ladder as CSV: the share and every figure by its code, with points, a row for each rung. */
export function ladderCsv({ rungs }: LadderAnswer): string {
  const there = FORMULA_FIGURES.filter((figure) => rungs.some(({ balance }) => balance.figures[figure] !== undefined));
  const rows = rungs.map(({ share, balance, broken }) =>
    [
      share,
      balance.water.told.low,
      balance.water.told.high,
      ...there.map((figure) => balance.figures[figure]),
      broken.join(" "),
    ]
      .map((value) => value ?? "")
      .join(","),
  );
  return [["share", "waterLow", "waterHigh", ...there, "notKept"].join(","), ...rows].join("\r\n") + "\r\n";
}
