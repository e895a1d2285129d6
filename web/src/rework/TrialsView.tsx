import type { ReactNode } from "react";
import { useSearchParams } from "react-router";
import type { PantryDocument } from "../api";
import { type Editor, type Plan, type PlannedSubstitution, Faults } from "../formula";
import { useTrialsPlan } from "./useTrialsPlan";
import { PlanForm } from "./PlanForm";
import { SeriesForm } from "./SeriesForm";
import { SeriesList } from "./SeriesList";
import { SeriesView } from "./SeriesView";

interface TrialsViewProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  onPlan: (plan: Plan, tag?: string) => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** Series of trials of the formula: a new one to plan, or one to fill and to read. */
export function TrialsView({ editor, plan, pantry, onPlan, choice }: TrialsViewProps) {
  const [search, setSearch] = useSearchParams();
  const open = Number(search.get("series")) || null;
  const show = (id: number | null) =>
    setSearch((now) => {
      const next = new URLSearchParams(now);
      next.delete("series");
      if (id !== null) {
        next.set("series", String(id));
      }
      return next;
    });
  const planned = useTrialsPlan(editor, plan);
  const faults = new Faults(planned.view.problem?.faults);
  const faultOf = (field: string) => faults.of(null, field);
  if (open !== null) {
    return (
      <div className="col-span-full min-w-0">
        <div className="print:hidden">{choice}</div>
        <SeriesView id={open} editor={editor} pantry={pantry} onClose={() => show(null)} />
      </div>
    );
  }
  return (
    <>
      <PlanForm
        draft={editor.draft}
        pantry={pantry}
        faultOf={(substitution: PlannedSubstitution, field) => faultOf(planned.fieldOf(substitution, field))}
        onChange={onPlan}
      />
      <div className="min-w-0">
        {choice}
        <SeriesForm
          editor={editor}
          plan={plan}
          pantry={pantry}
          planned={planned}
          faultOf={faultOf}
          onPlan={onPlan}
          onMade={show}
        />
        <SeriesList editor={editor} onOpen={show} />
      </div>
    </>
  );
}
