import { useState } from "react";
import type { BenchAnswer, DeviceState } from "../api";
import { asSent, MassField, NumberField, type NumberEntry, TemperatureField } from "../parts";
import { READINGS } from "../words";
import { FromDevice } from "./FromDevice";
import type { Noted } from "./useBench";

/** Which device reads what. */
const FROM: Record<string, DeviceState["kind"]> = {
  dough: "probe",
  water: "probe",
  pan: "pan",
  room: "room",
  humidity: "humidity",
  moisture: "moisture",
  "dough-grams": "scale",
  "cooked-grams": "scale",
};

interface ReadingPanelProps {
  answer: BenchAnswer;
  onNote: (...noted: Noted[]) => void;
}

/** What is read off a thermometer, meter or scale. */
export function ReadingPanel({ answer, onNote }: ReadingPanelProps) {
  const [of, setOf] = useState("dough");
  const [figure, setFigure] = useState<NumberEntry>(null);
  const unit = READINGS[of]?.unit;
  const field = { className: "bench-field w-36", label: "What it reads", value: figure, onChange: setFigure };
  const device = FROM[of];
  const note = (value: NumberEntry) => {
    onNote({ kind: "reading", subject: of, figure: asSent(value), step: null });
    setFigure(null);
  };
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      data-testid="reading"
      onSubmit={(event) => {
        event.preventDefault();
        note(figure);
      }}
    >
      <select
        className="quiet-field framed !h-12 w-40"
        aria-label="What is read"
        value={of}
        onChange={(event) => {
          setOf(event.target.value);
          setFigure(null);
        }}
      >
        {Object.entries(READINGS).map(([code, { name }]) => (
          <option key={code} value={code}>
            {name}
          </option>
        ))}
      </select>
      {unit === "mass" ? (
        <MassField {...field} />
      ) : unit === "temperature" ? (
        <TemperatureField {...field} />
      ) : (
        <NumberField {...field} framed unit="%" format={String} />
      )}
      <button className="btn h-12" disabled={figure === null}>
        Note it
      </button>
      {device && <FromDevice kind={device} words="Note what it shows" onTake={note} />}
      {answer.run.bowl.water === "dough-weight" && (
        <span className="soft text-sm">The water in the bowl follows from the weight of the dough.</span>
      )}
    </form>
  );
}
