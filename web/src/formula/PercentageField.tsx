import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, taken } from "../api";
import { useFigures } from "../figures";
import { type Draft, weighed } from "./draft";
import { FORMULA_CHANGE } from "./useBalance";
import type { Editor } from "./useEditor";
import { useProblem } from "../words";

interface PercentageFieldProps {
  label: string;
  index: number;
  editor: Editor;
  pct: number | null;
}

/** A line's baker's percentage. Typing one asks the core for the grams it makes. */
export function PercentageField({ label, index, editor, pct }: PercentageFieldProps) {
  const figures = useFigures();
  // Only what was really typed is ever asked for: the percentage shown may change while the field has the focus.
  const [typing, setTyping] = useState<string | null>(null);
  const shown = pct === null ? "" : figures.percent(pct).replace(" %", "");
  const set = useMutation({
    mutationKey: FORMULA_CHANGE,
    mutationFn: async (asked: number) => {
      const of = editor.draft;
      const body = { formula: editor.balanced, line: index, pct: asked };
      return { of, ...(await taken(api.POST("/api/balance/percentage", { body }))) };
    },
    onSuccess: ({ of, grams }) =>
      editor.edit({
        kind: "lines",
        of,
        patches: grams.flatMap((value, line) =>
          value === of.lines[line]?.grams
            ? []
            : [{ index: line, patch: line === index ? typed(of, value) : { grams: value } }],
        ),
      }),
  });
  const typed = (of: Draft, grams: number | null) => {
    const line = of.lines[index];
    return line ? weighed(line, grams) : { grams };
  };
  const problem = useProblem(set.error);
  const commit = () => {
    const asked = typing === null ? null : figures.parse(typing);
    if (typing !== null && asked !== null) {
      set.mutate(asked);
    }
    setTyping(null);
  };

  return (
    <span className="relative w-[4.4rem] shrink-0">
      <input
        className="quiet-field soft pr-5 text-right"
        inputMode="decimal"
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        data-field="pct"
        disabled={editor.draft.lines[index]?.ingredient === ""}
        placeholder="–"
        value={typing ?? shown}
        onFocus={(event) => {
          const field = event.target;
          const before = field.value;
          // Not when somebody types already, or the next key would replace it.
          requestAnimationFrame(() => field.value === before && field.select());
        }}
        onChange={(event) => setTyping(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.currentTarget.blur();
          } else if (event.key === "Escape") {
            setTyping(null);
            set.reset();
          }
        }}
      />
      {shown !== "" && (
        <span className="soft pointer-events-none absolute top-1/2 right-1 -translate-y-1/2 text-xs">%</span>
      )}
      {problem && (
        <span
          role="alert"
          className="bg-error text-error-content absolute top-full right-0 z-20 w-60 rounded-md p-2 text-xs shadow-lg"
        >
          {problem.detail}
        </span>
      )}
    </span>
  );
}
