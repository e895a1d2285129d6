import type { BalanceAnswer, Filling, PantryDocument } from "../api";
import { ActionButton, type Editor, useFormulaEdit } from "../formula";
import { useFigures } from "../figures";
import { Hint, Steps } from "../parts";

const SEALS = [
  ["", "as the style has it"],
  ["sealed", "sealed in a ball"],
  ["between-sheets", "between two sheets"],
  ["in-layers", "in layers"],
] as const;

interface FillingViewProps {
  filling: Filling;
  salt: BalanceAnswer["salt"];
  editor: Editor;
  pantry: PantryDocument;
}

/** The balance of the filling: its free water against what the seal holds, and what to do when it is too wet. */
export function FillingView({ filling, salt, editor, pantry }: FillingViewProps) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const scale = Math.max(2 * filling.limitPct, filling.freeWaterPct * 1.1);
  const share = (pct: number) => `${Math.min(100, (100 * pct) / scale)}%`;
  return (
    <section aria-label="Filling" className="pt-6" data-testid="filling">
      <h2 className="section-title">
        Filling
        <Hint term="freeWater" />
      </h2>
      <div className="grid max-w-4xl grid-cols-[1fr_1fr] gap-x-8 pt-1 text-sm">
        <div>
          <p>
            Free water{" "}
            <strong className="font-display text-2xl font-normal" data-testid="free-water">
              {figures.percent(filling.freeWaterPct)}
            </strong>{" "}
            <span className={filling.tooWet ? "text-error font-semibold" : "soft"}>
              {filling.tooWet ? "over" : "within"} the limit of {figures.percent(filling.limitPct)}
            </span>
          </p>
          <div
            className="bg-base-300 relative mt-1 h-3 rounded-full"
            role="img"
            aria-label={`Free water ${figures.percent(filling.freeWaterPct)} of at most ${figures.percent(filling.limitPct)}`}
          >
            <div
              className="h-3 rounded-full"
              style={{ width: share(filling.freeWaterPct), background: "var(--material-water)" }}
            />
            <div className="bg-base-content absolute -top-1 h-5 w-0.5" style={{ left: share(filling.limitPct) }} />
          </div>
          <label className="soft flex items-center gap-2 pt-2">
            enclosed
            <select
              className="quiet-field framed !w-auto"
              aria-label="How the filling is enclosed"
              value={editor.draft.method?.seal ?? ""}
              onChange={(event) => editor.edit({ kind: "method", patch: { seal: event.target.value || null } })}
            >
              {SEALS.map(([code, name]) => (
                <option key={code} value={code}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <div className="soft pt-2 text-xs">
            <Steps steps={filling.steps} />
          </div>
        </div>
        <div>
          <p>
            {figures.mass(filling.grams)} in all
            {filling.perDough != null && <>, {figures.number(filling.perDough, 2)} g for a gram of dough</>}
          </p>
          {filling.perPieceGrams != null && filling.doughPerPieceGrams != null && (
            <p>
              A piece: <strong>{figures.mass(filling.doughPerPieceGrams)}</strong> of dough round{" "}
              <strong>{figures.mass(filling.perPieceGrams)}</strong> of filling
              {salt.perPieceGrams != null && <>, {figures.number(salt.perPieceGrams, 2)} g of salt together</>}
            </p>
          )}
          {filling.tooWet && (
            <ul className="pt-2">
              {filling.waysOut.map((way) => (
                <li
                  key={`${way.remedy} ${way.line} ${way.ingredient}`}
                  className="hairline flex items-baseline gap-2 border-t py-1 first:border-t-0"
                >
                  <span className={`flex-1 ${way.obstacle ? "soft" : ""}`}>{said(way, pantry, figures.mass)}</span>
                  {!way.obstacle && way.afterPct != null && (
                    <span className="soft">then {figures.percent(way.afterPct)}</span>
                  )}
                  {!way.obstacle && (
                    <ActionButton
                      className="btn btn-xs btn-primary"
                      aria-label={`${said(way, pantry, figures.mass)} Do this`}
                      onClick={() =>
                        change.mutate({ kind: "take-filling-way-out", remedy: way.remedy, line: way.line })
                      }
                    >
                      Do this
                    </ActionButton>
                  )}
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </section>
  );
}

type Way = Filling["waysOut"][number];

function said(way: Way, pantry: PantryDocument, mass: (grams: number) => string): string {
  const name = (pantry.ingredients.find(({ code }) => code === way.ingredient)?.name ?? way.ingredient).toLowerCase();
  const verb = { press: "Press", "cook-down": "Cook", "more-flour": "Stir", "leave-out": "Leave" }[way.remedy];
  if (way.obstacle === "does-not-help") {
    return `${verb === "Press" ? "Pressing" : "Cooking down"} the ${name} does not help: the rest of it would be no drier.`;
  }
  if (way.obstacle) {
    return `${verb === "Press" ? "Pressing" : "Cooking down"} the ${name} alone is not enough.`;
  }
  return {
    press: `Press ${mass(way.grams)} of liquid out of the ${name}.`,
    "cook-down": `Cook ${mass(way.grams)} of water out of the ${name}.`,
    "more-flour": `Stir in ${mass(way.grams)} of ${name}.`,
    "leave-out": "",
  }[way.remedy];
}
