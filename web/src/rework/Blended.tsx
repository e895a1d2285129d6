import type { BlendAnswer, Lot, PantryDocument } from "../api";
import { ActionButton, type Editor } from "../formula";
import { useFigures } from "../figures";
import { blendFigureName, shortName } from "../words";
import { DifferentFigures } from "./DifferentFigures";
import { useTake } from "./useTake";

const SHADES = [100, 62, 34, 80, 48, 20];

interface BlendedProps {
  answer: BlendAnswer;
  editor: Editor;
  pantry: PantryDocument;
  lots: Lot[];
}

/** The blend, as a bar of its flours, and what it changes in the formula. */
export function Blended({ answer, editor, pantry, lots }: BlendedProps) {
  const figures = useFigures();
  const takeFormula = useTake(editor);
  const { parts, possible, binding, withoutPrice } = answer;
  const named = parts.map(({ ingredient, lot, share }) => ({
    key: `${ingredient} ${lot}`,
    name: lots.find(({ id }) => id === lot)?.name ?? shortName(ingredient, pantry),
    share,
  }));
  const take = () => {
    const words = named.map(({ name, share }) => `${figures.percent(100 * share)} ${name}`).join(", ");
    const versionNote = `Flours blended: ${words}.`;
    takeFormula(answer.formula, versionNote);
  };
  return (
    <div className="grid gap-x-8 pt-3 xl:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div>
        {!possible && (
          <p role="alert" className="text-error pb-2">
            These flours cannot have all of it. This blend misses it by least.
          </p>
        )}
        <div className="flex h-10 overflow-hidden rounded-md" aria-hidden>
          {named.map(({ key, share }, at) => (
            <span
              key={key}
              className="border-base-100 border-r-2 last:border-r-0"
              style={{
                width: `${100 * share}%`,
                background: `color-mix(in oklab, var(--color-primary) ${SHADES[at % SHADES.length]}%, var(--color-base-100))`,
              }}
            />
          ))}
        </div>
        <ul className="py-2" data-testid="blend-parts">
          {named.map(({ key, name, share }) => (
            <li key={key}>
              <strong>{figures.number(100 * share, 1)} %</strong> {name}
            </li>
          ))}
        </ul>
        {binding.length > 0 && (
          <p className="text-sm">At its end: {binding.map((figure) => blendFigureName(figure)).join("; ")}.</p>
        )}
        {withoutPrice.length > 0 && (
          <p className="soft text-sm">
            Left out, for they have no price: {withoutPrice.map((code) => shortName(code, pantry)).join(", ")}.
          </p>
        )}
        <ActionButton className="btn btn-primary btn-sm mt-3" onClick={take}>
          Take it into the formula
        </ActionButton>
      </div>
      <DifferentFigures answer={answer} />
    </div>
  );
}
