import type { PlanSpec, PlanState } from "../api";
import { demandWords, missedWords, wayOutWords } from "../words";

/** Why not everything can be met, and what would help: each by one press. */
export function Clash({ state, onTake }: { state: PlanState; onTake: (spec: PlanSpec) => void }) {
  const { clash, smallest, waysOut, allTried, missed, servings } = state;
  if (clash.length === 0 && missed.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="What clashes"
      data-testid="clash"
      className="border-warning bg-base-200 my-3 rounded-md border-l-4 px-4 py-3"
    >
      <h2 className="section-title">Not everything can be met</h2>
      {clash.length > 1 && (
        <p className="text-sm">
          These cannot all hold: {clash.map((demand) => demandWords(demand, servings)).join("; ")}.{" "}
          {smallest
            ? "Each of them has a part in that."
            : "There was no time to find out whether each of them has a part in that."}
        </p>
      )}
      {clash[0] && clash.length === 1 && (
        <p className="text-sm">
          With what is served this cannot hold, whatever else gives: {demandWords(clash[0], servings)}.
        </p>
      )}
      {missed.length > 0 && (
        <p className="pt-1 text-sm">
          The plan below misses as little as can be.{" "}
          {missed.map(({ demand, by }) => missedWords(demand, by, servings)).join(" ")}
        </p>
      )}
      {waysOut.length > 0 && (
        <ul className="flex flex-wrap gap-2 pt-2">
          {waysOut.map(({ spec, ...way }) => {
            const words = wayOutWords(way, servings);
            return (
              <li key={words}>
                {spec ? (
                  <button type="button" className="btn btn-outline btn-sm" onClick={() => onTake(spec)}>
                    {words}
                  </button>
                ) : (
                  <span className="soft text-sm">{words}</span>
                )}
              </li>
            );
          })}
        </ul>
      )}
      {!allTried && state.stage === "done" && (
        <p className="soft pt-1 text-sm">There was no time to try every change: there may be others that help.</p>
      )}
      {waysOut.length === 0 && allTried && (
        <p className="pt-1 text-sm">
          No single change is enough, nor are fewer pieces of one serving, two batches of it, or its dough made the
          evening before: it takes all that is missed, or more hands.
        </p>
      )}
    </section>
  );
}
