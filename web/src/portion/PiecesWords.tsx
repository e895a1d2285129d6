import type { Portion } from "../api";
import { ActionButton, type Editor, type PlannedPortion } from "../formula";
import { type Figures, useFigures } from "../figures";

interface PiecesWordsProps {
  answer: Portion;
  editor: Editor;
  plan: PlannedPortion;
  onPlan: (patch: Partial<PlannedPortion>, tag?: string) => void;
}

type Pieces = Portion["equal"][number];
type Mend = Portion["size"]["mends"][number];

/** What the dough makes, in a few lines: the count first, then what disagrees, what is left over, and other ways to divide it. */
export function PiecesWords({ answer, editor }: PiecesWordsProps) {
  const figures = useFigures();
  const { size, count, leftover, shortGrams, weighing, pan, sizes } = answer;
  const takeGrams = (grams: number) =>
    editor.edit({ kind: "notes", patch: { pieceGrams: grams, pieces: null, diameterMm: null } });
  return (
    <div data-testid="pieces">
      <p className="font-display text-3xl" data-testid="count">
        {count === 0 ? "Not enough dough for one" : `${count} ${count === 1 ? "piece" : "pieces"}`}
      </p>
      <p>
        of <strong>{figures.mass(size.grams)}</strong>
        {size.fillingGrams > 0 && ` of dough with ${figures.mass(size.fillingGrams)} of filling`},{" "}
        <strong>{figures.size(size.diameterMm)}</strong> across and{" "}
        <strong>{figures.number(size.sheetMm, 1)} mm</strong> thick.{" "}
        {leftover
          ? count === 0
            ? `There are ${figures.mass(answer.usableGrams)} to divide.`
            : `${figures.mass(leftover.grams)} are left over: a small one of ${figures.size(leftover.diameterMm)}.`
          : "Nothing is left over."}
      </p>
      <p className="soft text-sm">
        {figures.mass(answer.doughGrams)} of dough
        {figures.shows(answer.pickupGrams, 1) &&
          `, ${figures.mass(answer.pickupGrams)} of it picked up from bench and hands`}
        ; {figures.mass(answer.bowlLossGrams)} of it stay on bowl and hands. A scale that shows{" "}
        {figures.massNumber(weighing.stepGrams)} {figures.massUnit} leaves a piece {figures.percent(weighing.offPct)}{" "}
        off at most.
      </p>
      {shortGrams > 0 && answer.statedCount != null && (
        <p className="text-error pt-2 text-sm" role="alert">
          As many as {figures.number(answer.statedCount, 0)} of that weight need {figures.mass(shortGrams)} more dough:
          each gets {figures.mass(size.grams)}.
        </p>
      )}
      {size.mends.length > 0 && <Mends answer={answer} editor={editor} />}
      <ul className="max-w-2xl pt-3 text-sm" data-testid="ways">
        {answer.equal.map((each) => (
          <Way
            key={each.count}
            pieces={each}
            figures={figures}
            words={each.count === 1 ? "piece of all of it" : "equal pieces"}
            onUse={() => pieces(editor, each.count)}
          />
        ))}
        {pan && (
          <Way pieces={pan} figures={figures} words="as wide as the pan takes" onUse={() => takeGrams(pan.grams)} />
        )}
      </ul>
      {sizes && sizes.asked.length > 0 && <Sizes sizes={sizes} />}
    </div>
  );
}

function pieces(editor: Editor, count: number) {
  editor.edit({ kind: "notes", patch: { pieces: count, pieceGrams: null, diameterMm: null } });
}

interface WayProps {
  pieces: Pieces;
  figures: Figures;
  words: string;
  onUse: () => void;
}

function Way({ pieces, figures, words, onUse }: WayProps) {
  const what = `${pieces.count} ${words}`;
  return (
    <li className="hairline flex items-baseline gap-3 border-t py-1">
      <span className="flex-1">
        <strong>{what}</strong>: {figures.mass(pieces.grams)} each, {figures.size(pieces.diameterMm)} across
      </span>
      <ActionButton className="btn btn-xs" aria-label={`Use ${what}`} onClick={onUse}>
        Use
      </ActionButton>
    </li>
  );
}

/** Three that disagree, or what follows but is not said: each way to mend it. */
function Mends({ answer, editor }: { answer: Portion; editor: Editor }) {
  const figures = useFigures();
  const { disagrees, offPct, mends } = answer.size;
  const words = (mend: Mend) =>
    mend.side === "pieceGrams"
      ? `weigh ${figures.mass(mend.value)}`
      : mend.side === "diameterMm"
        ? `roll it ${figures.size(mend.value)} wide`
        : `roll it ${figures.number(mend.value, 1)} mm thick`;
  const use = ({ side, value }: Mend) =>
    side === "sheetMm"
      ? editor.edit({ kind: "settings", patch: { sheetMm: value } })
      : editor.edit({
          kind: "notes",
          patch: side === "pieceGrams" ? { pieceGrams: value, pieces: null } : { [side]: value },
        });
  return (
    <div
      className={`pt-2 text-sm ${disagrees ? "text-error" : ""}`}
      role={disagrees ? "alert" : undefined}
      data-testid="mends"
    >
      {disagrees && offPct != null
        ? `Weight, diameter and thickness do not belong together: the piece is ${figures.percent(Math.abs(offPct))} ${offPct > 0 ? "heavier" : "lighter"} than that. One of them gives way:`
        : "The formula does not say so yet:"}
      <span className="flex flex-wrap gap-2 pt-1">
        {mends.map((mend) => (
          <ActionButton key={mend.side} className="btn btn-xs" onClick={() => use(mend)}>
            {words(mend)}
          </ActionButton>
        ))}
      </span>
    </div>
  );
}

/** Pieces of several sizes: whether the dough is enough, and what fits it. */
function Sizes({ sizes }: { sizes: NonNullable<Portion["sizes"]> }) {
  const figures = useFigures();
  const list = (all: Pieces[]) =>
    all
      .map(({ count, grams, diameterMm }) => `${count} of ${figures.mass(grams)} (${figures.size(diameterMm)})`)
      .join(" and ");
  return (
    <p className="pt-3 text-sm" data-testid="sizes">
      {list(sizes.asked)} need {figures.mass(sizes.neededGrams)}:{" "}
      {sizes.leftGrams >= 0
        ? `${figures.mass(sizes.leftGrams)} are left over.`
        : `${figures.mass(-sizes.leftGrams)} are missing.`}{" "}
      <span className="soft">All of the dough, in that proportion: {list(sizes.fitted)}.</span>
    </p>
  );
}
