import { useState } from "react";
import type { NotebookBatch } from "../api";
import { useFigures } from "../figures";
import { NumberField, asSent, type NumberEntry, Said } from "../parts";
import { OUTCOMES, outcomeName } from "../words";
import type { Notes } from "./useNotes";

const WHEN: Record<NotebookBatch["tastings"][number]["when"], string> = {
  now: "Fresh",
  hour: "An hour later",
  "next-day": "The next day",
};

/** The bread fresh, an hour later and the next day; a tasting that is due is asked for. */
export function Tastings({ batch, notes }: { batch: NotebookBatch; notes: Notes }) {
  return (
    <section aria-label="Tastings" data-testid="tastings">
      <h2 className="section-title pt-6">Tasted</h2>
      {batch.tastings.length === 0 && <p className="soft text-sm">Nothing is cooked yet.</p>}
      {batch.tastings.map((tasting) => (
        <Tasted key={tasting.when} tasting={tasting} notes={notes} now={batch.bench.clock.now} />
      ))}
    </section>
  );
}

interface TastedProps {
  tasting: NotebookBatch["tastings"][number];
  notes: Notes;
  now: string;
}

function Tasted({ tasting, notes, now }: TastedProps) {
  const figures = useFigures();
  const [softness, setSoftness] = useState<NumberEntry>(null);
  const [flavour, setFlavour] = useState<NumberEntry>(null);
  const { when, due, dueAt, fold } = tasting;
  const said = [
    fold && outcomeName("taste", fold),
    tasting.softness != null && `softness ${figures.number(tasting.softness, 0)} of 9`,
    tasting.flavour != null && `flavour ${figures.number(tasting.flavour, 0)} of 9`,
  ].filter(Boolean);
  const marks = [
    { subject: "softness", figure: softness },
    { subject: "flavour", figure: flavour },
  ].filter(({ figure }) => figure !== null);
  const note = async () => {
    const taken = await notes.note(
      ...marks.map((mark) => ({ kind: "taste" as const, step: when, ...mark, figure: asSent(mark.figure) })),
    );
    if (taken) {
      setSoftness(null);
      setFlavour(null);
    }
  };
  return (
    <div className="hairline border-t py-2" data-tasting={when} data-due={due}>
      <p className="flex flex-wrap gap-x-3">
        <strong className="w-32">{WHEN[when]}</strong>
        {said.length > 0 ? (
          said.join(", ")
        ) : due ? (
          <span className="text-warning">Fold a piece and taste it.</span>
        ) : (
          <span className="soft">
            {Date.parse(dueAt) > Date.parse(now) ? `due ${figures.moment(dueAt)}` : "not tasted"}
          </span>
        )}
      </p>
      {(due || said.length > 0) && (
        <div className="flex flex-wrap items-center gap-2 pt-1 text-sm">
          {OUTCOMES.taste?.map(({ code, name }) => (
            <button
              key={code}
              className={`btn btn-sm ${fold === code ? "btn-neutral" : ""}`}
              aria-pressed={fold === code}
              disabled={notes.busy}
              onClick={() => void notes.note({ kind: "taste", step: when, subject: "fold", outcome: code })}
            >
              {name}
            </button>
          ))}
          <NumberField
            framed
            className="w-28"
            label={`Softness, ${WHEN[when].toLowerCase()}`}
            placeholder="softness 1–9"
            value={softness}
            format={String}
            onChange={setSoftness}
          />
          <NumberField
            framed
            className="w-28"
            label={`Flavour, ${WHEN[when].toLowerCase()}`}
            placeholder="flavour 1–9"
            value={flavour}
            format={String}
            onChange={setFlavour}
          />
          <button className="btn btn-sm" disabled={notes.busy || marks.length === 0} onClick={() => void note()}>
            Note the marks
          </button>
          {marks.length > 0 && <Said messages={notes.problem?.faults?.map(({ message }) => message) ?? []} />}
        </div>
      )}
    </div>
  );
}
