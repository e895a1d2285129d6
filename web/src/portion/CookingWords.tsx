import type { Cooking } from "../api";
import { type Figures, useFigures } from "../figures";
import { limitedWords, secondsRange, timesWords } from "./words";

/** What is done at the pan, side by side with the cue that ends it; what is lost; and how many an hour. */
export function CookingWords({ answer }: { answer: Cooking }) {
  const figures = useFigures();
  const { sideOneS, sideOneRange, sideTwoS, sideTwoRange, statedSideS, first } = answer;
  return (
    <div data-testid="cooking-words">
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2 xl:grid-cols-4">
        <Side
          name={sideTwoS > 0 ? "First side" : "On one side"}
          seconds={secondsRange(sideOneS, sideOneRange, figures)}
          cue={
            sideTwoS > 0
              ? "Turn it when small blisters stand and the edge changes colour."
              : "Done when it is dry through and through and sounds crisp."
          }
          testId="side-one"
        />
        {sideTwoS > 0 && (
          <Side
            name="Second side"
            seconds={secondsRange(sideTwoS, sideTwoRange, figures)}
            cue="Done when it has brown spots, no wet patches, and springs back when pressed."
            testId="side-two"
          />
        )}
        <Side
          name="Cooked piece"
          seconds={figures.mass(answer.cookedGrams)}
          cue={`${figures.percent(answer.cookLossPct)} of ${figures.mass(answer.pieceGrams)} are lost as steam.`}
          testId="cooked"
        />
        <Side
          name="An hour"
          seconds={`${figures.number(Math.floor(answer.piecesPerHour), 0)} pieces`}
          cue={limitedWords(answer, figures)}
          testId="per-hour"
        />
      </div>
      {statedSideS != null && (
        <p className="pt-2 text-sm">The recipe says {figures.number(statedSideS, 0)} s a side.</p>
      )}
      {answer.pieces != null && answer.allMinutes != null && (
        <p className="pt-2 text-sm" data-testid="all-pieces">
          All {figures.number(answer.pieces, 0)} of them take about{" "}
          <strong>{figures.number(answer.allMinutes, 0)} min</strong>.
        </p>
      )}
      <First first={first} figures={figures} oven={answer.oven} />
      <p className="soft pt-2 text-xs">{timesWords(answer)}</p>
    </div>
  );
}

interface SideProps {
  name: string;
  seconds: string;
  cue: string;
  testId: string;
}

function Side({ name, seconds, cue, testId }: SideProps) {
  return (
    <div data-testid={testId}>
      <p className="soft text-sm">{name}</p>
      <p className="font-display text-2xl">{seconds}</p>
      <p className="text-sm">{cue}</p>
    </div>
  );
}

/** The first piece as a trial. */
function First({ first, figures, oven }: { first: Cooking["first"]; figures: Figures; oven: boolean }) {
  const place = oven ? "oven" : "pan";
  return (
    <div className="pt-3 text-sm" data-testid="first-piece">
      <h2 className="section-title">The first piece is a trial</h2>
      <ul className="list-disc pl-5">
        <li>
          Look under it after {figures.number(first.lookS, 0)} s. Still pale, without blisters: {place} to{" "}
          {figures.temperature(first.panIfPaleC)}, or {figures.number(first.secondsIfPale, 0)} s longer on a side.
        </li>
        <li>
          Dark before it is dry inside: {place} to {figures.temperature(first.panIfDarkC)}, and the full time.
        </li>
      </ul>
    </div>
  );
}
