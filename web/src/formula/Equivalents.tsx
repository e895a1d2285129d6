import { useMemo } from "react";
import { equivalentsQuestion } from "../api";
import { ActionButton, CurrentContext } from "./current";
import { useAnswer } from "./useBalance";
import { useFormulaEdit } from "./useFormulaEdit";
import type { Editor } from "./useEditor";
import { useFigures } from "../figures";

/** What can stand for a line: dried for fresh at equal dry matter, one yeast for another, with what it changes in the water. */
export function Equivalents({ index, editor }: { index: number; editor: Editor }) {
  const figures = useFigures();
  const asked = useMemo(() => ({ formula: editor.balanced, line: index }), [editor.balanced, index]);
  const { answer, current } = useAnswer(equivalentsQuestion, asked);
  const use = useFormulaEdit(editor);
  const found = answer ?? [];
  if (found.length === 0) {
    return null;
  }
  return (
    <CurrentContext value={current}>
      <div className="mt-2">
        <span className="soft text-xs">Can be replaced by</span>
        {found.map((equivalent) => (
          <div
            key={equivalent.ingredient}
            className="hairline flex items-baseline gap-2 border-t py-1 first-of-type:border-t-0"
          >
            <span className="min-w-0 flex-1">
              {figures.mass(equivalent.grams)} {equivalent.name}
              <span className="soft text-xs">
                {" "}
                {Math.abs(equivalent.waterChangeGrams) < 0.05
                  ? "same water"
                  : `${equivalent.waterChangeGrams > 0 ? "+" : ""}${figures.mass(equivalent.waterChangeGrams)} water`}
              </span>
            </span>
            <ActionButton
              className="btn btn-xs"
              aria-label={`Use instead: ${equivalent.name}`}
              onClick={() => use.mutate({ kind: "use-equivalent", line: index, ingredient: equivalent.ingredient })}
            >
              Use instead
            </ActionButton>
          </div>
        ))}
      </div>
    </CurrentContext>
  );
}
