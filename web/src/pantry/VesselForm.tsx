import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type MeasuresDocument, taken } from "../api";
import { useFigures } from "../figures";
import { type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { useProblem } from "../words";

/** Adds a vessel of the kitchen's own. */
export function VesselForm({ onChange }: { onChange: (document: MeasuresDocument) => void }) {
  const figures = useFigures();
  const [name, setName] = useState("");
  const [millilitres, setMillilitres] = useState<NumberEntry>(null);
  const save = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/measures/vessels", {
          body: { name, millilitres: typeof millilitres === "number" ? millilitres : null },
        }),
      ),
    onSuccess: (document) => {
      setName("");
      setMillilitres(null);
      onChange(document);
    },
  });
  const problem = useProblem(save.error);
  return (
    <form
      className="pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <div className="flex items-end gap-2">
        <input
          className="quiet-field framed !w-48"
          aria-label="Name of the vessel"
          placeholder="mill scoop, ladle…"
          maxLength={40}
          value={name}
          aria-invalid={problem?.field === "name"}
          onChange={(event) => setName(event.target.value)}
        />
        <NumberField
          framed
          label="Volume of the vessel"
          className="w-24"
          unit="ml"
          value={millilitres}
          format={(value) => figures.number(value, 0)}
          error={problem?.field === "millilitres" ? problem.detail : null}
          onChange={setMillilitres}
        />
        <button className="btn btn-sm" disabled={save.isPending}>
          Add vessel
        </button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  );
}
