import { Plus, X } from "lucide-react";
import type { HandlingAnswer, MethodSpec } from "../api";
import { type Editor, type Faults, useFormulaEdit } from "../formula";
import { useFigures } from "../figures";
import { Faulty, asSent, type NumberEntry, NumberField, TemperatureField, IconButton } from "../parts";
import { Ready } from "./Ready";

type Phase = NonNullable<MethodSpec["phases"]>[number];

const KINDS = [
  ["rest", "rest in the kitchen"],
  ["warm", "warm place"],
  ["chill", "chill"],
  ["knead", "knead again"],
] as const;

/** What the temperature of a phase is that of. */
const PLACES: Record<string, string> = { rest: "Kitchen", warm: "Warm place", chill: "Fridge" };
interface PhasesProps {
  editor: Editor;
  answer: HandlingAnswer;
  faults: Faults;
}

/** What happens between kneading and rolling: one rest, or rests, chilling and further kneading in a row. */
export function Phases({ editor, answer, faults }: PhasesProps) {
  const figures = useFigures();
  const phases = editor.draft.method?.phases ?? [];
  const set = (next: Phase[]) => editor.edit({ kind: "method", patch: { phases: next.length > 0 ? next : null } });
  /** Another list of phases is an edit of its own, whatever is typed before and after. */
  const replace = (next: Phase[]) => {
    editor.edit({ kind: "settle" });
    set(next);
    editor.edit({ kind: "settle" });
  };
  const change = (index: number, patch: Partial<Phase>) =>
    set(phases.map((phase, at) => (at === index ? { ...phase, ...patch } : phase)));
  const temperatures = editor.draft.method?.temperatures ?? {};
  const add = useFormulaEdit(editor);
  const { picture } = answer.dough;
  const rest = Math.round(picture.rollAtMinute - picture.kneadedAtMinute);
  return (
    <section aria-label="Between kneading and rolling" className="pt-2 text-sm">
      <h2 className="section-title">Between kneading and rolling</h2>
      {phases.length === 0 ? (
        <div className="flex flex-wrap items-center gap-2 pt-1">
          <span className="soft">One rest of</span>
          <NumberField
            framed
            className="w-24"
            label="Rest before rolling"
            unit="min"
            value={editor.draft.restMinutes ?? null}
            placeholder={figures.number(rest, 0)}
            format={(minutes) => figures.number(minutes, 0)}
            error={faults.of(null, "restMinutes")}
            dataField="restMinutes"
            onChange={(restMinutes) => editor.edit({ kind: "settings", patch: { restMinutes } })}
          />
          <span className="soft">in a kitchen at</span>
          <TemperatureField
            className="w-24"
            label="Kitchen"
            value={(temperatures.kitchenC ?? null) as NumberEntry}
            placeholder={answer.kitchenC}
            error={faults.of(null, "method.temperatures.kitchenC")}
            onChange={(kitchenC) =>
              editor.edit({
                kind: "method",
                patch: { temperatures: { ...temperatures, kitchenC: asSent(kitchenC) } },
              })
            }
          />
          <Faulty message={faults.of(null, "restMinutes") ?? faults.of(null, "method.temperatures.kitchenC")} />
        </div>
      ) : (
        <ol>
          {phases.map((phase, index) => (
            <li key={index} className="flex items-center gap-2 py-0.5">
              <select
                className="quiet-field framed !w-44"
                aria-label={`What happens, phase ${index + 1}`}
                value={phase.kind ?? "rest"}
                onChange={(event) => change(index, { kind: event.target.value, temperatureC: null })}
              >
                {KINDS.map(([code, name]) => (
                  <option key={code} value={code}>
                    {name}
                  </option>
                ))}
              </select>
              <NumberField
                framed
                className="w-24"
                label={`Minutes, phase ${index + 1}`}
                unit="min"
                value={(phase.minutes ?? null) as NumberEntry}
                format={(minutes) => figures.number(minutes, 0)}
                error={faults.of(null, `method.phases[${index}].minutes`)}
                dataField="phase-minutes"
                onChange={(minutes) => change(index, { minutes: asSent(minutes) })}
              />
              {phase.kind !== "knead" && (
                <TemperatureField
                  className="w-24"
                  label={`${PLACES[phase.kind ?? "rest"] ?? "Place"}, phase ${index + 1}`}
                  value={(phase.temperatureC ?? null) as NumberEntry}
                  placeholder={picture.phases[index]?.temperatureC}
                  error={faults.of(null, `method.phases[${index}].temperatureC`)}
                  onChange={(celsius) => change(index, { temperatureC: asSent(celsius) })}
                />
              )}
              <IconButton label={`Remove phase ${index + 1}`} onClick={() => replace(phases.toSpliced(index, 1))}>
                <X size={14} aria-hidden />
              </IconButton>
              <Faulty
                message={
                  faults.of(null, `method.phases[${index}].minutes`) ??
                  faults.of(null, `method.phases[${index}].temperatureC`)
                }
              />
            </li>
          ))}
        </ol>
      )}
      <Ready editor={editor} answer={answer} />
      <p className="soft pt-1 text-xs">Drag its end under the time axis, or put something else there:</p>
      <div className="flex gap-1">
        {KINDS.map(([code, name]) => (
          <button
            key={code}
            className="btn btn-ghost btn-xs text-primary gap-1"
            onClick={() => add.mutate({ kind: "add-phase", phase: code })}
          >
            <Plus size={13} aria-hidden /> {name}
          </button>
        ))}
      </div>
    </section>
  );
}
