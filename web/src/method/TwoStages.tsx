import type { MethodAnswer, PantryDocument } from "../api";
import type { Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { Faulty, NumberField, asSent, type NumberEntry, TemperatureField } from "../parts";

interface TwoStagesProps {
  editor: Editor;
  pantry: PantryDocument;
  faults: Faults;
  /** Where a first stage stands when nothing else is said, °C. */
  kitchenC: number | undefined;
  sponge: MethodAnswer["sponge"] | undefined;
}

/** Number of the stage before the dough itself. */
const FIRST = 0;

/** A sponge or soaker: which lines stand first, and how long. Their flour drinks from then on. */
export function TwoStages({ editor, pantry, faults, kitchenC, sponge }: TwoStagesProps) {
  const figures = useFigures();
  const method = editor.draft.method ?? {};
  const stage = method.firstStage ?? null;
  const name = (code: string) => pantry.ingredients.find((each) => each.code === code)?.name ?? code;
  return (
    <section aria-label="Two stages" className="pt-5">
      <h2 className="section-title pb-1">In two stages</h2>
      <div className="grid grid-cols-3 gap-3 text-sm">
        <div>
          <span className="soft block pb-0.5 text-xs">First</span>
          <select
            className="quiet-field framed"
            aria-label="First stage"
            value={stage ?? ""}
            onChange={(event) =>
              editor.edit({
                kind: "method",
                patch: event.target.value
                  ? { firstStage: event.target.value, standingMinutes: method.standingMinutes ?? 240 }
                  : { firstStage: null, standingMinutes: null, standingC: null },
              })
            }
          >
            <option value="">nothing: one dough</option>
            <option value="sponge">a sponge, with yeast</option>
            <option value="soaker">a soaker</option>
          </select>
        </div>
        {stage && (
          <div>
            <span className="soft block pb-0.5 text-xs">stands for</span>
            <NumberField
              framed
              label="How long the first stage stands"
              unit="min"
              value={(method.standingMinutes ?? null) as NumberEntry}
              format={(minutes) => figures.number(minutes, 0)}
              error={faults.of(null, "method.standingMinutes")}
              dataField="standingMinutes"
              onChange={(minutes) => editor.edit({ kind: "method", patch: { standingMinutes: asSent(minutes) } })}
            />
          </div>
        )}
        {stage && (
          <div>
            <span className="soft block pb-0.5 text-xs">at</span>
            <TemperatureField
              label="Where the first stage stands"
              value={(method.standingC ?? null) as NumberEntry}
              placeholder={kitchenC}
              error={faults.of(null, "method.standingC")}
              onChange={(standingC) => editor.edit({ kind: "method", patch: { standingC: asSent(standingC) } })}
            />
          </div>
        )}
      </div>
      <Faulty message={faults.of(null, "method.standingMinutes") ?? faults.of(null, "method.standingC")} />
      {stage && sponge && <SpongeWords sponge={sponge} />}
      {stage && (
        <ul className="pt-2 text-sm">
          {editor.draft.lines.map(
            (line, index) =>
              !line.open &&
              (line.ingredient || line.prep) && (
                <li key={line.key}>
                  <label className="flex items-center gap-2 py-0.5">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-xs"
                      checked={line.stage === FIRST}
                      aria-label={`${line.prep ? "from Prep" : name(line.ingredient)}, line ${index + 1}, belongs to the ${stage}`}
                      onChange={(event) =>
                        editor.edit({
                          kind: "line",
                          key: line.key,
                          patch: { stage: event.target.checked ? FIRST : null },
                        })
                      }
                    />
                    {line.prep ? "from Prep" : name(line.ingredient)}
                    <span className="soft">{typeof line.grams === "number" ? figures.mass(line.grams) : ""}</span>
                  </label>
                </li>
              ),
          )}
          <li className="soft text-xs">Only part of a flour in the {stage}: give it a line of its own.</li>
        </ul>
      )}
    </section>
  );
}

function SpongeWords({ sponge }: { sponge: NonNullable<MethodAnswer["sponge"]> }) {
  const f = useFigures();
  const past = sponge.pastBestMinute;
  return (
    <p className="pt-1 text-sm" data-testid="sponge">
      {sponge.yeastDeadMinute != null
        ? "Its yeast dies: the sponge is too hot."
        : `After ${f.number(sponge.standingMinutes, 0)} min it has risen to ×${f.number(sponge.ratio, 2)} of at most ×${f.number(sponge.maxRatio, 2)}${
            past == null
              ? "."
              : past <= sponge.standingMinutes
                ? `; it is past its best from minute ${f.number(past, 0)} on.`
                : `; it is at its best until minute ${f.number(past, 0)}.`
          }`}
    </p>
  );
}
