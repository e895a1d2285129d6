import { Droplets } from "lucide-react";
import type { MethodAnswer, PantryDocument } from "../api";
import { ActionButton, type Editor, type Faults, measuredWith, useFormulaEdit } from "../formula";
import { type Figures, useFigures } from "../figures";
import { Faulty, Hint, asSent, type NumberEntry, NumberField, Steps, TemperatureField } from "../parts";

type Found = MethodAnswer["waterTemperature"];
type Field = "doughC" | "flourC" | "coldC" | "hotC";

interface WaterTemperatureProps {
  found: Found | null;
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
}

/** The temperature of the water for the dough temperature wanted, and the mix of hot and cold that gives it. */
export function WaterTemperature({ found, editor, pantry, faults }: WaterTemperatureProps) {
  const figures = useFigures();
  const asked = editor.draft.method?.temperatures ?? {};
  const set = (field: string, value: NumberEntry) =>
    editor.edit({ kind: "method", patch: { temperatures: { ...asked, [field]: asSent(value) } } });
  const degrees = (field: Field, label: string, placeholder: string) => (
    <Temperature
      label={label}
      value={(asked[field] ?? null) as NumberEntry}
      placeholder={placeholder}
      error={faults.of(null, `method.temperatures.${field}`)}
      field={field}
      onChange={(celsius) => set(field, celsius)}
    />
  );
  const write = (celsius: number) => figures.number(figures.degreesFromCelsius(celsius), 0);
  const usual = (celsius: number | undefined) => (celsius === undefined ? "" : write(celsius));
  const warm = editor.draft.lines.filter((line) => {
    const role = pantry.ingredients.find(({ code }) => code === line.ingredient)?.role;
    return !line.open && (line.prep != null || role === "inclusion" || role === "dairy" || role === "fat");
  });

  return (
    <section aria-label="Water temperature for the dough" data-testid="water-temperature">
      <h2 className="section-title pb-1">
        Water for the dough temperature
        <Hint term="heatBalance" />
      </h2>
      <div className="grid grid-cols-4 gap-3 text-sm">
        {degrees("doughC", "Dough wanted", usual(found?.doughC))}
        {degrees("flourC", "Flour and the rest", usual(found?.flourC))}
        {degrees("coldC", "Cold water", usual(found?.coldC))}
        {degrees("hotC", "Hot water", usual(found?.hotC))}
        <div>
          <span className="soft block pb-0.5 text-xs">Kneading</span>
          <NumberField
            framed
            label="Minutes of kneading"
            unit="min"
            value={(asked.kneadMinutes ?? null) as NumberEntry}
            format={(minutes) => figures.number(minutes, 0)}
            error={faults.of(null, "method.temperatures.kneadMinutes")}
            onChange={(minutes) => set("kneadMinutes", minutes)}
          />
        </div>
        {warm.map((line) => (
          <Temperature
            key={line.key}
            label={lineName(line, editor, pantry)}
            value={line.measured?.temperatureC ?? null}
            placeholder={usual(found?.flourC)}
            error={faults.of(editor.draft.lines.indexOf(line), "temperatureC")}
            field="line-temperature"
            onChange={(celsius) =>
              editor.edit({ kind: "line", key: line.key, patch: measuredWith(line, "temperatureC", celsius) })
            }
          />
        ))}
      </div>
      {found && <Verdict found={found} editor={editor} figures={figures} pantry={pantry} />}
    </section>
  );
}

function lineName(line: Editor["draft"]["lines"][number], editor: Editor, pantry: PantryDocument): string {
  const chain = editor.draft.preps?.find(({ key }) => key === line.prep);
  const code = chain?.ingredient ?? line.ingredient;
  return (chain?.name || pantry.ingredients.find((each) => each.code === code)?.name || code).split(/[,(]/)[0] ?? code;
}

interface TemperatureProps {
  label: string;
  value: NumberEntry;
  placeholder: string;
  error: string | null;
  field: string;
  onChange: (celsius: NumberEntry) => void;
}

function Temperature({ label, value, placeholder, error, field, onChange }: TemperatureProps) {
  return (
    <div>
      <span className="soft block truncate pb-0.5 text-xs" title={label}>
        {label}
      </span>
      <TemperatureField
        label={`Temperature: ${label}`}
        value={value}
        placeholder={placeholder}
        error={error}
        dataField={field}
        onChange={onChange}
      />
      <Faulty message={error} />
    </div>
  );
}

function Verdict({
  found,
  editor,
  figures,
  pantry,
}: {
  found: Found;
  editor: Editor;
  figures: Figures;
  pantry: PantryDocument;
}) {
  const change = useFormulaEdit(editor);
  if (found.waterC == null) {
    return <p className="soft pt-2 text-sm">There is no plain water in this dough to bring to a temperature.</p>;
  }
  const usable = found.useC != null && found.verdict !== "harms-yeast";
  return (
    <div className="pt-3">
      <p>
        <span className="soft text-sm">{figures.mass(found.waterGrams)} of water at</span>{" "}
        <span className="font-display text-3xl" data-testid="water-c">
          {figures.temperature(found.waterC)}
        </span>
      </p>
      <p className={`text-sm ${usable ? "" : "text-error font-semibold"}`} data-testid="verdict">
        {verdict(found, figures)}
      </p>
      {found.others.length > 0 && (
        <ul className="pt-1 text-sm">
          {found.others.slice(0, 4).map((other) => (
            <li key={other.line ?? "flour"} className="hairline border-t py-1 first:border-t-0">
              {other.needsC < other.nowC ? "Cool" : "Warm"}{" "}
              {other.ingredient == null
                ? "the flour"
                : (
                    pantry.ingredients.find(({ code }) => code === other.ingredient)?.name ?? other.ingredient
                  ).toLowerCase()}{" "}
              from {figures.temperature(other.nowC)} to <strong>{figures.temperature(other.needsC)}</strong>: then water
              at {figures.temperature(found.limitC ?? 0)} does it.
            </li>
          ))}
        </ul>
      )}
      {found.useC != null && (
        <ActionButton
          className="btn btn-sm btn-primary mt-2 gap-1.5"
          onClick={() => change.mutate({ kind: "set-water-temperature" })}
        >
          <Droplets size={15} aria-hidden /> Use water at {figures.temperature(found.useC)}
        </ActionButton>
      )}
      <div className="soft pt-2 text-xs">
        <Steps steps={found.steps} />
      </div>
    </div>
  );
}

function verdict(found: Found, f: Figures): string {
  const reached =
    found.reachedC == null
      ? ""
      : ` With water at ${f.temperature(found.limitC ?? 0)} the dough comes to ${f.temperature(found.reachedC)}.`;
  switch (found.verdict) {
    case "mix":
      return `Mix ${f.mass(found.hotGrams ?? 0)} hot with ${f.mass(found.coldGrams ?? 0)} cold.`;
    case "heat-it":
      return `That is hotter than the hot water of ${f.temperature(found.hotC)}: heat it.`;
    case "ice":
      return `That is colder than the cold water of ${f.temperature(found.coldC)}: put ice in it.`;
    case "harms-yeast":
      return `Water above ${f.temperature(found.limitC ?? 0)} harms the yeast.${reached}`;
    case "too-hot":
      return `Water is never as hot as that.${reached}`;
    case "too-cold":
      return `Water is never as cold as that.${reached}`;
    default:
      return "";
  }
}
