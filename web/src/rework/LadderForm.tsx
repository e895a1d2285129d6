import type { ReactNode } from "react";
import type { LadderAnswer, PantryDocument } from "../api";
import type { Draft, Plan, PlannedLadder, PlannedSubstitution } from "../formula";
import { useFigures } from "../figures";
import { NumberField, type NumberEntry, Said } from "../parts";
import { ingredientName } from "../words";
import { LimitsForm } from "./LimitsForm";
import { chosenOf, climbedOf, NO_LADDER } from "./plan";

interface LadderFormProps {
  draft: Draft;
  plan: Plan;
  pantry: PantryDocument;
  /** The last answer: its rungs and limits are what is usual until somebody changes them. */
  answer: LadderAnswer | null;
  faultOf: (field: string) => string | null;
  onChange: (plan: Plan, tag?: string) => void;
  /** What stands before it, in the same row. */
  before: ReactNode;
}

/** How far and in how many rungs something is raised, and the limits to keep. */
export function LadderForm({ draft, plan, pantry, answer, faultOf, onChange, before }: LadderFormProps) {
  const figures = useFigures();
  const ladder = plan.ladder ?? NO_LADDER;
  const chosen = chosenOf(plan, draft);
  const { raised } = climbedOf(plan, draft);
  const put = (patch: Partial<PlannedLadder>, tag?: string) =>
    onChange({ ...plan, ladder: { ...ladder, ...patch } }, tag);
  const messages = ["from", "to", "rungs", "second"].flatMap((field) => faultOf(field) ?? []);
  const shares = sharesOf(answer);
  const pct = (share: number | undefined) => (share === undefined ? "" : figures.number(100 * share, 0));
  const number = (label: string, field: "fromPct" | "toPct" | "rungs", placeholder: string, unit?: string) => (
    <NumberField
      framed
      label={label}
      className="w-17"
      unit={unit}
      placeholder={placeholder}
      value={ladder[field]}
      format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
      error={faultOf({ fromPct: "from", toPct: "to", rungs: "rungs" }[field])}
      onChange={(value: NumberEntry) => put({ [field]: value }, field)}
    />
  );
  return (
    <div className="pb-3">
      <div className="flex flex-wrap items-center gap-2 text-sm">
        {before}
        {chosen.length > 1 && (
          <>
            <Raised
              label="Raise"
              value={raised?.key ?? ""}
              among={chosen}
              pantry={pantry}
              onPick={(key) => put({ raised: key, second: ladder.second === key ? null : ladder.second })}
            />
            <span>and</span>
            <Raised
              label="Raise beside it"
              value={ladder.second ?? ""}
              among={chosen.filter((each) => each !== raised)}
              pantry={pantry}
              none="nothing else"
              onPick={(key) => put({ second: key || null })}
            />
          </>
        )}
        <span>from</span>
        {number("From", "fromPct", pct(shares[0]), "%")}
        <span>to</span>
        {number("To", "toPct", pct(shares.at(-1)), "%")}
        <span>in</span>
        {number("Rungs", "rungs", shares.length > 0 ? String(shares.length) : "")}
        <span>rungs</span>
      </div>
      <Said messages={messages} />
      <LimitsForm plan={plan} usual={answer?.limits ?? []} faultOf={faultOf} onChange={onChange} />
    </div>
  );
}

/** The shares of the rungs of an answer, rising; of a field those of what was raised first. */
function sharesOf(answer: LadderAnswer | null): number[] {
  const all = (answer?.field ?? answer?.rungs ?? []).map(({ share }) => share);
  return [...new Set(all)].sort((one, other) => one - other);
}

interface RaisedProps {
  label: string;
  value: string;
  among: PlannedSubstitution[];
  pantry: PantryDocument;
  none?: string;
  onPick: (key: string) => void;
}

function Raised({ label, value, among, pantry, none, onPick }: RaisedProps) {
  return (
    <label className="flex items-center gap-2">
      {label === "Raise" && label}
      <select
        className="quiet-field framed max-w-56"
        aria-label={label}
        value={value}
        onChange={(event) => onPick(event.target.value)}
      >
        {none !== undefined && <option value="">{none}</option>}
        {among.map(({ key, by }) => (
          <option key={key} value={key}>
            {ingredientName(by, pantry)}
          </option>
        ))}
      </select>
    </label>
  );
}
