import { useState } from "react";
import { Link } from "react-router";
import type { BenchAnswer } from "../api";
import { OUTCOMES, outcomeName } from "../words";
import type { Bench } from "./useBench";

/** When every step is done: how it came out, and what the next one shall change. */
export function Finish({ bench, answer }: { bench: Bench; answer: BenchAnswer }) {
  const [verdict, setVerdict] = useState<string | null>(null);
  const [text, setText] = useState("");
  const { run } = answer;
  if (run.finishedAt != null) {
    return (
      <section aria-label="Finished" data-testid="finished">
        <h1 className="font-display text-5xl">Finished</h1>
        <p className="pt-2 text-2xl">
          {run.verdict ? `It ${outcomeName("verdict", run.verdict)}.` : "Nobody has said how it came out."}
        </p>
        <Link className="btn btn-primary mt-4 h-16 text-xl" to={`/notebook/${answer.batch.id}`}>
          Taste it, in the notebook
        </Link>
      </section>
    );
  }
  return (
    <section aria-label="Finish" data-testid="finish">
      <h1 className="font-display text-5xl">All steps are done</h1>
      <p className="pt-2 text-2xl">How did it come out?</p>
      <div className="flex flex-wrap gap-2 py-3" role="group" aria-label="How it came out">
        {OUTCOMES.verdict?.map(({ code, name }) => (
          <button
            key={code}
            className={`btn h-16 flex-1 text-lg ${verdict === code ? "btn-primary" : ""}`}
            aria-pressed={verdict === code}
            onClick={() => setVerdict(verdict === code ? null : code)}
          >
            {name}
          </button>
        ))}
      </div>
      <input
        className="quiet-field framed bench-field"
        aria-label="What there is to say about it"
        placeholder="rolled easily, eight of ten puffed…"
        maxLength={500}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <div className="pt-3">
        <button
          className="btn btn-primary h-16 text-xl"
          onClick={() =>
            bench.note(
              ...(verdict
                ? [{ kind: "verdict" as const, outcome: verdict, text: text || null }]
                : text
                  ? [{ kind: "note" as const, text }]
                  : []),
              { kind: "finished" as const },
            )
          }
        >
          Finish the batch
        </button>
      </div>
    </section>
  );
}
