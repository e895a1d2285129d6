import { Droplets } from "lucide-react";
import type { BalanceAnswer } from "../api";
import { ActionButton, type Editor } from "../formula";
import { type Figures, useFigures } from "../figures";
import { waterWords } from "../words";
import { Hint } from "../parts";
import { UncertaintyNote } from "./UncertaintyNote";

interface WaterAnswerProps {
  answer: BalanceAnswer;
  editor: Editor;
  onSetWater: () => void;
}

/** The answer: how much plain water, its range, how to pour it, and how the dough feels as it is. */
export function WaterAnswer({ answer, editor, onSetWater }: WaterAnswerProps) {
  const figures = useFigures();
  const { water, feel, softnessAtRoll, settings } = answer;
  const there = water.present === water.toSet;
  return (
    <section
      aria-label="Water"
      className="hairline grid grid-cols-[auto_1fr] gap-x-8 gap-y-3 border-y py-3 xl:grid-cols-[auto_1fr_14rem]"
    >
      <p className="col-span-full text-base font-semibold" data-testid="standing">
        {STANDINGS[water.standing]}
      </p>
      <div>
        <p className="soft text-sm">
          {waterWords(water)}
          <Hint term="range" />
        </p>
        <p className="font-display text-[2.9rem] leading-none" data-testid="water-needed">
          {figures.mass(Math.abs(water.needed))}
        </p>
        <p className="soft pt-1 text-sm" data-testid="water-range">
          {rangeWords(water, figures)}
        </p>
      </div>
      <div className="text-sm">
        <p className="soft">
          Pour
          <Hint term="holdBack" />
        </p>
        {water.told.high > 0 ? (
          <>
            <p className="text-base">
              first <strong>{figures.mass(water.told.firstPour)}</strong>, hold back{" "}
              <strong>{figures.mass(water.told.holdBack)}</strong>
            </p>
            {water.inStages > 0 && (
              <p className="soft">of it {figures.mass(water.inStages)} in the stages before the dough itself</p>
            )}
            <p className="soft">{additions(water.told.additions, figures)}</p>
          </>
        ) : (
          <p className="text-base">none: see the ways out below</p>
        )}
        <UncertaintyNote answer={answer} editor={editor} />
      </div>
      <div className="text-sm max-xl:col-span-2">
        <p className="soft">
          As it is now, at minute {figures.number(answer.rollAtMinute, 0)}
          <Hint term="softness" />
        </p>
        <p className="text-base">
          <strong className="font-display text-lg font-normal" data-testid="feel">
            {feel?.name ?? "nothing drinks yet"}
          </strong>
          {TOO[water.standing]}
          {softnessAtRoll != null && ` ${figures.number(softnessAtRoll, 2)}`}
          <span className="soft"> (aim {figures.number(settings.softnessTarget, 2)})</span>
        </p>
        <p className="soft line-clamp-2 text-xs leading-snug" title={feel?.touchTest}>
          {feel?.touchTest}
        </p>
        {!there && (
          <ActionButton className="btn btn-primary btn-sm mt-1.5 gap-1.5" onClick={onSetWater}>
            <Droplets size={15} aria-hidden /> Set water to {figures.mass(water.toSet)}
          </ActionButton>
        )}
      </div>
    </section>
  );
}

/** The range, a surplus as such: never below nothing. */
function rangeWords({ needed, told: { low, high } }: BalanceAnswer["water"], figures: Figures): string {
  const [near, far] = needed < 0 ? [-high, -low] : [low, high];
  return near > 0 ? `about ${figures.massNumber(near)} to ${figures.mass(far)}` : `up to about ${figures.mass(far)}`;
}

/** The same word can be right for one style and too soft for another. */
const TOO: Record<BalanceAnswer["water"]["standing"], string> = {
  "in-balance": "",
  "needs-water": ", too firm for this style",
  "too-wet": ", too soft for this style",
};

const STANDINGS: Record<BalanceAnswer["water"]["standing"], string> = {
  "in-balance": "Inside the window as it is.",
  "needs-water": "Below the window: it needs water.",
  "too-wet": "Above the window: too wet as it is.",
};

function additions(given: BalanceAnswer["water"]["told"]["additions"], figures: Figures): string {
  const parts = [];
  if (given.full > 0) {
    parts.push(`${given.full} × ${figures.mass(given.eachGrams)}`);
  }
  if (given.lastGrams >= 0.5) {
    parts.push(figures.mass(given.lastGrams));
  }
  return parts.length > 0 ? `in additions of ${parts.join(", then ")}` : "";
}
