import type { PlanSpec } from "../api";
import type { Faults } from "../formula";
import type { Draft } from "./draft";
import { Places } from "./Places";
import { Servings } from "./Servings";
import { Workers } from "./Workers";

interface PlanFormProps {
  draft: Draft;
  usual: PlanSpec;
  faults: Faults;
  onChange: (draft: Draft) => void;
}

/** What is served when, who is there when, and what there is to cook on. */
export function PlanForm({ draft, usual, faults, onChange }: PlanFormProps) {
  const { spec } = draft;
  const set = (to: PlanSpec) => onChange({ ...draft, spec: to });
  return (
    <div className="grid gap-x-8 gap-y-2 lg:grid-cols-2" data-testid="plan-form">
      <Servings draft={draft} faults={faults} onChange={onChange} />
      <div>
        <Workers spec={spec} usual={usual} faults={faults} onChange={set} />
        <Places spec={spec} faults={faults} onChange={set} />
      </div>
    </div>
  );
}
