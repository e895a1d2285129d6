import type { PlanSpec, TraySpec } from "../api";
import type { Faults } from "../formula";
import { asSent, NumberField, Said, SizeField, TemperatureField } from "../parts";

const PLACES = [
  { field: "pans", name: "Pans" },
  { field: "ovens", name: "Ovens" },
  { field: "mixers", name: "Mixers" },
  { field: "fridgeLitres", name: "Fridge, litres" },
] as const;

const SIDES = [
  { field: "longMm", name: "Longer side of a tray" },
  { field: "shortMm", name: "Shorter side of a tray" },
] as const;

interface PlacesProps {
  spec: PlanSpec;
  faults: Faults;
  onChange: (spec: PlanSpec) => void;
}

/** What there is to work on. */
export function Places({ spec, faults, onChange }: PlacesProps) {
  return (
    <section aria-label="What there is" className="pt-3">
      <h2 className="section-title">What there is</h2>
      <div className="flex flex-wrap gap-3 text-sm">
        {PLACES.map(({ field, name }) => (
          <span key={field} className="flex flex-col">
            <span className="soft text-xs">{name}</span>
            <NumberField
              framed
              className="w-20"
              label={name}
              value={spec[field] ?? null}
              format={String}
              error={faults.of(null, field)}
              onChange={(count) => onChange({ ...spec, [field]: asSent(count) })}
            />
          </span>
        ))}
      </div>
      <div className="flex flex-wrap gap-3 pt-2 text-sm">
        <Trays spec={spec} faults={faults} onChange={onChange} />
        <span className="flex flex-col">
          <span className="soft text-xs">Kitchen, flour</span>
          <TemperatureField
            className="w-32"
            label="Temperature of kitchen and flour that day"
            placeholder="as written"
            value={spec.kitchenC ?? null}
            error={faults.of(null, "kitchenC")}
            onChange={(kitchenC) => onChange({ ...spec, kitchenC: asSent(kitchenC) })}
          />
        </span>
        <label className="flex min-h-6 items-center gap-2 self-end pb-1">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={spec.careful === true}
            onChange={(event) => onChange({ ...spec, careful: event.target.checked })}
          />
          Give every step the longest it likely takes
        </label>
        <Said
          messages={[
            ...PLACES.map(({ field }) => faults.of(null, field)),
            ...["trays.count", "trays.longMm", "trays.shortMm", "kitchenC"].map((field) => faults.of(null, field)),
          ]}
        />
      </div>
    </section>
  );
}

/** Trays for balls of dough, and how large they are. */
function Trays({ spec, faults, onChange }: PlacesProps) {
  const trays = spec.trays ?? {};
  const set = (to: Partial<TraySpec>) => onChange({ ...spec, trays: { ...trays, ...to } });
  return (
    <>
      <span className="flex flex-col">
        <span className="soft text-xs">Trays</span>
        <NumberField
          framed
          className="w-20"
          label="Trays for balls of dough"
          placeholder="enough"
          value={trays.count ?? null}
          format={String}
          error={faults.of(null, "trays.count")}
          onChange={(count) => set({ count: asSent(count) })}
        />
      </span>
      <span className="flex flex-col">
        <span className="soft text-xs">Each tray</span>
        <span className="flex items-center gap-1">
          {SIDES.map(({ field, name }) => (
            <SizeField
              key={field}
              className="w-20"
              label={name}
              value={trays[field] ?? null}
              error={faults.of(null, `trays.${field}`)}
              onChange={(mm) => set({ [field]: asSent(mm) })}
            />
          ))}
        </span>
      </span>
    </>
  );
}
