import { Plus, X } from "lucide-react";
import type { Keeping } from "../api";
import type { DraftPortion } from "../formula";
import { useFigures } from "../figures";
import { IconButton, NumberField, Said } from "../parts";
import { hoursWords } from "./words";

interface SplitsFormProps {
  splits: NonNullable<DraftPortion["splits"]>;
  /** Every way of keeping. */
  ways: Keeping["ways"];
  faultOf: (field: string) => string | null;
  onPortion: (patch: Partial<DraftPortion>, tag?: string) => void;
}

/** What part of the bread is kept otherwise than the rest. */
export function SplitsForm({ splits, ways, faultOf, onPortion }: SplitsFormProps) {
  const figures = useFigures();
  const put = (to: typeof splits, tag?: string) => onPortion({ splits: to.length > 0 ? to : null }, tag);
  const set = (index: number, patch: Partial<(typeof splits)[number]>) =>
    put(
      splits.map((each, at) => (at === index ? { ...each, ...patch } : each)),
      `split ${index} ${Object.keys(patch).join()}`,
    );
  const messages = splits.flatMap((_, at) => ["storage", "pieces"].map((field) => faultOf(`splits[${at}].${field}`)));
  return (
    <div className="pt-3">
      <h3 className="font-semibold">Put aside</h3>
      {splits.map((split, index) => (
        <div key={index} className="flex items-center gap-1 pt-1 text-sm">
          <NumberField
            framed
            className="w-14"
            label={`Put aside ${index + 1}: pieces`}
            value={split.pieces ?? null}
            format={(value) => figures.number(value, 0)}
            error={faultOf(`splits[${index}].pieces`)}
            onChange={(pieces) => set(index, { pieces })}
          />
          <select
            className="quiet-field framed min-w-0 flex-1"
            aria-label={`Put aside ${index + 1}: way of keeping`}
            value={split.storage ?? ""}
            onChange={(event) => set(index, { storage: event.target.value })}
          >
            {ways.map(({ storage }) => (
              <option key={storage.code} value={storage.code}>
                {storage.name}
              </option>
            ))}
          </select>
          <IconButton
            label={`Remove what is put aside ${index + 1}`}
            onClick={() => put(splits.filter((_, at) => at !== index))}
          >
            <X size={14} aria-hidden />
          </IconButton>
        </div>
      ))}
      <Said messages={messages} />
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        disabled={ways.length === 0}
        onClick={() => put([...splits, { storage: ways[ways.length - 1]?.storage.code, pieces: null }])}
      >
        <Plus size={14} aria-hidden /> Put some aside
      </button>
    </div>
  );
}

/** Each part of the bread: how it is kept, for how long it is good, and until when it is used. */
export function Splits({ answer }: { answer: Keeping }) {
  const figures = useFigures();
  const [rest] = answer.splits;
  if (!rest) {
    return null;
  }
  return (
    <div className="pt-3" data-testid="splits">
      <h2 className="section-title">Now and later</h2>
      {rest.pieces < 0 && (
        <p role="status" className="text-warning-content bg-warning/30 my-1 max-w-2xl rounded px-2 py-1 text-sm">
          {figures.number(-rest.pieces, 0)} more are put aside than the dough makes.
        </p>
      )}
      <table className="w-full max-w-2xl text-sm">
        <thead className="soft text-left">
          <tr>
            <th className="font-normal">Pieces</th>
            <th className="font-normal">Kept</th>
            <th className="font-normal">{answer.crisp ? "Crisp for" : "Folds for"}</th>
            <th className="font-normal">Use within</th>
          </tr>
        </thead>
        <tbody>
          {answer.splits.map(({ storage, pieces, hours, useWithinHours }, index) => (
            <tr key={index} className="hairline border-t">
              <td className="py-1 tabular-nums">{figures.number(Math.max(0, pieces), 0)}</td>
              <td>{storage.name}</td>
              <td>{hoursWords(hours, answer.mostHours, figures)}</td>
              <td>{hoursWords(useWithinHours, Infinity, figures)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft pt-1 text-xs">
        Use-by: typical values; your local food rules and a qualified adviser go first.
      </p>
    </div>
  );
}
