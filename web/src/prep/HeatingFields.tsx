import type { StepAnswer, StepSpec } from "../api";
import { useFigures } from "../figures";
import { asSent, Faulty, type NumberEntry, NumberField } from "../parts";
import { Row } from "./Row";

interface HeatingFieldsProps {
  step: StepSpec;
  heating: NonNullable<StepAnswer["heating"]>;
  error: (field: string) => string | null;
  set: (patch: Partial<StepSpec>) => void;
  label: (what: string) => string;
}

/** How long wilting or cooking down takes: on which burner, in which pan, with the lid on or off. */
export function HeatingFields({ step, heating, error, set, label }: HeatingFieldsProps) {
  const figures = useFigures();
  const asked = step.heating ?? {};
  const change = (patch: Partial<NonNullable<StepSpec["heating"]>>) => set({ heating: { ...asked, ...patch } });
  return (
    <>
      <Row name="burner">
        <NumberField
          framed
          label={label("Burner")}
          unit="W"
          value={(asked.burnerW ?? null) as NumberEntry}
          placeholder={figures.number(heating.burnerW, 0)}
          format={(watts) => figures.number(watts, 0)}
          error={error("heating.burnerW")}
          dataField="burnerW"
          onChange={(burnerW) => change({ burnerW: asSent(burnerW) })}
        />
      </Row>
      <Row name="pan">
        <NumberField
          framed
          label={label("Pan")}
          unit="l"
          value={(asked.panL ?? null) as NumberEntry}
          placeholder={figures.number(heating.panL, 0)}
          format={(litres) => figures.number(litres, 1)}
          error={error("heating.panL")}
          dataField="panL"
          onChange={(panL) => change({ panL: asSent(panL) })}
        />
      </Row>
      <label className="flex items-center gap-1.5 pt-1 text-xs">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          checked={asked.lid === true}
          onChange={(event) => change({ lid: event.target.checked ? true : null })}
        />
        lid on
      </label>
      <Faulty message={error("heating.burnerW") ?? error("heating.panL")} />
      <p className="pt-1 text-xs" data-testid="heating">
        About <strong>{figures.number(heating.minutes, 0)} min</strong> ({figures.number(heating.range.low, 0)}–
        {figures.number(heating.range.high, 0)}){heating.rounds > 1 && `, in ${heating.rounds} rounds`}.
      </p>
    </>
  );
}
