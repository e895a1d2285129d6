import type { Keeping } from "../api";
import { type Figures, useFigures } from "../figures";
import { hoursWords, leverWords, priceWords } from "./words";

interface KeepingWordsProps {
  answer: Keeping;
  name: (code: string | null | undefined) => string;
}

/** How long it is good, what it is like by then, and what would lengthen it. */
export function KeepingWords({ answer, name }: KeepingWordsProps) {
  const figures = useFigures();
  return (
    <div data-testid="keeping-words">
      <p className="font-display text-3xl" data-testid="holds">
        {headline(answer, figures)}
      </p>
      <p className="text-sm">
        {answer.storage.name[0]?.toUpperCase()}
        {answer.storage.name.slice(1)}. Just after cooking it holds{" "}
        <strong>{figures.number(answer.bakedMoisturePct, 1)} %</strong> of water;{" "}
        {answer.crisp
          ? `below ${figures.number(answer.crispBelowPct, 0)} % it is crisp.`
          : answer.foldThresholdPct != null
            ? `it folds without cracking down to ${figures.number(answer.foldThresholdPct, 1)} %.`
            : "it hardens as it cools, and is not meant to be folded. Warm it through before it is eaten later."}
      </p>
      <Folds answer={answer} figures={figures} />
      {answer.warming && <Warming answer={answer} figures={figures} />}
      {answer.levers.length > 0 && (
        <>
          <h2 className="section-title pt-3">What would keep it soft for longer</h2>
          <ul className="max-w-2xl text-sm" data-testid="keeping-levers">
            {answer.levers.map((lever) => (
              <li key={lever.kind} className="hairline flex flex-wrap gap-x-3 border-t py-1">
                <strong className="w-56">{leverWords(lever, name(lever.ingredient), figures)}</strong>
                <span>
                  {hoursWords(lever.softHours, answer.mostHours, figures)}, {figures.number(lever.gainHours, 1)} h more
                </span>
                <span className="soft">{priceWords(lever, figures)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="soft pt-2 text-xs">
        {answer.foldTests > 0
          ? `With ${answer.foldTests} fold ${answer.foldTests === 1 ? "test" : "tests"} of this kitchen: it needs ${figures.number(Math.abs(answer.ownOffsetPct), 1)} points of water ${answer.ownOffsetPct < 0 ? "less" : "more"} than typical.`
          : "Typical values, of low confidence, until the kitchen has folded its own."}{" "}
        They say how long bread is pleasant, never how long it is safe: follow your local food rules and a qualified
        adviser.
      </p>
    </div>
  );
}

function headline({ crisp, crispHours, softHours, mostHours }: Keeping, figures: Figures): string {
  if (crisp) {
    return crispHours
      ? `Crisp for ${hoursWords(crispHours, mostHours, figures)}`
      : "Never crisp: it holds too much water";
  }
  if (softHours == null) {
    return "Eaten hot, within the hour";
  }
  return softHours > 0 ? `Soft for ${hoursWords(softHours, mostHours, figures)}` : "Cracks when folded, from the start";
}

/** The chance that it folds, at some hours. */
function Folds({ answer, figures }: { answer: Keeping; figures: Figures }) {
  const { foldAt, at } = answer;
  if (!foldAt || at.foldPct == null) {
    return null;
  }
  const told = Object.entries(foldAt).map(
    ([hours, chance]) => `${hours === "0" ? "at once" : `after ${hours} h`} ${figures.percent(chance)}`,
  );
  return (
    <p className="pt-1 text-sm" data-testid="folds">
      Chance that it folds without cracking: {told.join(", ")}
      {String(at.hours) in foldAt
        ? "."
        : `; after ${figures.number(at.hours, Number.isInteger(at.hours) ? 0 : 1)} h ${figures.percent(at.foldPct)}.`}
    </p>
  );
}

function Warming({ answer, figures }: { answer: Keeping; figures: Figures }) {
  const { warming, mostHours } = answer;
  return warming ? (
    <p className="pt-1 text-sm" data-testid="warming">
      Warmed through in a covered pan after{" "}
      {figures.number(warming.afterHours, Number.isInteger(warming.afterHours) ? 0 : 1)} h, once:{" "}
      {figures.shows(warming.softHours, 0)
        ? `it folds for ${hoursWords(warming.softHours, mostHours, figures)} more.`
        : "it hardly folds again: it has lost too much water."}
    </p>
  ) : null;
}
