import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, measuresQuery, taken } from "../api";
import { type Editor, VesselForm } from "../formula";
import { ErrorNotice } from "../parts";
import { unknownMeasures, withKnownMeasure } from "./readRecipe";

/** Words for vessels that this kitchen does not know: asked how much they hold, and known from then on. */
export function VesselQuestions({ editor }: { editor: Editor }) {
  return unknownMeasures(editor.draft).map((name) => <VesselQuestion key={name} name={name} editor={editor} />);
}

function VesselQuestion({ name, editor }: { name: string; editor: Editor }) {
  const queries = useQueryClient();
  const readAgain = useMutation({
    mutationFn: async () => {
      const of = editor.draft;
      const text = of.lines.flatMap(({ origin }) => origin?.text ?? []).join("\n");
      return { of, recipe: await taken(api.POST("/api/intake/parse", { body: { text, style: of.style } })) };
    },
    onSuccess: ({ of, recipe }) => editor.edit({ kind: "replace", draft: withKnownMeasure(of, name, recipe) }),
  });
  return (
    <div className="border-warning mb-2 border-l-4 py-1 pl-3 text-sm" data-testid="vessel-question" data-to-settle>
      <VesselForm
        name={name}
        label={`Volume of a ${name}`}
        button="Keep it"
        className=""
        onKept={(measures) => {
          queries.setQueryData(measuresQuery.queryKey, measures);
          readAgain.mutate();
        }}
      >
        {() => (
          <span className="pb-1.5">
            How much does one “{name}” hold in this kitchen? Fill it with water and weigh that.
          </span>
        )}
      </VesselForm>
      <ErrorNotice error={readAgain.error} />
    </div>
  );
}
