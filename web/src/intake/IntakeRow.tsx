import { useMutation } from "@tanstack/react-query";
import { Check, Scale, Trash2 } from "lucide-react";
import { api, type Ingredient, type MeasuresDocument, type PantryDocument, taken } from "../api";
import {
  boughtFor,
  type DraftLine,
  type Editor,
  type Faults,
  IngredientPicker,
  LineNote,
  picks,
  weighed,
  PreparedName,
} from "../formula";
import { useFigures } from "../figures";
import { MassField, NumberField, Swatch, IconButton } from "../parts";
import { FillAmount } from "./FillAmount";
import { RememberName } from "./RememberName";
import { StatusMark } from "./StatusMark";
import { findingWords, useProblem } from "../words";

type Measure = MeasuresDocument["measures"][number];

interface IntakeRowProps {
  line: DraftLine;
  index: number;
  editor: Editor;
  pantry: PantryDocument;
  measures: Measure[];
  faults: Faults;
  range: { low: number; high: number } | null;
  weighNext: boolean;
}

/** One line: its words, what was understood, how it was measured, its grams with their range, and what is missing. */
export function IntakeRow({ line, index, editor, pantry, measures, faults, range, weighNext }: IntakeRowProps) {
  const figures = useFigures();
  const ingredient = pantry.ingredients.find((each) => each.code === line.ingredient) ?? null;
  const set = (patch: Partial<DraftLine>) => editor.edit({ kind: "line", key: line.key, patch });
  const label = (what: string) => `${what}, line ${index + 1}`;
  const amount = useMutation({
    mutationFn: (asked: { ingredient: string; measure: string; quantity: number }) =>
      taken(api.GET("/api/measures/amount", { params: { query: asked } })),
    onSuccess: ({ grams, sd }, asked) =>
      set({
        ingredient: asked.ingredient,
        grams,
        sd,
        open: null,
        check: null,
        origin: { ...line.origin, measure: asked.measure, quantity: asked.quantity },
      }),
  });
  const measure = (patch: { ingredient?: string; measure?: string; quantity?: number }) => {
    const asked = {
      ingredient: patch.ingredient ?? line.ingredient,
      measure: patch.measure ?? line.origin?.measure ?? "",
      quantity: patch.quantity ?? line.origin?.quantity ?? 1,
    };
    if (asked.ingredient && asked.measure) {
      amount.mutate(asked);
    }
  };
  const near = line.open ? pantry.ingredients.find((each) => each.code === line.check?.near) : undefined;
  const pick = (picked: Ingredient, form: string | null = null) => {
    set({ ...picks(line), ingredient: picked.code, form, fatState: null });
    if (line.origin?.measure) {
      measure({ ingredient: picked.code });
    }
  };
  const problem = useProblem(amount.error);
  const messages = [...faults.ofLine(index), ...(problem ? [problem.detail] : [])];

  return (
    <tr
      className={`hairline border-t align-top ${line.open ? "bg-base-200/70" : ""}`}
      data-line={index}
      data-open={line.open ?? ""}
      data-to-settle={line.open || line.check ? "" : undefined}
    >
      <td className="py-1.5">
        <div className="flex gap-2">
          <StatusMark line={line} />
          <span className="soft min-w-0 leading-snug">{line.origin?.text ?? ""}</span>
        </div>
      </td>
      <td className="py-0.5 pl-2">
        <div className="flex items-center gap-1">
          <Swatch material={ingredient?.material ?? (line.prep ? "inclusion" : "other")} size={20} />
          <div className="min-w-0 flex-1">
            {line.prep ? (
              <PreparedName line={line} editor={editor} prepared={null} bought={boughtFor(line, editor, pantry)} />
            ) : (
              <IngredientPicker
                ingredients={pantry.ingredients}
                value={line.ingredient}
                label={label("Ingredient")}
                error={faults.of(index, "ingredient")}
                onPick={(picked) => pick(picked)}
              />
            )}
          </div>
        </div>
        <LineNote
          line={{ ...line, origin: { follows: line.origin?.follows ?? null }, open: null }}
          ingredient={ingredient}
          forms={pantry.forms}
          label={label("Form")}
          set={set}
        />
        {line.check && line.check.findings.length > 0 && (
          <p className="pb-1 pl-7 text-xs leading-snug">
            {findingWords(line.check.findings)}{" "}
            {near && (
              <button className="link text-primary" onClick={() => pick(near, line.form ?? null)}>
                it is {near.name}
              </button>
            )}
            {!line.open && (
              <button
                className="link text-primary inline-flex items-center gap-0.5"
                onClick={() => set({ check: null })}
              >
                <Check size={12} aria-hidden /> that is right
              </button>
            )}
          </p>
        )}
        <RememberName line={line} ingredient={ingredient} />
        {messages.map((message) => (
          <p key={message} role="alert" className="text-error pb-1 pl-7 text-xs">
            {message}
          </p>
        ))}
        {line.open === "unknown-amount" && ingredient && (
          <FillAmount
            index={index}
            editor={editor}
            ingredient={ingredient}
            onFilled={({ grams, sd, follows }) =>
              set({ grams, sd, open: null, check: null, origin: follows ? { ...line.origin, follows } : line.origin })
            }
          />
        )}
      </td>
      <td className="py-0.5">
        <div className="flex justify-end">
          <NumberField
            label={label("Quantity")}
            className="w-14"
            value={line.origin?.quantity ?? null}
            format={(value) => figures.number(value, 2).replace(/[.,]?0+$/, "")}
            onChange={(quantity) => typeof quantity === "number" && measure({ quantity })}
          />
          <select
            className="quiet-field !w-[6.2rem] !px-0.5"
            aria-label={label("Measure")}
            value={line.origin?.measure ?? ""}
            disabled={!line.ingredient}
            onChange={(event) => measure({ measure: event.target.value })}
          >
            <option value="">weighed</option>
            {measures.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </div>
      </td>
      <td className="py-0.5">
        <MassField
          bare
          label={label("Weight")}
          value={line.grams}
          placeholder={line.open ? "?" : line.prep ? "all" : ""}
          error={faults.of(index, "grams")}
          dataField="grams"
          onChange={(grams) => set(weighed(line, grams))}
        />
        {range && (
          <p className="soft pr-1.5 pb-1 text-right text-xs" data-field="range">
            {figures.massNumber(range.low)}–{figures.massNumber(range.high)}
          </p>
        )}
        {weighNext && (
          <p className="text-primary flex items-center justify-end gap-1 pr-1.5 pb-1 text-xs font-semibold whitespace-nowrap">
            <Scale size={12} aria-hidden /> weigh this one
          </p>
        )}
      </td>
      <td className="py-1">
        <IconButton quiet label={label("Remove")} onClick={() => editor.edit({ kind: "remove", key: line.key })}>
          <Trash2 size={14} aria-hidden />
        </IconButton>
      </td>
    </tr>
  );
}
