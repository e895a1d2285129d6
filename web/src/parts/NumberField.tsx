import { type KeyboardEvent, useId, useRef, useState } from "react";
import { useFigures } from "../figures";
import { inOtherUnit, withoutUnit } from "./withoutUnit";

/** What a number field holds: a number, nothing, or text that is no number and that the server will refuse by name. */
export type NumberEntry = number | string | null;

/** What is typed as it is sent: text that is no number goes as it is, and the server says so beside the field. */
export const asSent = (entry: NumberEntry) => entry as number | null;

export interface NumberFieldProps {
  label: string;
  value: NumberEntry;
  onChange: (value: NumberEntry) => void;
  /** How the value is written while it is not being edited. */
  format: (value: number) => string;
  /** From the stored value to what is typed, and back; the same when left out. */
  toTyped?: (value: number) => number;
  fromTyped?: (typed: number) => number;
  error?: string | null;
  placeholder?: string;
  unit?: string;
  /** A unit that may be typed after the number, where another than the shown one or none is shown. */
  typedUnit?: string;
  framed?: boolean;
  className?: string;
  onKeyDown?: (event: KeyboardEvent<HTMLInputElement>) => void;
  dataField?: string;
}

const TYPED_DECIMALS = 4;

/** A number typed with point or comma. Shows its error beside itself and keeps what was typed. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onChange, format, error, placeholder, unit, framed, className } = props;
  const figures = useFigures();
  const errorId = useId();
  const [typing, setTyping] = useState<string | null>(null);
  const touched = useRef(false);
  const [known, setKnown] = useState({ value, typed: value });
  const toTyped = props.toTyped ?? ((number: number) => number);
  const fromTyped = props.fromTyped ?? ((number: number) => number);

  const exact = (entry: NumberEntry) =>
    typeof entry === "number"
      ? String(Number(toTyped(entry).toFixed(TYPED_DECIMALS))).replace(".", figures.number(0.5, 1)[1] ?? ".")
      : (entry ?? "");
  // A value that changed otherwise than by typing, as by undo, takes the place of what is being typed.
  if (value !== known.value) {
    setKnown({ ...known, value });
    if (typing !== null && value !== known.typed) {
      setTyping(exact(value));
    }
  }
  const shown = typeof value === "number" ? format(value) : (value ?? "");
  const read = (text: string) => {
    const asked = props.typedUnit ?? unit;
    const other = inOtherUnit(text, asked);
    const typed = figures.parse(other?.text ?? withoutUnit(text, asked));
    const number = typed === null ? null : typed * (other?.times ?? 1);
    const entry = number === null ? null : Number.isNaN(number) ? text : fromTyped(number);
    setKnown({ ...known, typed: entry });
    onChange(entry);
  };

  return (
    <span className={`relative block ${className ?? ""}`}>
      <input
        className={`quiet-field text-right ${framed ? "framed" : ""} ${unit ? (unit.length > 2 ? "!pr-11" : "!pr-8") : ""}`}
        inputMode="decimal"
        aria-label={label}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? errorId : undefined}
        data-field={props.dataField}
        placeholder={placeholder}
        value={typing ?? shown}
        onFocus={(event) => {
          setTyping(exact(value));
          const field = event.target;
          touched.current = false;
          // Once the exact value stands there; not when somebody types already, or the next key would replace it.
          requestAnimationFrame(() => touched.current || field.select());
        }}
        onBlur={() => setTyping(null)}
        onChange={(event) => {
          touched.current = true;
          setTyping(event.target.value);
          read(event.target.value);
        }}
        onKeyDown={props.onKeyDown}
      />
      {unit && (
        <span className="soft pointer-events-none absolute top-1/2 right-2 -translate-y-1/2 text-xs">{unit}</span>
      )}
      {error && (
        <span id={errorId} className="sr-only">
          {error}
        </span>
      )}
    </span>
  );
}
