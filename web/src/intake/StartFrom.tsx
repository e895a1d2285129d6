import { useInfiniteQuery, useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, asFile, type FormulaSpec, formulasQuery, type PantryDocument, taken } from "../api";
import { draftOfSpec, type Editor } from "../formula";
import { FilePicker, MassField, type NumberEntry, ErrorNotice, useQuiet } from "../parts";
import { PercentagesDialog } from "./PercentagesDialog";
import { recipeInstead } from "./readRecipe";

/** What a formula can be started from beside a pasted recipe. */
export function StartFrom({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const [wanted, setWanted] = useState("");
  const found = useInfiniteQuery(formulasQuery({ search: useQuiet(wanted.trim()), limit: 20 }));
  const formulas = found.data?.pages[0]?.rows ?? [];
  const [style, setStyle] = useState(editor.draft.style);
  const [flour, setFlour] = useState<NumberEntry>(pantry.usual.startFlourGrams);
  const [percentages, setPercentages] = useState(false);
  const take = (spec: FormulaSpec, name = "") => {
    const { draft } = editor;
    editor.edit({ kind: "replace", draft: { ...draftOfSpec(spec), name: draft.name || name } });
  };
  const usual = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/intake/start/style", { body: { style, flourGrams: typeof flour === "number" ? flour : 0 } }),
      ),
    onSuccess: (spec) => take(spec),
  });
  const copy = useMutation({
    mutationFn: (id: number) => taken(api.GET("/api/formulas/{id}", { params: { path: { id } } })),
    onSuccess: (document) => take(document.formula, `Copy of ${document.version.name}`),
  });

  const file = useMutation({
    mutationFn: async (picked: File) => ({
      text: await picked.text(),
      ...(await taken(api.POST("/api/files/recipe", asFile(picked)))),
    }),
    onSuccess: ({ formula, recipe, text }) =>
      formula
        ? take(formula, recipe.title ?? "")
        : editor.edit({ kind: "replace", draft: recipeInstead(editor.draft, recipe, text) }),
  });

  return (
    <div className="pt-4">
      <h2 className="section-title pb-1">Or start from</h2>
      <form
        className="flex items-end gap-2 pb-2"
        onSubmit={(event) => {
          event.preventDefault();
          usual.mutate();
        }}
      >
        <label className="min-w-0 flex-1">
          <span className="soft block pb-0.5 text-xs">a style’s usual dough</span>
          <select className="quiet-field framed" value={style} onChange={(event) => setStyle(event.target.value)}>
            {pantry.styles.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <MassField label="Flour for it" className="w-24" value={flour} onChange={setFlour} />
        <button className="btn btn-sm">Start</button>
      </form>
      {(wanted !== "" || formulas.length > 0) && (
        <label className="block pb-2">
          <span className="soft block pb-0.5 text-xs">a formula you have</span>
          <input
            className="quiet-field framed mb-1"
            aria-label="Find a formula to start from"
            placeholder="find by name, flour, vegetable"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
          <select
            className="quiet-field framed"
            value=""
            onChange={(event) => {
              if (event.target.value) {
                copy.mutate(Number(event.target.value));
              }
            }}
          >
            <option value="">{formulas.length === 0 ? "no formula matches" : "choose…"}</option>
            {formulas.map(({ id, name, latestNumber }) => (
              <option key={id} value={id}>
                {name}, version {latestNumber}
              </option>
            ))}
          </select>
        </label>
      )}
      <div className="flex gap-2">
        <button className="btn btn-sm" onClick={() => setPercentages(true)}>
          Baker’s percentages…
        </button>
        <FilePicker
          label="A recipe file"
          accept=".txt,.json,.jsonld"
          className="btn btn-sm"
          onPick={(picked) => file.mutate(picked)}
        >
          A file…
        </FilePicker>
      </div>
      <ErrorNotice error={usual.error ?? copy.error ?? file.error} />
      {percentages && (
        <PercentagesDialog
          style={editor.draft.style}
          pantry={pantry}
          onTaken={(spec) => {
            take(spec);
            setPercentages(false);
          }}
          onClose={() => setPercentages(false)}
        />
      )}
    </div>
  );
}
