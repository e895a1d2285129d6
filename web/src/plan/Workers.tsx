import { X } from "lucide-react";
import type { PlanSpec } from "../api";
import type { Faults } from "../formula";
import { IconButton, Said } from "../parts";
import { ROLES, roleWords } from "../words";
import { withoutWorker, withWorker, workersOf } from "./draft";
import { TimeField } from "./TimeField";

interface WorkersProps {
  spec: PlanSpec;
  usual: PlanSpec;
  faults: Faults;
  onChange: (spec: PlanSpec) => void;
}

/** Who is there when, and what they can do. */
export function Workers({ spec, usual, faults, onChange }: WorkersProps) {
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
