import { useMemo } from "react";
import { exchangesQuestion } from "../api";
import type { DraftLine } from "./draft";
import { useAnswer } from "./useBalance";
import type { Editor } from "./useEditor";
import { useFigures } from "../kitchen";

/** What can stand for a line: dried for fresh at equal dry matter, one yeast for another, with the change of the water. */
export function Exchanges({ line, index, editor }: { line: DraftLine; index: number; editor: Editor }) {
  const figures = useFigures();
  const asked = useMemo(() => ({ formula: editor.balanced, line: index }), [editor.balanced, index]);
  const found = useAnswer(exchangesQuestion, asked).answer ?? [];
  if (found.length === 0) {
    return null;
  }
  return (
    <div className="mt-2">
      <span className="soft text-xs">Can be exchanged</span>
      {found.map((exchange) => (
        <div key={exchange.ingredient} className="hairline flex items-baseline gap-2 border-t py-1 first-of-type:border-t-0">
          <span className="min-w-0 flex-1">
            {figures.mass(exchange.grams)} {exchange.name}
            <span className="soft text-xs">
              {" "}
              {Math.abs(exchange.waterChangeGrams) < 0.05
                ? "same water"
                : `${exchange.waterChangeGrams > 0 ? "+" : ""}${figures.mass(exchange.waterChangeGrams)} water`}
            </span>
          </span>
          <button
            className="btn btn-xs"
            aria-label={`Exchange for ${exchange.name}`}
            onClick={() =>
              editor.edit({
                kind: "line",
                key: line.key,
                patch: {
                  ingredient: exchange.ingredient,
                  grams: exchange.grams,
                  form: exchange.form ?? null,
                  sd: null,
                  waterPct: null,
                  proteinPct: null,
                  pieceMm: null,
                },
              })
            }
          >
            Exchange
          </button>
        </div>
      ))}
    </div>
  );
}
