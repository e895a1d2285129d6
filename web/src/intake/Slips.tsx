import { useState } from "react";
import type { Slip } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { slipWords } from "./slipWords";

/** Likely slips of pen, scale or book. Each can be set aside with a reason; none blocks anything. */
export function Slips({ slips, editor }: { slips: Slip[]; editor: Editor }) {
  const [shown, setShown] = useState(false);
  const standing = slips.filter((slip) => slip.setAsideFor == null);
  const aside = slips.filter((slip) => slip.setAsideFor != null);
  if (slips.length === 0) {
    return null;
  }
  const kept = editor.draft.notes?.setAside ?? [];
  const setAside = (list: typeof kept) =>
    editor.edit({ kind: "notes", patch: { setAside: list.length > 0 ? list : null } });

  return (
    <section aria-label="Likely slips" className="pt-2.5 text-sm">
      <ul className="flex flex-col gap-1">
        {standing.map((slip) => (
          <SlipItem
            key={slip.key}
            slip={slip}
            onSetAside={(reason) => setAside([...kept, { slip: slip.key, reason }])}
          />
        ))}
      </ul>
      {aside.length > 0 && (
        <div className="soft pt-1 text-xs">
          <button className="link" aria-expanded={shown} onClick={() => setShown(!shown)}>
            {aside.length} set aside
          </button>
          {shown &&
            aside.map((slip) => (
              <p key={slip.key} className="pt-0.5">
                <AsideText slip={slip} />{" "}
                <button className="link" onClick={() => setAside(kept.filter((each) => each.slip !== slip.key))}>
                  look at it again
                </button>
              </p>
            ))}
        </div>
      )}
    </section>
  );
}

function AsideText({ slip }: { slip: Slip }) {
  const figures = useFigures();
  return (
    <>
      {slipWords(slip, figures)} Set aside: “{slip.setAsideFor}”.
    </>
  );
}

function SlipItem({ slip, onSetAside }: { slip: Slip; onSetAside: (reason: string) => void }) {
  const figures = useFigures();
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState("");
  return (
    <li className="border-warning border-l-4 pl-3" data-slip={slip.kind}>
      {slipWords(slip, figures)}{" "}
      {!asking && (
        <button className="link soft text-xs" onClick={() => setAsking(true)}>
          set aside
        </button>
      )}
      {asking && (
        <form
          className="flex max-w-md gap-2 pt-1"
          onSubmit={(event) => {
            event.preventDefault();
            onSetAside(reason.trim());
          }}
        >
          <input
            autoFocus
            className="quiet-field framed"
            aria-label="Why it does not apply"
            placeholder="why it does not apply"
            maxLength={500}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
          <button className="btn btn-sm" disabled={reason.trim() === ""}>
            Set aside
          </button>
        </form>
      )}
    </li>
  );
}
