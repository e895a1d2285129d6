import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, kitchenQuery, measuresQuery, taken } from "../api";
import type { Editor } from "../formula";
import { ErrorNotice } from "../parts";
import { withMeasures } from "./readRecipe";

const FILLINGS = [
  ["spooned", "spooned in and struck level"],
  ["scooped", "scooped with the cup"],
  ["not-told", "I do not know"],
] as const;

interface CupQuestionProps {
  editor: Editor;
  /** The recipe as it was typed, to be measured again. */
  text: string;
  onSettled: () => void;
}

/** Asked once, when the first cup of flour arrives: how this kitchen fills a cup. */
export function CupQuestion({ editor, text, onSettled }: CupQuestionProps) {
  const queries = useQueryClient();
  const fill = useMutation({
    mutationFn: async (cupFilling: string) => {
      const of = editor.draft;
      const kitchen = await taken(api.GET("/api/kitchen"));
      await taken(api.PUT("/api/kitchen", { body: { ...kitchen, cupFilling } }));
      const recipe = await taken(api.POST("/api/intake/parse", { body: { text, style: of.style } }));
      return { of, recipe };
    },
    onSuccess: ({ of, recipe }) => {
      void queries.invalidateQueries({ queryKey: kitchenQuery.queryKey });
      void queries.invalidateQueries({ queryKey: measuresQuery.queryKey });
      editor.edit({ kind: "replace", draft: withMeasures(of, recipe) });
      onSettled();
    },
  });
  return (
    <div className="border-warning mt-2 border-l-4 py-1 pl-3 text-sm" data-testid="cup-question">
      <p>How does this kitchen fill a cup of flour? Asked once; one weighed cup under Pantry teaches it better.</p>
      <div className="flex flex-wrap gap-1.5 pt-1.5">
        {FILLINGS.map(([code, words]) => (
          <button key={code} className="btn btn-xs" disabled={fill.isPending} onClick={() => fill.mutate(code)}>
            {words}
          </button>
        ))}
      </div>
      <ErrorNotice error={fill.error} />
    </div>
  );
}
