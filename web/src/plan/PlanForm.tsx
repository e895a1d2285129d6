import { X } from "lucide-react";
import { useQuery } from "@tanstack/react-query";
import { pantryQuery, type PlanSpec, type TraySpec } from "../api";
import { type Faults, FormulaFinder } from "../formula";
import {
  type AsidePart,
  asSent,
  CentimetreField,
  IconButton,
  NumberField,
  PutAside,
  Said,
  TemperatureField,
} from "../parts";
import { LETTERS, ROLES, roleWords } from "../words";
import { type Draft, servingsOf, withoutServing, withoutWorker, withServing, withWorker, workersOf } from "./draft";
import { TimeField } from "./TimeField";

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
        <Kitchen spec={spec} faults={faults} onChange={set} />
      </div>
    </div>
  );
}

function Servings({ draft, faults, onChange }: Omit<PlanFormProps, "usual">) {
  const { spec, names } = draft;
  const set = (to: PlanSpec) => onChange({ ...draft, spec: to });
  const servings = servingsOf(spec);
  const ways = useQuery(pantryQuery).data?.storages ?? [];
  return (
    <section aria-label="What is served">
      <h2 className="section-title">What is served</h2>
      {servings.map((serving, at) => {
        const name = names[serving.formula ?? 0] ?? `formula ${serving.formula}`;
        return (
          <div key={at} className="hairline flex flex-wrap items-start gap-2 border-t py-1.5 text-sm">
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
              onChange={(pieces) => set(withServing(spec, at, { pieces: asSent(pieces) }))}
            />
            <TimeField
              label={`When ${name} is served`}
              value={serving.due ?? null}
              error={faults.of(at, "due")}
              onChange={(due) => set(withServing(spec, at, { due }))}
            />
            <IconButton label={`Remove ${name}`} onClick={() => set(withoutServing(spec, at))}>
              <X size={14} aria-hidden />
            </IconButton>
            <div className="flex basis-full flex-wrap items-center gap-x-2 pl-6 text-xs">
              <label className="flex min-h-8 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="checkbox checkbox-xs"
                  checked={serving.overnight ?? false}
                  aria-label={`Dough of ${name} made the evening before, chilled overnight`}
                  onChange={(event) => set(withServing(spec, at, { overnight: event.target.checked }))}
                />
                made the evening before, chilled overnight
              </label>
              <label className="flex min-h-8 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="checkbox checkbox-xs"
                  checked={serving.parBaked ?? false}
                  aria-label={`${name} cooked for the most part before, finished when it is served`}
                  onChange={(event) => set(withServing(spec, at, { parBaked: event.target.checked }))}
                />
                cooked for the most part before
              </label>
              <div className={serving.splits ? "basis-full sm:max-w-96" : ""}>
                <PutAside
                  parts={serving.splits ?? []}
                  ways={ways}
                  of={name}
                  faultOf={(field) => faults.of(at, field)}
                  onParts={(parts) => set(withServing(spec, at, { splits: asSplits(parts) }))}
                />
              </div>
            </div>
            <Said messages={ofFormula(faults, at, serving.splits?.length ?? 0)} />
          </div>
        );
      })}
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

interface PartProps {
  spec: PlanSpec;
  faults: Faults;
  onChange: (spec: PlanSpec) => void;
}

function Workers({ spec, usual, faults, onChange }: PartProps & { usual: PlanSpec }) {
  const workers = workersOf(spec);
  const add = () => {
    const names = new Set(workers.map(({ name }) => name));
    const number = Array.from({ length: workers.length + 1 }, (_, at) => at + 2).find((at) => !names.has(`Hand ${at}`));
    const last = workers.at(-1);
    const hours = last ? { comes: last.comes, goes: last.goes } : {};
    onChange({ ...spec, workers: [...workers, { ...workersOf(usual)[0], ...hours, name: `Hand ${number}` }] });
  };
  return (
    <section aria-label="Who is there">
      <h2 className="section-title">Who is there</h2>
      {workers.map((worker, at) => {
        const roles = worker.roles ?? [];
        const name = worker.name ?? "";
        const toggle = (role: string) =>
          withWorker(spec, at, {
            roles: roles.includes(role) ? roles.filter((each) => each !== role) : [...roles, role],
          });
        return (
          <div key={at} className="hairline flex flex-wrap items-start gap-2 border-t py-1.5 text-sm">
            <input
              className="quiet-field framed w-28"
              aria-label={`Name of person ${at + 1}`}
              aria-invalid={faults.of(at, "name") ? true : undefined}
              value={name}
              onChange={(event) => onChange(withWorker(spec, at, { name: event.target.value }))}
            />
            <TimeField
              label={`When ${name} comes`}
              value={worker.comes ?? null}
              error={faults.of(at, "comes")}
              onChange={(comes) => onChange(withWorker(spec, at, { comes }))}
            />
            <TimeField
              label={`When ${name} goes`}
              value={worker.goes ?? null}
              error={faults.of(at, "goes")}
              onChange={(goes) => onChange(withWorker(spec, at, { goes }))}
            />
            <IconButton
              label={`Remove ${name || `person ${at + 1}`}`}
              onClick={() => onChange(withoutWorker(spec, at))}
            >
              <X size={14} aria-hidden />
            </IconButton>
            <fieldset className="flex basis-full flex-wrap gap-3">
              <legend className="sr-only">{`What ${name} can do`}</legend>
              {Object.keys(ROLES).map((role) => (
                <label key={role} className="flex min-h-6 items-center gap-1">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-xs"
                    checked={roles.includes(role)}
                    onChange={() => onChange(toggle(role))}
                  />
                  {roleWords(role)}
                </label>
              ))}
            </fieldset>
            <Said messages={[faults.of(at, "name"), faults.of(at, "roles")]} />
          </div>
        );
      })}
      <Said messages={[faults.of(null, "roles"), faults.of(null, "workers")]} />
      <button type="button" className="btn btn-ghost btn-sm" onClick={add}>
        Somebody else is there
      </button>
    </section>
  );
}

const PLACES = [
  { field: "pans", name: "Pans" },
  { field: "ovens", name: "Ovens" },
  { field: "mixers", name: "Mixers" },
  { field: "fridgeLitres", name: "Fridge, litres" },
] as const;

const SIDES = [
  { field: "longMm", name: "Longer side of a tray" },
  { field: "shortMm", name: "Shorter side of a tray" },
] as const;

function Kitchen({ spec, faults, onChange }: PartProps) {
  return (
    <section aria-label="What there is" className="pt-3">
      <h2 className="section-title">What there is</h2>
      <div className="flex flex-wrap gap-3 text-sm">
        {PLACES.map(({ field, name }) => (
          <span key={field} className="flex flex-col">
            <span className="soft text-xs">{name}</span>
            <NumberField
              framed
              className="w-20"
              label={name}
              value={spec[field] ?? null}
              format={String}
              error={faults.of(null, field)}
              onChange={(count) => onChange({ ...spec, [field]: asSent(count) })}
            />
          </span>
        ))}
        <Trays spec={spec} faults={faults} onChange={onChange} />
        <span className="flex flex-col">
          <span className="soft text-xs">Kitchen, flour</span>
          <TemperatureField
            className="w-32"
            label="Temperature of kitchen and flour that day"
            placeholder="as written"
            value={spec.kitchenC ?? null}
            error={faults.of(null, "kitchenC")}
            onChange={(kitchenC) => onChange({ ...spec, kitchenC: asSent(kitchenC) })}
          />
        </span>
        <label className="flex min-h-6 items-center gap-2 self-end pb-1">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={spec.careful === true}
            onChange={(event) => onChange({ ...spec, careful: event.target.checked })}
          />
          Give every step the longest it likely takes
        </label>
        <Said
          messages={[
            ...PLACES.map(({ field }) => faults.of(null, field)),
            ...["trays.count", "trays.longMm", "trays.shortMm", "kitchenC"].map((field) => faults.of(null, field)),
          ]}
        />
      </div>
    </section>
  );
}

/** Trays for balls of dough, and how large they are. */
function Trays({ spec, faults, onChange }: PartProps) {
  const trays = spec.trays ?? {};
  const set = (to: Partial<TraySpec>) => onChange({ ...spec, trays: { ...trays, ...to } });
  return (
    <>
      <span className="flex flex-col">
        <span className="soft text-xs">Trays</span>
        <NumberField
          framed
          className="w-20"
          label="Trays for balls of dough"
          placeholder="enough"
          value={trays.count ?? null}
          format={String}
          error={faults.of(null, "trays.count")}
          onChange={(count) => set({ count: asSent(count) })}
        />
      </span>
      <span className="flex flex-col">
        <span className="soft text-xs">Each tray</span>
        <span className="flex items-center gap-1">
          {SIDES.map(({ field, name }) => (
            <CentimetreField
              key={field}
              className="w-20"
              label={name}
              value={trays[field] ?? null}
              error={faults.of(null, `trays.${field}`)}
              onChange={(mm) => set({ [field]: asSent(mm) })}
            />
          ))}
        </span>
      </span>
    </>
  );
}
