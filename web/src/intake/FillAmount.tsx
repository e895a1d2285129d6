import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Ingredient, taken } from "../api";
import { FORMULA_CHANGE, type Editor } from "../formula";
import { useFigures } from "../figures";
import { type NumberEntry, NumberField } from "../parts";
import { useProblem } from "../words";

interface FoundAmount {
  grams: number;
  sd: number;
  follows: boolean;
}

type Way = "dough-weight" | "jug";

interface FillAmountProps {
  index: number;
  editor: Editor;
  ingredient: Ingredient;
  onFilled: (found: FoundAmount) => void;
}

/** Ways to find an amount that a recipe left open: by the model, from the dough on the scale, from a jug. */
export function FillAmount({ index, editor, ingredient, onFilled }: FillAmountProps) {
  const [way, setWay] = useState<Way | null>(null);
  const [weights, setWeights] = useState<Record<string, NumberEntry>>({});
  const fill = useMutation({
    mutationKey: FORMULA_CHANGE,
    mutationFn: (how: Way | "model" | "custom") =>
      taken(
        api.POST("/api/intake/fill", {
          body: {
            formula: editor.balanced,
            line: index,
            how,
            ...Object.fromEntries(Object.entries(weights).filter(([, value]) => typeof value === "number")),
          },
        }),
      ),
    onSuccess: onFilled,
  });
  const problem = useProblem(fill.error);
  const figures = useFigures();
  const refused = problem?.faults?.find(({ field, code }) => field === "grams" && code === "too-small");
  const tooMuch = fill.variables === "model" && refused ? Math.abs(Number(refused.value)) : null;
  const liquid = ingredient.material === "water";

  return (
    <div className="pb-1.5 pl-7 text-xs">
      <p className="flex flex-wrap gap-x-3">
        {liquid && (
          <button className="link text-primary" onClick={() => fill.mutate("model")}>
            take what the dough needs
          </button>
        )}
        {ingredient.role === "salt" && (
          <button className="link text-primary" onClick={() => fill.mutate("custom")}>
            take a usual amount
          </button>
        )}
        <button
          className="link text-primary"
          aria-expanded={way === "dough-weight"}
          onClick={() => setWay("dough-weight")}
        >
          from the dough’s weight
        </button>
        <button className="link text-primary" aria-expanded={way === "jug"} onClick={() => setWay("jug")}>
          from a jug
        </button>
      </p>
      {way && (
        <form
          className="flex items-end gap-2 pt-1"
          onSubmit={(event) => {
            event.preventDefault();
            fill.mutate(way);
          }}
        >
          {(way === "jug"
            ? [
                ["beforeGrams", "jug before"],
                ["afterGrams", "jug after"],
              ]
            : [
                ["doughGrams", "dough weighed"],
                ["bowlLossPct", "left on bowl, %"],
              ]
          ).map(([field, name]) => (
            <Weight
              key={field}
              name={name ?? ""}
              percent={field === "bowlLossPct"}
              value={weights[field ?? ""] ?? null}
              error={problem?.field === field}
              onChange={(value) => setWeights({ ...weights, [field ?? ""]: value })}
            />
          ))}
          <button className="btn btn-xs">Work it out</button>
        </form>
      )}
      {problem && (
        <p role="alert" className="text-error pt-1">
          {tooMuch === null
            ? problem.detail
            : `The dough has ${figures.mass(tooMuch)} too much already: none of this is needed. Balance shows ways out.`}
        </p>
      )}
    </div>
  );
}

interface WeightProps {
  name: string;
  percent: boolean;
  value: NumberEntry;
  error: boolean;
  onChange: (value: NumberEntry) => void;
}

function Weight({ name, percent, value, error, onChange }: WeightProps) {
  const figures = useFigures();
  return (
    <span className="block w-28">
      <span className="soft block">{name}</span>
      <NumberField
        framed
        label={name}
        unit={percent ? "%" : figures.massUnit}
        value={value}
        placeholder={percent ? "usual" : undefined}
        format={percent ? (pct) => figures.number(pct, 1) : figures.massNumber}
        {...(percent ? {} : { toTyped: figures.massUnitFromGrams, fromTyped: figures.gramsFromMassUnit })}
        error={error ? name : null}
        onChange={onChange}
      />
    </span>
  );
}
