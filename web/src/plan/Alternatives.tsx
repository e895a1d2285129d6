import { useEffect, useRef, useState } from "react";
import { api, planQuestion, type PlanSpec, type PlanState, taken } from "../api";
import { ErrorText, Headings } from "../parts";
import { alternativeWords, clockWords, durationWords, missedWords } from "../words";

interface Row {
  name: string;
  /** What is asked for then; null for the way that is planned already. */
  spec: PlanSpec | null;
  state: PlanState | null;
}

interface AlternativesProps {
  spec: PlanSpec;
  state: PlanState;
  onTake: (spec: PlanSpec) => void;
}

/** Other ways to get through the day side by side with the one that is planned: one after the other is planned when asked for. */
export function Alternatives({ spec, state, onTake }: AlternativesProps) {
  const [rows, setRows] = useState<Row[] | null>(null);
  const [error, setError] = useState<unknown>(null);
  const running = useRef<AbortController | null>(null);
  const asked = useRef(spec);
  useEffect(() => () => running.current?.abort(), []);
  useEffect(() => {
    if (asked.current !== spec) {
      asked.current = spec;
      running.current?.abort();
      setRows(null);
    }
  }, [spec]);

  const compare = async () => {
    const stop = new AbortController();
    running.current = stop;
    setError(null);
    try {
      const others = await taken(api.POST("/api/plan/alternatives", { body: spec, signal: stop.signal }));
      setRows(others.map(({ kind, spec: other }) => ({ name: alternativeWords(kind), spec: other, state: null })));
      for (const [at, { spec: other }] of others.entries()) {
        const answer = await planned(other, stop.signal);
        setRows((now) => now?.map((row, index) => (index === at ? { ...row, state: answer } : row)) ?? null);
      }
    } catch (failed) {
      if (!stop.signal.aborted) {
        setError(failed);
      }
    }
  };

  if (rows === null) {
    return (
      <p className="pt-4 print:hidden">
        <button type="button" className="btn btn-sm" onClick={() => void compare()}>
          Compare with other ways
        </button>
        <ErrorText error={error} />
      </p>
    );
  }
  return (
    <section className="relative overflow-x-auto pt-4 print:hidden" aria-label="Other ways" data-testid="alternatives">
      <h2 className="section-title">Other ways</h2>
      <table className="w-full text-sm">
        <Headings
          of={[
            "Way",
            "Begins",
            "Work by hand",
            "Hands wait",
            "Hand-overs",
            "Bread stands",
            "Fridge at most",
            "Trays at most",
            "Missed",
          ]}
        >
          <th scope="col">
            <span className="sr-only">Take it</span>
          </th>
        </Headings>
        <tbody>
          {[{ name: "as planned", spec: null, state }, ...rows].map((row) => (
            <AlternativeRow key={row.name} row={row} onTake={onTake} />
          ))}
        </tbody>
      </table>
      <ErrorText error={error} />
    </section>
  );
}

function AlternativeRow({ row, onTake }: { row: Row; onTake: (spec: PlanSpec) => void }) {
  const { name, spec, state } = row;
  const plan = state?.plan;
  return (
    <tr className="hairline border-t align-top" data-planned={state !== null}>
      <td className="py-1.5 pr-3 font-semibold">{name}</td>
      {plan ? (
        <>
          <td className="py-1.5 pr-3 tabular-nums">{clockWords(plan.begins)}</td>
          <td className="py-1.5 pr-3 tabular-nums">{durationWords(plan.handsOn)}</td>
          <td className="py-1.5 pr-3 tabular-nums">{durationWords(plan.waiting ?? 0)}</td>
          <td className="py-1.5 pr-3 tabular-nums">{plan.handOvers}</td>
          <td className="py-1.5 pr-3 tabular-nums">{durationWords(plan.standing)}</td>
          <td className="py-1.5 pr-3 tabular-nums">{plan.fridgeLitres > 0 ? `${plan.fridgeLitres} litres` : ""}</td>
          <td className="py-1.5 pr-3 tabular-nums">{plan.trays ? plan.trays : ""}</td>
          <td className="py-1.5 pr-3">
            {state.missed.length === 0
              ? "nothing"
              : state.missed.map(({ demand, by }) => missedWords(demand, by, state.servings)).join(" ")}
          </td>
        </>
      ) : (
        <td colSpan={8} className="soft py-1.5 pr-3">
          {state === null ? "planning…" : "no plan was found in time"}
        </td>
      )}
      <td className="py-1 text-right whitespace-nowrap">
        {spec && plan && (
          <button type="button" className="btn btn-xs" aria-label={`Plan it so: ${name}`} onClick={() => onTake(spec)}>
            Plan it so
          </button>
        )}
      </td>
    </tr>
  );
}

const planned = (spec: PlanSpec, signal: AbortSignal) => planQuestion(() => undefined).ask(spec, signal);
