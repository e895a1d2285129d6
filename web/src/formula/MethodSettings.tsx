import type { ReactNode } from "react";
import type { BalanceAnswer, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { Hint, NumberField, type NumberEntry } from "../parts";
import type { GlossaryTerm } from "../words";
import type { DraftSettings } from "./draft";
import type { Faults } from "./faults";
import type { Editor } from "./useEditor";

const KNEADING = [
  ["hand", "by hand"],
  ["machine", "by machine"],
  ["just-combined", "just combined"],
] as const;

const FAT_TIMING = [
  ["with-water", "with the water"],
  ["coat-first", "rubbed in first"],
  ["last", "kneaded in last"],
  ["surface", "on the surface only"],
] as const;

interface MethodSettingsProps {
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
  used: BalanceAnswer["settings"] | null;
}

/** The settings of the method that the balance knows. */
export function MethodSettings({ editor, pantry, faults, used }: MethodSettingsProps) {
  const { draft, edit } = editor;
  const figures = useFigures();
  const set = (patch: Partial<DraftSettings>) => edit({ kind: "settings", patch });
  const style = pantry.styles.find((each) => each.code === draft.style);
  const degree = `°${figures.temperatureUnit}`;

  return (
    <section aria-label="Method" className="pt-2">
      <h2 className="section-title pb-2">Method</h2>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5 text-sm xl:grid-cols-3">
        <Setting label="Style" error={faults.of(null, "style")}>
          <select
            className="quiet-field framed"
            aria-label="Style"
            value={draft.style}
            onChange={(event) => set({ style: event.target.value })}
          >
            {pantry.styles.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </Setting>
        <Setting label="Kneaded" error={faults.of(null, "kneading")}>
          <Choice
            label="Kneaded"
            options={KNEADING}
            value={draft.kneading}
            onChange={(kneading) => set({ kneading })}
          />
        </Setting>
        <Setting label="Fat goes in" error={faults.of(null, "fatTiming")}>
          <Choice
            label="Fat goes in"
            options={FAT_TIMING}
            value={draft.fatTiming}
            onChange={(fatTiming) => set({ fatTiming })}
          />
        </Setting>
        <Amount
          label="Water temperature"
          unit={degree}
          field="waterTemperatureC"
          value={draft.waterTemperatureC ?? null}
          placeholder="tepid"
          format={(celsius) => figures.number(figures.degreesFromCelsius(celsius), 0)}
          toTyped={figures.degreesFromCelsius}
          fromTyped={figures.celsiusFromDegrees}
          {...{ faults, set }}
        />
        <Amount
          label="Rest before rolling"
          unit="min"
          field="restMinutes"
          value={draft.restMinutes ?? null}
          placeholder={style ? figures.number(style.restMin, 0) : ""}
          format={(minutes) => figures.number(minutes, 0)}
          {...{ faults, set }}
        />
        <Amount
          label="Sheet"
          unit="mm"
          field="sheetMm"
          value={draft.sheetMm ?? null}
          placeholder={style ? figures.number(style.sheetMm, 1) : ""}
          format={(mm) => figures.number(mm, 1)}
          {...{ faults, set }}
        />
        <Amount
          label="Softness to aim for"
          unit=""
          field="softnessTarget"
          hint="aim"
          value={draft.softnessTarget ?? null}
          placeholder={style ? figures.number(style.softnessTarget, 2) : ""}
          format={(softness) => figures.number(softness, 2)}
          {...{ faults, set }}
        />
        {style && (
          <p className="soft col-span-2 self-end pb-1.5 text-xs leading-snug">
            {style.name}: {style.notes}.
            {used && ` Window ${figures.number(used.softnessLow, 2)}–${figures.number(used.softnessHigh, 2)}.`}
          </p>
        )}
      </div>
    </section>
  );
}

interface AmountProps {
  label: string;
  unit: string;
  field: keyof DraftSettings;
  value: NumberEntry;
  placeholder: string;
  format: (value: number) => string;
  toTyped?: (value: number) => number;
  fromTyped?: (value: number) => number;
  hint?: GlossaryTerm;
  faults: Faults;
  set: (patch: Partial<DraftSettings>) => void;
}

function Amount({ label, unit, field, value, placeholder, hint, faults, set, ...writing }: AmountProps) {
  const error = faults.of(null, field);
  return (
    <Setting label={label} hint={hint} error={error}>
      <NumberField
        framed
        label={label}
        unit={unit}
        value={value}
        placeholder={placeholder}
        error={error}
        dataField={field}
        onChange={(entry) => set({ [field]: entry })}
        {...writing}
      />
    </Setting>
  );
}

interface ChoiceProps {
  label: string;
  options: readonly (readonly [string, string])[];
  value: string | null | undefined;
  onChange: (value: string | null) => void;
}

/** A choice whose first option is the usual one and is not written down. */
function Choice({ label, options, value, onChange }: ChoiceProps) {
  const usual = options[0]?.[0];
  return (
    <select
      className="quiet-field framed"
      aria-label={label}
      value={value ?? usual}
      onChange={(event) => onChange(event.target.value === usual ? null : event.target.value)}
    >
      {options.map(([code, name]) => (
        <option key={code} value={code}>
          {name}
        </option>
      ))}
    </select>
  );
}

interface SettingProps {
  label: string;
  hint?: GlossaryTerm | undefined;
  error?: string | null;
  children: ReactNode;
}

function Setting({ label, hint, error, children }: SettingProps) {
  return (
    <div>
      <span className="soft block pb-0.5 text-xs">
        {label}
        {hint && <Hint term={hint} />}
      </span>
      {children}
      {error && (
        <p role="alert" className="text-error pt-0.5 text-xs">
          {error}
        </p>
      )}
    </div>
  );
}
