import type { StepAnswer, StepSpec } from "../api";
import { useFigures } from "../figures";
import { Faulty, asSent, type NumberEntry, NumberField, TemperatureField } from "../parts";
import { Row } from "./Row";

type Temperature = "fromC" | "roomC" | "targetC" | "readC";

interface CoolingFieldsProps {
  step: StepSpec;
  cooling: StepAnswer["cooling"];
  error: (field: string) => string | null;
  set: (patch: Partial<StepSpec>) => void;
  label: (what: string) => string;
}

/** When it is cold enough: from how hot, where, down to what, and one later reading that makes it sure. */
export function CoolingFields({ step, cooling, error, set, label }: CoolingFieldsProps) {
  const figures = useFigures();
  const asked = step.cooling ?? {};
  const change = (patch: Partial<NonNullable<StepSpec["cooling"]>>) => set({ cooling: { ...asked, ...patch } });
  const degrees = (field: Temperature, name: string, placeholder?: number) => (
    <Row name={name}>
      <TemperatureField
        label={label(name)}
        value={(asked[field] ?? null) as NumberEntry}
        placeholder={placeholder}
        error={error(`cooling.${field}`)}
        dataField={field}
        onChange={(celsius) => change({ [field]: celsius })}
      />
    </Row>
  );
  return (
    <>
      {degrees("fromC", "from", cooling?.fromC)}
      {degrees("roomC", "in", cooling?.roomC)}
      {cooling && (
        <p className="flex gap-1 pt-1 text-xs" role="group" aria-label={label("Place")}>
          {(
            [
              ["kitchen", null, cooling.kitchenC],
              ["fridge", cooling.fridgeC, cooling.fridgeC],
            ] as const
          ).map(([name, celsius, shown]) => (
            <button
              key={name}
              className="btn btn-xs px-1.5"
              aria-pressed={cooling.roomC === shown}
              title={figures.temperature(shown)}
              onClick={() => change({ roomC: celsius })}
            >
              {name}
            </button>
          ))}
        </p>
      )}
      {degrees("targetC", "down to", cooling?.targetC)}
      <label className="flex items-center gap-1.5 pt-1 text-xs">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          checked={asked.spread !== false}
          onChange={(event) => change({ spread: event.target.checked ? null : false })}
        />
        spread thin
      </label>
      {asked.spread === false && (
        <label className="flex items-center gap-1.5 pt-1 text-xs">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={asked.stirred === true}
            onChange={(event) => change({ stirred: event.target.checked ? true : null })}
          />
          stirred now and then
        </label>
      )}
      <Row name="after">
        <NumberField
          framed
          label={label("Minute of the reading")}
          unit="min"
          value={(asked.readMinute ?? null) as NumberEntry}
          format={(minutes) => figures.number(minutes, 0)}
          error={error("cooling.readMinute")}
          dataField="readMinute"
          onChange={(readMinute) => change({ readMinute: asSent(readMinute) })}
        />
      </Row>
      {degrees("readC", "it reads")}
      <Faulty
        message={
          (["fromC", "roomC", "targetC", "readMinute", "readC"]
            .map((field) => error(`cooling.${field}`))
            .find(Boolean) as string) ?? null
        }
      />
      {cooling && (
        <p className="pt-1 text-xs" data-testid="cooling">
          {cooling.minutes == null ? (
            <>It never gets there: the room is too warm.</>
          ) : (
            <>
              Cold enough after <strong>{figures.number(cooling.minutes, 0)} min</strong>
              {cooling.read &&
                cooling.minutesLeft != null &&
                `, ${figures.number(cooling.minutesLeft, 0)} min from the reading`}
              .
            </>
          )}
        </p>
      )}
    </>
  );
}
