import { type KeyboardEvent, type MouseEvent, useMemo } from "react";
import type { LadderAnswer } from "../api";
import { useFigures } from "../figures";
import { brokenName, figureWords } from "../words";
import { type Drawn, drawnOf, labelTops } from "./ladderGeometry";
import { Lanes } from "./Lanes";
import { isSameShare } from "./plan";

type Rung = LadderAnswer["rungs"][number];

interface LadderPictureProps {
  answer: LadderAnswer;
  /** The share that is chosen, 0 to 1; null for none. */
  share: number | null;
  /** Shares that were picked for a series of trials. */
  forTrials: number[];
  onPick: (share: number) => void;
  /** What happens when somebody wants to see the chosen rung from near. */
  onOpen: () => void;
}

const GUTTER = "9rem";

/**
 * A ladder that one climbs: a rung for each share, broken where a limit is, and beside it what becomes of the dough. A line
 * through all of it is where a limit is crossed.
 */
export function LadderPicture({ answer, share, forTrials, onPick, onOpen }: LadderPictureProps) {
  const figures = useFigures();
  const { rungs } = answer;
  const drawn = useMemo(() => drawnOf(rungs), [rungs]);
  const picked = rungs.findIndex((rung) => isSameShare(rung.share, share));
  const pick = (index: number) => {
    const rung = rungs[Math.max(0, Math.min(rungs.length - 1, index))];
    if (rung) {
      onPick(rung.share);
    }
  };
  const climb = (event: KeyboardEvent) => {
    const to = { ArrowUp: picked + 1, ArrowDown: picked - 1, PageUp: picked + 5, PageDown: picked - 5, Home: 0 };
    const step = event.key === "End" ? rungs.length - 1 : to[event.key as keyof typeof to];
    if (event.key === "Enter") {
      onOpen();
    } else if (step === undefined || event.altKey) {
      return;
    } else {
      pick(step);
    }
    event.preventDefault();
  };
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const { top, height } = event.currentTarget.getBoundingClientRect();
    pick(rungs.length - 1 - Math.floor(((event.clientY - top) / height) * rungs.length));
  };
  const first = rungs[0]?.share ?? 0;
  return (
    <div style={{ paddingRight: GUTTER }} className="relative" data-testid="ladder-picture">
      <div
        role="slider"
        tabIndex={0}
        aria-label="Rung"
        aria-orientation="vertical"
        aria-valuemin={Math.round(100 * first)}
        aria-valuemax={Math.round(100 * (rungs.at(-1)?.share ?? 1))}
        aria-valuenow={Math.round(100 * (rungs[picked]?.share ?? first))}
        aria-valuetext={picked < 0 ? "no rung chosen" : spoken(rungs[picked] as Rung)}
        className="relative cursor-pointer"
        onKeyDown={climb}
        onClick={click}
        onDoubleClick={onOpen}
      >
        <Lanes answer={answer} drawn={drawn} picked={picked} forTrials={forTrials} />
        <Crossings answer={answer} drawn={drawn} />
        {first === 0 && (
          <span className="soft absolute left-full pl-3 text-xs whitespace-nowrap" style={{ top: drawn.top(0) - 8 }}>
            as it is
          </span>
        )}
      </div>
    </div>
  );

  function spoken(rung: Rung): string {
    const broken = rung.broken.map(brokenName).join(", ");
    const isForTrials = forTrials.some((each) => isSameShare(rung.share, each));
    const told = (["waterNeeded", "rollability", "window.minutes"] as const).map((figure) =>
      figureWords(figure, rung.balance.figures[figure], figures),
    );
    return `${figures.percent(100 * rung.share)}: water ${told[0]}, rollability ${told[1]}, ${told[2]} to roll it${broken ? `; not kept: ${broken}` : ""}${isForTrials ? "; picked for trials" : ""}`;
  }
}

/** Where limits are crossed: a line through the ladder, with the limit's name at its end. */
function Crossings({ answer, drawn }: { answer: LadderAnswer; drawn: Drawn }) {
  const figures = useFigures();
  const lines = answer.crossings.map((crossing) => ({ ...crossing, top: drawn.top(crossing.share) }));
  const labels = labelTops(lines.map(({ top }) => top));
  if (lines.length === 0) {
    return (
      <span className="soft absolute top-1 left-full w-34 pl-3 text-xs">
        {!answer.rungs.some(({ broken }) => broken.length > 0)
          ? "No limit breaks."
          : answer.rungs.every(({ broken }) => broken.length > 0)
            ? "Broken on every rung."
            : "Broken as it is; no limit breaks once its water is set right."}
      </span>
    );
  }
  return lines.map(({ figure, share, breaks, top }, index) => (
    <div key={`${figure} ${share}`} data-crossing={figure} data-share={share}>
      <span className="border-error absolute inset-x-0 border-t border-dashed" style={{ top }} />
      <svg className="absolute left-full overflow-visible" width="14" height="1" style={{ top }} aria-hidden>
        <path d={`M0 .5L12 ${(labels[index] ?? top) - top}`} stroke="var(--color-error)" fill="none" />
      </svg>
      <span
        className="text-error absolute text-xs whitespace-nowrap"
        style={{ top: (labels[index] ?? top) - 8, left: "calc(100% + 15px)" }}
      >
        {brokenName(figure)} {breaks ? "to" : "from"} {figures.number(100 * share, 1)} %
      </span>
    </div>
  ));
}
