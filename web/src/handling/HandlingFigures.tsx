import { memo, useState } from "react";
import type { BalanceAnswer, PantryDocument, Reason } from "../api";
import { type Figures, useFigures } from "../figures";
import { type Figure, FIGURES } from "./figureWords";
import { Steps } from "../parts";

const SHOWN_LINES = 5;

/** The handling figures at the minute of rolling, each opening to what it was made from. */
export const HandlingFigures = memo(function HandlingFigures({
  answer,
  pantry,
}: {
  answer: BalanceAnswer;
  pantry: PantryDocument;
}) {
  const figures = useFigures();
  const [open, setOpen] = useState<Figure | null>(null);
  const reasons = answer.handlingReasons;
  const opened = reasons.find(({ figure }) => figure === open);
  return (
    <section aria-label="How it handles" className="pt-4">
      <h2 className="section-title pb-1">How it handles when rolled</h2>
      <div className="grid grid-cols-4 gap-x-3 gap-y-1">
        {reasons.map((reason) => (
          <button
            key={reason.figure}
            className={`hairline rounded-md border-t px-1 py-1 text-left ${open === reason.figure ? "bg-base-200" : "hover:bg-base-200"}`}
            aria-expanded={open === reason.figure}
            onClick={() => setOpen(open === reason.figure ? null : reason.figure)}
          >
            <span className="soft block text-xs">{FIGURES[reason.figure].name}</span>
            <span className="text-lg leading-tight">{valueOf(reason, figures)}</span>
          </button>
        ))}
      </div>
      {opened && (
        <div className="bg-base-200 mt-1 rounded-md px-3 py-2 text-xs">
          <Steps steps={opened.steps} />
          <ul className="grid grid-cols-[auto_1fr] gap-x-3 pt-2">
            {opened.influences.slice(0, SHOWN_LINES).map((influence) => (
              <li key={influence.line} className="contents">
                <span className="text-right font-semibold">
                  {influence.change > 0 ? "+" : ""}
                  {FIGURES[opened.figure].write(influence.change, figures)}
                </span>
                <span>
                  by{" "}
                  {pantry.ingredients.find(({ code }) => code === influence.ingredient)?.name ?? influence.ingredient}
                  {influence.line < 0 && " from bench and hands"}
                </span>
              </li>
            ))}
          </ul>
          <p className="soft pt-1">Against the same dough without that line.</p>
        </div>
      )}
    </section>
  );
});

function valueOf(reason: Reason, figures: Figures): string {
  const value = reason.steps.at(-1)?.value;
  return value === undefined ? "–" : FIGURES[reason.figure].write(value, figures);
}
