import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type MeasuresDocument, type PantryDocument, taken } from "../api";
import { IngredientPicker } from "../formula";
import { useFigures } from "../figures";
import { MassField, asSent, type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { useProblem } from "../words";

interface WeighInFormProps {
  document: MeasuresDocument;
  pantry: PantryDocument;
  onChange: (document: MeasuresDocument) => void;
}

/** Records what so many of a measure really weighed. */
export function WeighInForm({ document, pantry, onChange }: WeighInFormProps) {
  const figures = useFigures();
  const [measure, setMeasure] = useState("handful");
  const [ingredient, setIngredient] = useState("");
  const [count, setCount] = useState<NumberEntry>(1);
  const [grams, setGrams] = useState<NumberEntry>(null);
  const save = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/measures/weigh-ins", {
          body: {
            measure,
            ingredient: ingredient || null,
            grams: asSent(grams),
            count: asSent(count),
          },
        }),
      ),
    onSuccess: (document) => {
      setGrams(null);
      onChange(document);
    },
  });
  const problem = useProblem(save.error);
  return (
    <form
      className="pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <div className="flex items-end gap-2">
        <NumberField
          framed
          label="How many"
          className="w-14"
          value={count}
          format={(value) => figures.number(value, 0)}
          onChange={setCount}
        />
        <select
          className="quiet-field framed !w-32"
          aria-label="Measure weighed"
          value={measure}
          onChange={(event) => setMeasure(event.target.value)}
        >
          {document.measures
            .filter((each) => each.kind !== "mass")
            .map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
        </select>
        <span className="soft pb-1.5 text-sm">of</span>
        <div className="hairline min-w-0 flex-1 rounded-md border">
          <IngredientPicker
            ingredients={pantry.ingredients}
            value={ingredient}
            label="What was weighed"
            error={problem?.field === "ingredient" ? problem.detail : null}
            onPick={({ code }) => setIngredient(code)}
          />
        </div>
        <MassField
          label="Weighed"
          className="w-24"
          value={grams}
          error={problem?.field === "grams" ? problem.detail : null}
          onChange={setGrams}
        />
        <button className="btn btn-primary btn-sm" disabled={save.isPending}>
          Record
        </button>
      </div>
      <ProblemNotice problem={problem} />
      <p className="soft pt-1 text-xs">
        A vessel filled with water tells its volume; a handful of greens only its own.
      </p>
    </form>
  );
}
