import { useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { pantryQuery, type PlanSpec, type ServingSpec } from "../api";
import { type Faults, FormulaFinder } from "../formula";
import { type AsidePart, asSent, IconButton, NumberField, PutAside, Said } from "../parts";
import { LETTERS } from "../words";
import { type Draft, servingsOf, withoutServing, withServing } from "./draft";
import { TimeField } from "./TimeField";

interface ServingsProps {
  draft: Draft;
  faults: Faults;
  onChange: (draft: Draft) => void;
}

/** What is served when, and how it is made that day. */
export function Servings({ draft, faults, onChange }: ServingsProps) {
  const { spec, names } = draft;
  const set = (to: PlanSpec) => onChange({ ...draft, spec: to });
  const servings = servingsOf(spec);
  return (
    <section aria-label="What is served">
      <h2 className="section-title">What is served</h2>
      {servings.map((_, at) => (
        <ServingRow key={at} at={at} draft={draft} faults={faults} onChange={set} />
      ))}
      {servings.some(({ due }) => due === null || due === undefined) && (
        <p className="soft py-1 text-sm">Say when each is served, and the day is planned.</p>
      )}
      {servings.some(({ overnight }) => overnight) && (
        <p className="py-1 text-sm">
          Over night a dough stays covered, as cold as your local food rules ask for. They and your food safety advice
          count before this plan.
        </p>
      )}
      {servings.some(({ parBaked }) => parBaked) && (
        <p className="py-1 text-sm">
          What is cooked for the most part before is cooled and kept covered until it is finished, as cold and for as
          long as your local food rules allow. How much of its time it is given before is typical: low confidence.
        </p>
      )}
      <FormulaFinder
        label="Serve a formula"
        onFound={(formula, name) =>
          onChange({
            ...draft,
            names: { ...names, [formula]: name },
            spec: { ...spec, servings: [...servings, { formula, due: servings.at(-1)?.due ?? null }] },
          })
        }
      />
    </section>
  );
}

interface ServingRowProps {
  /** The how-manieth serving. */
  at: number;
  draft: Draft;
  faults: Faults;
  onChange: (spec: PlanSpec) => void;
}

function ServingRow({ at, draft: { spec, names }, faults, onChange }: ServingRowProps) {
  const ways = useQuery(pantryQuery).data?.storages ?? [];
  const serving = servingsOf(spec)[at] ?? {};
  const name = names[serving.formula ?? 0] ?? `formula ${serving.formula}`;
  const set = (to: Partial<ServingSpec>) => onChange(withServing(spec, at, to));
  return (
    <div className="hairline flex flex-wrap items-start gap-2 border-t py-1.5 text-sm">
      <strong className="w-4 pt-1">{LETTERS[at]}</strong>
      <span className="min-w-40 flex-1 pt-1">{name}</span>
      <NumberField
        framed
        className="w-24"
        label={`Pieces of ${name}`}
        placeholder="all pieces"
        value={serving.pieces ?? null}
        format={String}
        error={faults.of(at, "pieces")}
        onChange={(pieces) => set({ pieces: asSent(pieces) })}
      />
      <TimeField
        label={`When ${name} is served`}
        value={serving.due ?? null}
        error={faults.of(at, "due")}
        onChange={(due) => set({ due })}
      />
      <IconButton label={`Remove ${name}`} onClick={() => onChange(withoutServing(spec, at))}>
        <X size={14} aria-hidden />
      </IconButton>
      <div className="flex basis-full flex-wrap items-center gap-x-2 pl-6 text-xs">
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={serving.overnight ?? false}
            aria-label={`Dough of ${name} made the evening before, chilled overnight`}
            onChange={(event) => set({ overnight: event.target.checked })}
          />
          made the evening before, chilled overnight
        </label>
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={serving.parBaked ?? false}
            aria-label={`${name} cooked for the most part before, finished when it is served`}
            onChange={(event) => set({ parBaked: event.target.checked })}
          />
          cooked for the most part before
        </label>
        <div className={serving.splits ? "basis-full sm:max-w-96" : ""}>
          <PutAside
            parts={serving.splits ?? []}
            ways={ways}
            of={name}
            faultOf={(field) => faults.of(at, field)}
            onParts={(parts) => set({ splits: asSplits(parts) })}
          />
        </div>
      </div>
      <Said messages={ofFormula(faults, at, serving.splits?.length ?? 0)} />
    </div>
  );
}

/** What is put aside, as it is sent; nothing for as the formula says. */
const asSplits = (parts: AsidePart[]) =>
  parts.length === 0
    ? null
    : parts.map(({ storage, pieces }) => ({ storage: storage ?? null, pieces: asSent(pieces ?? null) }));

/** Fields of a line that say what is wrong with them themselves: those of its serving, and those of the person of this number. */
const SAID_THERE = ["due", "name", "comes", "goes", "roles", "task", "start"];

/** What is wrong with what is served, and how many pieces of it. */
const ofFormula = (faults: Faults, line: number, splits: number) => {
  const aside = Array.from({ length: splits }, (_, at) => [`splits[${at}].pieces`, `splits[${at}].storage`]).flat();
  const there = [...SAID_THERE, ...aside].map((field) => faults.of(line, field));
  return faults.ofLine(line).filter((said) => !there.includes(said));
};
