import { Play, Square } from "lucide-react";
import { useState } from "react";
import type { BatchView } from "../batch";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { NumberField, type NumberEntry } from "../parts";

interface BatchStripProps {
  editor: Editor;
  batch: BatchView;
  name: (code: string | null | undefined) => string;
}

export const DONE: Record<string, string> = {
  knead: "kneaded on",
  wait: "waited",
  roll: "rolled",
  "add-water": "water added",
  "add-flour": "flour added",
  "wet-hands": "wet or oiled hands",
  "re-add": "put in again",
};

/** The batch that is running: when water met flour, and what was kept on it. */
export function BatchStrip({ editor, batch, name }: BatchStripProps) {
  const figures = useFigures();
  const [ago, setAgo] = useState<NumberEntry>(null);
  const [asking, setAsking] = useState(false);
  const [finishing, setFinishing] = useState(false);
  const { running } = batch;
  return (
    <section aria-label="Batch" className="pt-2 text-sm" data-testid="batch">
      <h2 className="section-title">Batch</h2>
      {running ? (
        <>
          <p className="flex flex-wrap items-center gap-2 pt-1">
            Running from version {running.version}, minute{" "}
            <strong className="text-base">{figures.number(batch.minute, 0)}</strong>
            <button className="btn btn-xs gap-1" aria-expanded={finishing} onClick={() => setFinishing(!finishing)}>
              <Square size={12} aria-hidden /> Finish
            </button>
            {asking ? (
              <>
                <span role="alert">Its corrections are deleted too. This cannot be undone.</span>
                <button
                  className="btn btn-xs btn-error"
                  onClick={() => {
                    setAsking(false);
                    batch.discard();
                  }}
                >
                  Delete it
                </button>
                <button className="btn btn-xs" autoFocus onClick={() => setAsking(false)}>
                  Keep the batch
                </button>
              </>
            ) : (
              <button
                className="btn btn-xs btn-ghost"
                onClick={() => (running.corrections.length > 0 ? setAsking(true) : batch.discard())}
              >
                Delete the batch
              </button>
            )}
          </p>
          {finishing && (
            <CameOut
              onFinish={(cameOut, note) => {
                setFinishing(false);
                batch.finish(cameOut, note);
              }}
            />
          )}
          {running.bowl && (
            <p className="soft text-xs" data-testid="bowl">
              In the bowl: {figures.mass(running.bowl.doughGrams)} of dough
              {running.bowl.waterPct != null && <>, water {figures.percent(running.bowl.waterPct)}</>}, salt{" "}
              {figures.number(running.bowl.saltPct, 2)} %, fat {figures.number(running.bowl.fatPct, 1)} % on flour
            </p>
          )}
          <ul>
            {running.corrections.map((correction) => (
              <li
                key={correction.key}
                className="hairline flex items-baseline gap-2 border-t py-1"
                data-correction={correction.action ?? "felt"}
              >
                <span className="flex-1">
                  minute {figures.number(correction.minute, 0)}:{" "}
                  {correction.feel && `felt ${correction.feel.replace("-", " ")}`}
                  {correction.action && (DONE[correction.action] ?? correction.action)}
                  {correction.note && `, ${correction.note}`}
                  {correction.additions.length > 0 &&
                    `: ${correction.additions.map(({ ingredient, grams }) => `${figures.mass(grams)} ${name(ingredient).toLowerCase()}`).join(", ")}`}
                </span>
                <button className="btn btn-xs btn-ghost" onClick={() => batch.undo(running.id, correction.key)}>
                  Undo
                </button>
              </li>
            ))}
          </ul>
        </>
      ) : editor.document && !editor.changed ? (
        <div className="flex flex-wrap items-center gap-2 pt-1">
          <span className="soft">Water met flour</span>
          <NumberField
            framed
            className="w-24"
            label="Minutes since water met flour"
            unit="min"
            value={ago}
            placeholder="0"
            format={(minutes) => figures.number(minutes, 0)}
            dataField="minutesAgo"
            onChange={setAgo}
          />
          <span className="soft">ago:</span>
          <button className="btn btn-sm btn-primary gap-1" onClick={() => batch.start(editor.baseNumber ?? 1, ago)}>
            <Play size={14} aria-hidden /> Start a batch
          </button>
        </div>
      ) : (
        <p className="soft pt-1">
          Save the formula first: a batch is made from a saved version, so that what you learn has its place.
        </p>
      )}
      {batch.problem && (
        <p role="alert" className="text-error text-xs">
          {batch.problem.detail}
        </p>
      )}
    </section>
  );
}

const OUTCOMES = [
  ["well", "well"],
  ["middling", "middling"],
  ["badly", "badly"],
] as const;

/** Asked before a batch is finished: how it came out. The batch keeps it. */
function CameOut({ onFinish }: { onFinish: (cameOut: string | null, note: string) => void }) {
  const [cameOut, setCameOut] = useState<string | null>(null);
  const [note, setNote] = useState("");
  return (
    <form
      className="bg-base-200 my-1 flex flex-col gap-1.5 rounded-md px-3 py-2"
      data-testid="came-out"
      onSubmit={(event) => {
        event.preventDefault();
        onFinish(cameOut, note.trim());
      }}
    >
      <fieldset className="flex flex-wrap items-center gap-3">
        <legend className="contents">How did it come out?</legend>
        {OUTCOMES.map(([code, words]) => (
          <label key={code} className="flex cursor-pointer items-center gap-1">
            <input
              type="radio"
              name="cameOut"
              className="radio radio-xs radio-primary"
              value={code}
              checked={cameOut === code}
              onChange={() => setCameOut(code)}
            />
            {words}
          </label>
        ))}
      </fieldset>
      <input
        className="quiet-field framed"
        aria-label="What there is to say about it"
        placeholder="rolled easily, eight of ten puffed…"
        maxLength={500}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <button className="btn btn-xs btn-primary self-start">
        {cameOut === null ? "Finish without saying" : "Finish, and keep it"}
      </button>
    </form>
  );
}
