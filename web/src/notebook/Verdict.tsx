import { X } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { NotebookBatch } from "../api";
import { keepReason } from "../formula";
import { IconButton } from "../parts";
import { OUTCOMES } from "../words";
import type { Notes } from "./useNotes";

/** How it came out, its tags, and what the next one shall change. */
export function Verdict({ batch, notes }: { batch: NotebookBatch; notes: Notes }) {
  const { bench, tags, changes } = batch;
  const navigate = useNavigate();
  const [said, setSaid] = useState(batch.said);
  const [tag, setTag] = useState("");
  const [change, setChange] = useState("");
  const verdict = bench.run.verdict;
  const keyOf = (kind: string, text: string) =>
    bench.entries.find(({ entry, undoneAt }) => undoneAt == null && entry.kind === kind && entry.text === text)?.entry
      .key;
  const undo = (kind: string, text: string) => {
    const key = keyOf(kind, text);
    if (key) {
      notes.undo(key);
    }
  };
  return (
    <section aria-label="How it came out" data-testid="verdict">
      <h2 className="section-title pt-4">How it came out</h2>
      <div className="flex flex-wrap gap-2" role="group" aria-label="It came out">
        {OUTCOMES.verdict?.map(({ code, name }) => (
          <button
            key={code}
            className={`btn btn-sm ${verdict === code ? "btn-primary" : ""}`}
            aria-pressed={verdict === code}
            disabled={notes.busy}
            onClick={() => void notes.note({ kind: "verdict", outcome: code, text: said || null })}
          >
            {name}
          </button>
        ))}
      </div>
      <form
        className="flex gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void notes.note(
            verdict ? { kind: "verdict", outcome: verdict, text: said || null } : { kind: "note", text: said },
          );
        }}
      >
        <input
          className="quiet-field framed"
          aria-label="What there is to say about it"
          placeholder="what there is to say about it"
          maxLength={500}
          value={said}
          onChange={(event) => setSaid(event.target.value)}
        />
        <button className="btn btn-sm" disabled={notes.busy || said === batch.said || said.trim() === ""}>
          Note it
        </button>
      </form>
      <div className="flex flex-wrap items-center gap-2 pt-2 text-sm" data-testid="tags">
        {tags.map((each) => (
          <span key={each} className="badge gap-1">
            {each}
            <IconButton label={`Remove the tag ${each}`} onClick={() => undo("tag", each)}>
              <X size={12} aria-hidden />
            </IconButton>
          </span>
        ))}
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (tag.trim()) {
              void notes.note({ kind: "tag", text: tag.trim() }).then((taken) => taken && setTag(""));
            }
          }}
        >
          <input
            className="quiet-field framed !w-36"
            aria-label="Add a tag"
            placeholder="add a tag"
            maxLength={40}
            value={tag}
            onChange={(event) => setTag(event.target.value)}
          />
        </form>
      </div>
      <h2 className="section-title pt-5">What the next one shall change</h2>
      <ul data-testid="changes">
        {changes.map((each) => (
          <li key={each} className="hairline flex items-center gap-2 border-t py-1">
            <span className="flex-1">{each}</span>
            <button
              className="btn btn-sm"
              onClick={() => {
                keepReason(bench.batch.formula, each);
                void navigate(`/formulas/${bench.batch.formula}/balance`);
              }}
            >
              Start the next version
            </button>
            <IconButton label={`Remove: ${each}`} onClick={() => undo("change", each)}>
              <X size={14} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
      <form
        className="flex gap-2 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          void notes.note({ kind: "change", text: change.trim() }).then((taken) => taken && setChange(""));
        }}
      >
        <input
          className="quiet-field framed"
          aria-label="What the next one shall change"
          placeholder="20 g less water, because…"
          maxLength={500}
          value={change}
          onChange={(event) => setChange(event.target.value)}
        />
        <button className="btn btn-sm" disabled={notes.busy || change.trim() === ""}>
          Note it
        </button>
      </form>
    </section>
  );
}
