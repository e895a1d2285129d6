import { Plus, X } from "lucide-react";
import type { Storage } from "../api";
import { useFigures } from "../figures";
import { IconButton } from "./IconButton";
import { type NumberEntry, NumberField } from "./NumberField";
import { Said } from "./Said";

/** Part of the bread that is kept otherwise than the rest. */
export interface AsidePart {
  storage?: string | null;
  pieces?: NumberEntry;
}

interface PutAsideProps {
  parts: AsidePart[];
  /** Every way of keeping. */
  ways: Storage[];
  /** Of which bread, where several are on the page. */
  of?: string;
  faultOf: (field: string) => string | null;
  /** Hears of a change; equal tags one after the other are one change. */
  onParts: (parts: AsidePart[], tag?: string) => void;
}

/** What part of the bread is kept otherwise than the rest. */
export function PutAside({ parts, ways, of, faultOf, onParts }: PutAsideProps) {
  const figures = useFigures();
  const set = (index: number, patch: AsidePart) =>
    onParts(
      parts.map((each, at) => (at === index ? { ...each, ...patch } : each)),
      `split ${index} ${Object.keys(patch).join()}`,
    );
  const messages = parts.flatMap((_, at) => ["storage", "pieces"].map((field) => faultOf(`splits[${at}].${field}`)));
  const label = (index: number) => `Put aside ${index + 1}${of ? ` of ${of}` : ""}`;
  return (
    <>
      {parts.map((part, index) => (
        <div key={index} className="flex items-center gap-1 pt-1 text-sm">
          <NumberField
            framed
            className="w-14"
            label={`${label(index)}: pieces`}
            value={part.pieces ?? null}
            format={(value) => figures.number(value, 0)}
            error={faultOf(`splits[${index}].pieces`)}
            onChange={(pieces) => set(index, { pieces })}
          />
          <select
            className="quiet-field framed min-w-0 flex-1"
            aria-label={`${label(index)}: way of keeping`}
            value={part.storage ?? ""}
            onChange={(event) => set(index, { storage: event.target.value })}
          >
            {ways.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
          <IconButton
            label={`Remove what is put aside ${index + 1}${of ? ` of ${of}` : ""}`}
            onClick={() => onParts(parts.filter((_, at) => at !== index))}
          >
            <X size={14} aria-hidden />
          </IconButton>
        </div>
      ))}
      <Said messages={messages} />
      <button
        type="button"
        className="btn btn-ghost btn-xs min-h-6"
        aria-label={of ? `Put some aside of ${of}` : undefined}
        disabled={ways.length === 0}
        onClick={() => onParts([...parts, { storage: ways.at(-1)?.code, pieces: null }])}
      >
        <Plus size={14} aria-hidden /> Put some aside
      </button>
    </>
  );
}
