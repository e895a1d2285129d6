import { X } from "lucide-react";
import type { Lot, PantryDocument } from "../api";
import { IngredientPicker, type PlannedFlour } from "../formula";
import { useFigures } from "../figures";
import { IconButton, NumberField, Said } from "../parts";
import { ingredientName, shortName } from "../words";
import { flourOf } from "./blendPlan";

interface BlendFloursProps {
  flours: PlannedFlour[];
  lots: Lot[];
  pantry: PantryDocument;
  faultOf: (field: string) => string | null;
  onChange: (flours: PlannedFlour[], tag?: string) => void;
}

/** The flours that may be used, each with the least and the most of it. */
export function BlendFlours({ flours, lots, pantry, faultOf, onChange }: BlendFloursProps) {
  const figures = useFigures();
  const FIELDS = ["ingredient", "moisturePct", "proteinPct", "lowShare", "highShare"];
  const messages = [
    faultOf("flours"),
    ...flours.flatMap((_, at) => FIELDS.map((field) => faultOf(`flours[${at}].${field}`))),
  ];
  const end = (at: number, flour: PlannedFlour, name: string, field: "lowPct" | "highPct") => (
    <NumberField
      framed
      label={`${name}, at ${field === "lowPct" ? "least" : "most"}`}
      className="w-16"
      unit="%"
      value={flour[field]}
      format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
      error={faultOf(`flours[${at}].${field === "lowPct" ? "lowShare" : "highShare"}`)}
      onChange={(pct) => onChange(flours.with(at, { ...flour, [field]: pct }), `blend ${field} ${at}`)}
    />
  );
  return (
    <div data-testid="blend-flours">
      <h2 className="section-title">Flours that may be used</h2>
      {flours.map((flour, at) => {
        const lot = lots.find(({ id }) => id === flour.lot);
        const name = lot ? lot.name : shortName(flour.ingredient, pantry);
        return (
          <div key={`${flour.ingredient} ${flour.lot}`} className="hairline border-b py-1.5 text-sm" data-flour={name}>
            <div className="flex items-start gap-1">
              <span className="min-w-0 flex-1">
                {name}
                <span className="soft block text-xs">
                  {[
                    lot ? ingredientName(flour.ingredient, pantry) : null,
                    flour.moisturePct === null ? null : `moisture ${figures.percent(flour.moisturePct)}`,
                    flour.proteinPct === null ? null : `protein ${figures.percent(flour.proteinPct)}`,
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </span>
              </span>
              <IconButton label={`Without ${name}`} onClick={() => onChange(flours.filter((other) => other !== flour))}>
                <X size={14} aria-hidden />
              </IconButton>
            </div>
            <div className="flex items-center gap-2">
              {end(at, flour, name, "lowPct")}
              <span className="soft">to</span>
              {end(at, flour, name, "highPct")}
            </div>
          </div>
        );
      })}
      <div className="hairline mt-2 rounded-md border">
        <IngredientPicker
          key={flours.length}
          ingredients={pantry.ingredients.filter(({ role }) => role === "flour")}
          value=""
          label="Another flour"
          placeholder="another flour…"
          onPick={({ code }) => onChange([...flours, flourOf(code)])}
        />
      </div>
      <Said messages={messages} />
    </div>
  );
}
