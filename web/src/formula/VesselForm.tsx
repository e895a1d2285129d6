import { useMutation } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { api, type MeasuresDocument, taken } from "../api";
import { useFigures } from "../figures";
import { asSent, type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { useProblem } from "../words";

interface VesselFormProps {
  /** What the vessel is called. */
  name: string;
  /** What its volume is called. */
  label: string;
  button: string;
  className: string;
  /** What stands before the volume; told the field that was refused. */
  children: (refused: string | null) => ReactNode;
  onKept: (measures: MeasuresDocument) => void;
}

/** Asks how much a vessel holds, and keeps it among the kitchen's measures. */
export function VesselForm({ name, label, button, className, children, onKept }: VesselFormProps) {
  const figures = useFigures();
  const [millilitres, setMillilitres] = useState<NumberEntry>(null);
  const keep = useMutation({
    mutationFn: () => taken(api.POST("/api/measures/vessels", { body: { name, millilitres: asSent(millilitres) } })),
    onSuccess: (measures) => {
      setMillilitres(null);
      onKept(measures);
    },
  });
  const problem = useProblem(keep.error);
  return (
    <form
      className={className}
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <div className="flex flex-wrap items-end gap-2">
        {children(problem?.field ?? null)}
        <NumberField
          framed
          label={label}
          className="w-24"
          unit="ml"
          value={millilitres}
          format={(value) => figures.number(value, 0)}
          error={problem?.field === "millilitres" ? problem.detail : null}
          onChange={setMillilitres}
        />
        <button className="btn btn-sm" disabled={keep.isPending}>
          {button}
        </button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  );
}
