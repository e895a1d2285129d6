import type { BalanceAnswer } from "../api";
import { useFigures } from "../figures";
import { Hint } from "../parts";

/** Hydration and dough weight at the dry end, the likely point and the wet end. */
export function Ends({ ends }: { ends: NonNullable<BalanceAnswer["ends"]> }) {
  const figures = useFigures();
  const points = [
    ["dry end", ends.dry],
    ["likely", ends.likely],
    ["wet end", ends.wet],
  ] as const;
  return (
    <section aria-label="Dry and wet end" className="pt-4">
      <h2 className="section-title">
        Ranges that belong together
        <Hint term="ends" />
      </h2>
      <div className="grid grid-cols-3 pt-1">
        {points.map(([name, point]) => (
          <div key={name}>
            <p className="soft text-xs">{name}</p>
            <p className="font-display text-xl">
              {point.hydrationPct == null ? "–" : figures.percent(point.hydrationPct)}
            </p>
            <p className="soft text-sm">dough {figures.mass(point.doughGrams)}</p>
          </div>
        ))}
      </div>
      <p className="soft pt-1 text-xs">
        All lower ends make one dough, all upper ends another. Most flour with least water is not meant.
      </p>
    </section>
  );
}
