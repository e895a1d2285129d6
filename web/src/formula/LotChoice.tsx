import { useQuery } from "@tanstack/react-query";
import { api, taken } from "../api";
import { ErrorText } from "../parts";
import { useFigures } from "../figures";
import type { DraftLine } from "./draft";
import type { Editor } from "./useEditor";
import { useFormulaEdit } from "./useFormulaEdit";

/** Chooses a lot for a flour line, each with what it would change in the water needed. */
export function LotChoice({ line, index, editor }: { line: DraftLine; index: number; editor: Editor }) {
  const figures = useFigures();
  const formula = editor.balanced;
  const use = useFormulaEdit(editor);
  const query = useQuery({
    queryKey: ["lots", "compared", formula, index],
    queryFn: ({ signal }) => taken(api.POST("/api/balance/lots", { body: { formula, line: index }, signal })),
    retry: false,
    placeholderData: (before) => before,
  });
  const lots = query.data ?? [];
  if (query.isError) {
    return <ErrorText error={query.error} className="soft mt-2 block text-xs" />;
  }
  if (lots.length < 2) {
    return null;
  }
  const chosen = line.origin?.lot ?? null;
  const change = (grams: number) =>
    Math.abs(grams) < 0.05 ? "as it is" : `${grams > 0 ? "+" : ""}${figures.mass(grams)} water`;
  return (
    <fieldset className="mt-2" disabled={query.isPlaceholderData}>
      <legend className="soft pb-0.5 text-xs">Lot</legend>
      {lots.map((lot) => (
        <label
          key={lot.lot ?? "book"}
          className="hairline flex cursor-pointer items-baseline gap-2 border-t py-1 first-of-type:border-t-0"
        >
          <input
            type="radio"
            name={`lot ${line.key}`}
            className="radio radio-xs radio-primary"
            checked={chosen === (lot.lot ?? null)}
            onChange={() =>
              use.mutate({
                kind: "use-lot",
                line: index,
                lot: lot.lot,
                moisturePct: lot.moisturePct,
                proteinPct: lot.proteinPct,
              })
            }
          />
          <span className="min-w-0 flex-1">
            {lot.lot == null ? "the book’s flour" : lot.name}
            <span className="soft text-xs">
              {lot.milledOn && ` milled ${figures.date(lot.milledOn)}, ${lot.ageDays} days old`}
              {lot.moisturePct != null && ` · moisture ${figures.percent(lot.moisturePct)}`}
              {lot.proteinPct != null && ` · protein ${figures.percent(lot.proteinPct)}`}
            </span>
          </span>
          <span className="text-xs font-semibold">{change(lot.changeGrams)}</span>
        </label>
      ))}
    </fieldset>
  );
}
