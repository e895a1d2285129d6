import { useState } from "react";
import type { BalanceAnswer, LedgerRow, PantryDocument } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { ARM, CRADLE, deflection, DIAL, drop, PIVOT, stack, tilt, VIEW } from "./beamGeometry";
import { Dial } from "./Dial";
import { Pan } from "./Pan";

interface BeamProps {
  answer: BalanceAnswer;
  pantry: PantryDocument;
  editor: Editor;
}

/** How the beam stands; inside the window a dough that leans is right as it is. */
const LEANS = {
  dry: { inside: "leans a little to the firm side, inside the window", outside: "tips to the dry side" },
  wet: { inside: "leans a little to the soft side, inside the window", outside: "tips to the wet side" },
};

/** Where an aim outside the window is what tips it, the window says the opposite of the beam. */
function leans({ missing, standing }: BalanceAnswer["water"]): string {
  if (Math.abs(missing) < 0.5) {
    return "is level";
  }
  const side = missing > 0 ? "dry" : "wet";
  if (standing === "in-balance") {
    return LEANS[side].inside;
  }
  const agrees = (side === "dry") === (standing === "needs-water");
  return agrees ? LEANS[side].outside : `stands ${side === "dry" ? "drier" : "wetter"} than the softness aimed for`;
}

/**
 * The beam: a scale drawn from the ledger. What drinks hangs on the left arm, as much as it drinks at the softness
 * aimed for; what brings hangs on the right. The pointer reads the feel. With added water at the answer it is level.
 */
export function Beam({ answer, pantry, editor }: BeamProps) {
  const figures = useFigures();
  const [held, setHeld] = useState<number | null>(null);
  const { ledger, settings, water, softnessAtRoll } = answer;
  const aim = settings.softnessTarget;
  const drinks = answer.drinksGrams * aim;
  const heaviest = Math.max(drinks, answer.bringsGrams, answer.bringsGrams + Math.max(0, water.missing), 1);
  const perGram = held ?? CRADLE.stack / heaviest;
  const turned = deflection(answer, softnessAtRoll ?? aim);
  const down = drop(turned);

  const pan = (side: "drinks" | "brings") => ({
    blocks: stack(ledger, (row: LedgerRow) => (side === "drinks" ? row.drinksGrams * aim : row.bringsGrams), perGram),
    perGram,
    editor,
    onHold: (holding: boolean) => setHeld(holding ? perGram : null),
  });
  const summary =
    softnessAtRoll == null
      ? "Nothing drinks yet, so the beam hangs free."
      : `The beam ${leans(water)}: ` +
        `${figures.mass(answer.bringsGrams)} brought, ${figures.mass(drinks)} drunk at softness ${figures.number(aim, 2)}.`;

  return (
    <figure className="pb-1">
      <svg
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="block max-h-[26rem] w-full select-none"
        role="group"
        aria-label={summary}
        data-testid="beam"
        data-tilt={tilt(turned).toFixed(2)}
      >
        <Dial answer={answer} pantry={pantry} />
        <Stand />
        <g className="settles" style={{ transform: `translate(0, ${-down}px)` }}>
          <Pan x={PIVOT.x - ARM} inner="right" title="drinks" total={drinks} {...pan("drinks")} />
        </g>
        <g className="settles" style={{ transform: `translate(0, ${down}px)` }}>
          <Pan
            x={PIVOT.x + ARM}
            inner="left"
            title="brings"
            total={answer.bringsGrams}
            missing={water.missing}
            {...pan("brings")}
          />
        </g>
        <g
          className="settles"
          style={{ transform: `rotate(${tilt(turned)}deg)`, transformOrigin: `${PIVOT.x}px ${PIVOT.y}px` }}
        >
          <path
            d={`M${PIVOT.x - ARM} ${PIVOT.y - 3}Q${PIVOT.x} ${PIVOT.y - 17} ${PIVOT.x + ARM} ${PIVOT.y - 3}L${PIVOT.x + ARM} ${PIVOT.y + 3}Q${PIVOT.x} ${PIVOT.y + 5} ${PIVOT.x - ARM} ${PIVOT.y + 3}Z`}
            fill="var(--color-secondary)"
          />
          <circle cx={PIVOT.x - ARM} cy={PIVOT.y} r="5" fill="var(--color-base-content)" />
          <circle cx={PIVOT.x + ARM} cy={PIVOT.y} r="5" fill="var(--color-base-content)" />
        </g>
        {softnessAtRoll != null && (
          <g
            className="settles"
            data-testid="pointer"
            style={{ transform: `rotate(${turned * DIAL.sweep}deg)`, transformOrigin: `${PIVOT.x}px ${PIVOT.y}px` }}
          >
            <path
              d={`M${PIVOT.x - 4} ${PIVOT.y}L${PIVOT.x} ${PIVOT.y - DIAL.radius + 12}L${PIVOT.x + 4} ${PIVOT.y}Z`}
              fill="var(--color-base-content)"
            />
          </g>
        )}
        <circle cx={PIVOT.x} cy={PIVOT.y} r="9" fill="var(--color-base-content)" />
        <circle cx={PIVOT.x} cy={PIVOT.y} r="3" fill="var(--color-base-100)" />
      </svg>
      <figcaption className="sr-only">{summary}</figcaption>
    </figure>
  );
}

/** The post and the foot of the scale on the bench. */
function Stand() {
  const foot = VIEW.height - 8;
  return (
    <g fill="var(--color-secondary)">
      <path d={`M${PIVOT.x - 5} ${PIVOT.y}h10l4 ${foot - 14 - PIVOT.y}h-18z`} />
      <path d={`M${PIVOT.x - 62} ${foot}q4-14 62-14t62 14z`} />
      <path d={`M40 ${foot}H${VIEW.width - 40}`} stroke="var(--color-base-300)" strokeWidth="1.5" />
    </g>
  );
}
