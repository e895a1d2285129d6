import { TriangleAlert } from "lucide-react";
import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { type Caution, pantryQuery } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { causeWords, CAUTIONS_DEFER, cautionWords } from "../words";
import { acknowledge, lastWho } from "./acknowledge";

interface CautionsProps {
  cautions: Caution[];
  editor: Editor;
}

/** Cautions at the place where they matter: open ones in full, acknowledged ones still to be read. */
export function Cautions({ cautions, editor }: CautionsProps) {
  const open = cautions.filter((caution) => caution.acknowledgedBy == null);
  const read = cautions.filter((caution) => caution.acknowledgedBy != null);
  if (cautions.length === 0) {
    return null;
  }
  return (
    <section aria-label="Cautions" className="pt-5">
      <h2 className="section-title flex items-center gap-2">
        <TriangleAlert size={17} className="text-warning" aria-hidden /> Cautions
        <span className="soft font-sans text-xs">{open.length === 0 ? "all read" : `${open.length} to read`}</span>
      </h2>
      <ul>
        {open.map((caution) => (
          <OpenCaution key={caution.code} caution={caution} editor={editor} />
        ))}
      </ul>
      {read.length > 0 && <ReadCautions cautions={read} />}
      <p className="soft pt-2 text-xs">{CAUTIONS_DEFER}</p>
    </section>
  );
}

function OpenCaution({ caution, editor }: { caution: Caution; editor: Editor }) {
  const pantry = useQuery(pantryQuery).data;
  const figures = useFigures();
  const { title, text } = cautionWords(caution, figures);
  const [asking, setAsking] = useState(false);
  const [who, setWho] = useState(lastWho);
  return (
    <li
      className="hairline border-l-warning border-t border-l-4 py-2 pl-3 text-sm first:border-t-0"
      data-caution={caution.code}
    >
      <p>
        <strong>{title}.</strong> {text}
      </p>
      <div className="soft flex flex-wrap items-center gap-2 pt-1 text-xs">
        <span>because of {causeWords(caution.causes, pantry, figures)}</span>
        {asking ? (
          <form
            className="flex items-center gap-1"
            onSubmit={(event) => {
              event.preventDefault();
              if (who.trim() !== "") {
                acknowledge(editor, caution, who.trim());
              }
            }}
          >
            <input
              className="quiet-field framed !h-7 !w-28 text-xs"
              aria-label="Who has read it"
              placeholder="who: Bench, Mill…"
              maxLength={80}
              autoFocus
              value={who}
              onChange={(event) => setWho(event.target.value)}
            />
            <button className="btn btn-xs btn-primary" disabled={who.trim() === ""}>
              I have read it
            </button>
          </form>
        ) : (
          <button
            className="btn btn-xs btn-ghost text-primary"
            onClick={() => setAsking(true)}
            aria-label={`Acknowledge: ${title}`}
          >
            Acknowledge
          </button>
        )}
      </div>
    </li>
  );
}

function ReadCautions({ cautions }: { cautions: Caution[] }) {
  const pantry = useQuery(pantryQuery).data;
  const figures = useFigures();
  return (
    <details className="pt-1 text-sm">
      <summary className="soft cursor-pointer text-xs">
        {cautions.length} read; they come back when their cause changes
      </summary>
      <ul className="pt-1">
        {cautions.map((caution) => (
          <li key={caution.code} className="hairline border-t py-1 first:border-t-0" data-caution-read={caution.code}>
            <strong>{cautionWords(caution, figures).title}.</strong> {cautionWords(caution, figures).text}
            <span className="soft block text-xs">
              read by {caution.acknowledgedBy}
              {caution.acknowledgedAt && `, ${figures.moment(caution.acknowledgedAt)}`}; because of{" "}
              {causeWords(caution.causes, pantry, figures)}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
