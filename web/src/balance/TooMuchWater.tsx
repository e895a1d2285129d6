import type { BalanceAnswer, PantryDocument, WayOut } from "../api";
import { ActionButton, type Editor, useFormulaEdit } from "../formula";
import { type Figures, useFigures } from "../figures";

type TooMuch = NonNullable<BalanceAnswer["tooMuch"]>;

interface TooMuchWaterProps {
  tooMuch: TooMuch;
  /** Whether the dough is inside its window as it is: the ways then only lead to the middle. */
  inWindow: boolean;
  editor: Editor;
  pantry: PantryDocument;
}

/** What to do when the dough has too much water without any added: each way out, computed alone. */
export function TooMuchWater({ tooMuch, inWindow, editor, pantry }: TooMuchWaterProps) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const name = (line: number | null | undefined) => {
    const drafted = line == null ? null : editor.draft.lines[line];
    const code = drafted?.prep
      ? editor.draft.preps?.find(({ key }) => key === drafted.prep)?.ingredient
      : drafted?.ingredient;
    return pantry.ingredients.find((ingredient) => ingredient.code === code)?.name ?? "it";
  };
  return (
    <section
      aria-label="Ways out"
      className={`${inWindow ? "border-primary" : "border-warning"} bg-base-200 mt-3 rounded-md border-l-4 px-4 py-3`}
    >
      <h3 className="text-lg">
        {inWindow
          ? `To come to the middle without added water, ${figures.mass(tooMuch.excessGrams)} less. Ways, each taken alone:`
          : `${figures.mass(tooMuch.excessGrams)} too much even without added water. Ways out, each taken alone:`}
      </h3>
      <ul className="pt-1">
        {tooMuch.waysOut.map((way) => (
          <li
            key={`${way.remedy} ${way.line}`}
            className="hairline flex items-baseline gap-3 border-t py-1.5 text-sm first:border-t-0"
          >
            <span className={`flex-1 ${way.obstacle ? "soft" : ""}`}>{said(way, name(way.line), figures)}</span>
            {!way.obstacle && (
              <>
                {way.afterSoftness != null && (
                  <span className="soft">then softness {figures.number(way.afterSoftness, 2)}</span>
                )}
                <ActionButton
                  className="btn btn-xs btn-primary"
                  onClick={() => change.mutate({ kind: "take-way-out", remedy: way.remedy, line: way.line })}
                >
                  Do this
                </ActionButton>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function said(way: WayOut, name: string, { mass }: Figures): string {
  const grams = way.grams == null ? "" : mass(way.grams);
  if (way.obstacle === "does-not-help") {
    return {
      "more-flour": "More flour: there is no flour to add to.",
      press: `Pressing ${name}: none of its water is in play, so it does not help.`,
      "cook-down": `Cooking down ${name}: none of its water is in play, so it does not help.`,
      "leave-out": `Leaving out ${name}: it holds more water than it brings, so it does not help.`,
    }[way.remedy];
  }
  const most = way.obstacle && way.mostGrams != null ? ` Cannot: there are ${mass(way.mostGrams)} at most.` : "";
  return (
    {
      "more-flour": `Add ${grams} of flour, shared as the flours are.`,
      press: `Press ${grams} of liquid out of ${name}.`,
      "cook-down": `Cook ${grams} of water out of ${name}.`,
      "leave-out": `Leave out ${grams} of ${name}.`,
    }[way.remedy] + most
  );
}
