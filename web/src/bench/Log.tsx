import { Undo2 } from "lucide-react";
import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";
import { entryWords } from "./log";
import type { Waiting } from "./queue";

interface LogProps {
  answer: BenchAnswer;
  waiting: Waiting[];
  onUndo: (key: string) => void;
  name: (code: string) => string;
}

/** What was noted, the newest first; what was undone stays, crossed out. */
export function Log({ answer, waiting, onUndo, name }: LogProps) {
  const figures = useFigures();
  const { wettedAt } = answer.run;
  const known = new Set(answer.entries.map(({ entry }) => entry.key));
  const unsent = waiting.filter(({ entry }) => !known.has(entry.key));
  const minute = (at: string) =>
    wettedAt ? `${figures.number((Date.parse(at) - Date.parse(wettedAt)) / 60_000, 0)} min` : "";
  return (
    <section aria-label="What was noted" data-testid="log">
      <ul>
        {[...unsent].reverse().map(({ entry }) => (
          <li key={entry.key} className="hairline flex items-center gap-2 border-t py-1 italic" data-waiting="true">
            <span className="flex-1">{entryWords(entry, figures, name)}</span>
            <span className="soft text-xs">waits to be sent</span>
          </li>
        ))}
        {[...answer.entries].reverse().map(({ entry, undoneAt }) => (
          <li key={entry.key} className="hairline flex items-center gap-2 border-t py-0.5" data-entry={entry.kind}>
            <span className="soft w-14 text-right text-xs tabular-nums">{minute(entry.at)}</span>
            <span className={`flex-1 ${undoneAt ? "soft line-through" : ""}`}>
              {entryWords(entry, figures, name)}
              {undoneAt && <span className="sr-only"> (undone)</span>}
            </span>
            {!undoneAt && (
              <button
                className="btn btn-ghost btn-sm btn-square"
                aria-label={`Undo: ${entryWords(entry, figures, name)}`}
                title="Undo"
                onClick={() => onUndo(entry.key)}
              >
                <Undo2 size={16} aria-hidden />
              </button>
            )}
          </li>
        ))}
      </ul>
      {answer.entries.length + unsent.length === 0 && <p className="soft text-sm">Nothing yet.</p>}
    </section>
  );
}
