import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, measuresQuery, taken } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { type NumberEntry, NumberField } from "../parts";
import { useProblem } from "../words";
import { unknownMeasures, withKnownMeasure } from "./readRecipe";

/** Words for vessels that this kitchen does not know: asked how much they hold, and known from then on. */
export function VesselQuestions({ editor }: { editor: Editor }) {
  return unknownMeasures(editor.draft).map((name) => <VesselQuestion key={name} name={name} editor={editor} />);
}

function VesselQuestion({ name, editor }: { name: string; editor: Editor }) {
  const figures = useFigures();
  const queries = useQueryClient();
  const [millilitres, setMillilitres] = useState<NumberEntry>(null);
  const save = useMutation({
    mutationFn: async () => {
      const of = editor.draft;
      const volume = typeof millilitres === "number" ? millilitres : null;
      await taken(api.POST("/api/measures/vessels", { body: { name, millilitres: volume } }));
      const text = of.lines.flatMap(({ origin }) => origin?.text ?? []).join("\n");
      return { of, recipe: await taken(api.POST("/api/intake/parse", { body: { text, style: of.style } })) };
    },
    onSuccess: ({ of, recipe }) => {
      void queries.invalidateQueries({ queryKey: measuresQuery.queryKey });
      editor.edit({ kind: "replace", draft: withKnownMeasure(of, name, recipe) });
    },
  });
  const problem = useProblem(save.error);
  return (
    <form
      className="border-warning mb-2 flex flex-wrap items-center gap-2 border-l-4 py-1 pl-3 text-sm"
      data-testid="vessel-question"
      data-to-settle
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <span>How much does one “{name}” hold in this kitchen? Fill it with water and weigh that.</span>
      <NumberField
        framed
        label={`Volume of a ${name}`}
        className="w-24"
        unit="ml"
        value={millilitres}
        format={(value) => figures.number(value, 0)}
        error={problem?.detail ?? null}
        onChange={setMillilitres}
      />
      <button className="btn btn-xs" disabled={save.isPending}>
        Keep it
      </button>
      {problem && (
        <span role="alert" className="text-error text-xs">
          {problem.detail}
        </span>
      )}
    </form>
  );
}
