import { Bell, Check } from "lucide-react";
import { useState } from "react";
import type { BenchAnswer } from "../api";
import { asSent, NumberField, type NumberEntry } from "../parts";
import { benchStepNameOf } from "../words";
import { clockText } from "./clock";
import type { Noted } from "./useBench";

interface TimersProps {
  answer: BenchAnswer;
  shown: number;
  onNote: (noted: Noted) => void;
}

/** The timers of a batch, the next to ring first; those that rang while nobody looked stand out until they are seen. */
export function Timers({ answer, shown, onNote }: TimersProps) {
  const [name, setName] = useState("");
  const [minutes, setMinutes] = useState<NumberEntry>(null);
  const { timers } = answer.run;
  return (
    <section aria-label="Timers" data-testid="timers">
      <ul>
        {timers.map((timer) => {
          const left = (Date.parse(timer.endsAt) - shown) / 1000;
          const rings = left <= 0;
          return (
            <li
              key={timer.key}
              data-rings={rings}
              className={`hairline flex min-h-16 items-center gap-2 border-t ${rings ? "text-error font-semibold" : ""}`}
            >
              <Bell size={18} aria-hidden />
              <span className="flex-1">
                {timer.name ?? benchStepNameOf(timer.step)}
                {rings && <span role="alert"> rang</span>}
              </span>
              <span className="font-display text-3xl tabular-nums">{clockText(left)}</span>
              <button
                className="btn h-16 w-16"
                aria-label={`${timer.name ?? benchStepNameOf(timer.step)}: seen`}
                onClick={() => onNote({ kind: "timer-seen", of: timer.key })}
              >
                <Check size={22} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
      <form
        className="flex items-center gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          const seconds = typeof minutes === "number" ? minutes * 60 : asSent(minutes);
          onNote({ kind: "timer", text: name || "Timer", figure: seconds });
          setName("");
          setMinutes(null);
        }}
      >
        <input
          className="quiet-field framed !h-12 flex-1"
          aria-label="Name of the timer"
          placeholder="a timer for…"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <NumberField
          framed
          className="timer-field w-24"
          label="Minutes of the timer"
          unit="min"
          value={minutes}
          format={String}
          onChange={setMinutes}
        />
        <button className="btn h-12" disabled={minutes === null}>
          Start
        </button>
      </form>
    </section>
  );
}
