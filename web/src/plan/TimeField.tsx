import { useId, useState } from "react";
import { clockWords } from "../words";
import { timeOf } from "./time";

interface TimeFieldProps {
  label: string;
  value: number | null;
  onChange: (minute: number | null) => void;
  error?: string | null;
}

/** A time of the day that is planned. What is no time is said beside it and stays as it was typed. */
export function TimeField({ label, value, onChange, error }: TimeFieldProps) {
  const errorId = useId();
  const [typing, setTyping] = useState<string | null>(null);
  const wrong = typing !== null && Number.isNaN(timeOf(typing));
  const said = wrong ? "No time: type it as 12:30, or 18:00 the day before." : error;
  const done = () => {
    const minute = typing === null ? NaN : timeOf(typing);
    if (!Number.isNaN(minute)) {
      setTyping(null);
      if (minute !== value) {
        onChange(minute);
      }
    }
  };
  return (
    <span className="inline-flex flex-col">
      <input
        className="quiet-field framed w-32"
        aria-label={label}
        aria-invalid={said ? true : undefined}
        aria-describedby={said ? errorId : undefined}
        placeholder="time"
        value={typing ?? (value === null ? "" : clockWords(value))}
        onChange={(event) => setTyping(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            done();
          } else if (event.key === "Escape") {
            setTyping(null);
          }
        }}
      />
      {said && (
        <span id={errorId} role="alert" className="text-error text-xs">
          {said}
        </span>
      )}
    </span>
  );
}
