import type { Shapes } from "../api";
import { useFigures } from "../figures";
import { Steps } from "../parts";
import { CutSheet } from "./CutSheet";
import { FilledSection } from "./FilledSection";
import { matchWords } from "./words";

/** What pieces that are more than a disc make, and where they go wrong. */
export function Shaped({ answer: { filled, layered, cut }, onFilled }: { answer: Shapes; onFilled: () => void }) {
  return (
    <div data-testid="shaped">
      {filled && <Filled filled={filled} onFilled={onFilled} />}
      {layered && <Layered layered={layered} />}
      {cut && <Cut cut={cut} />}
    </div>
  );
}

function Filled({ filled, onFilled }: { filled: NonNullable<Shapes["filled"]>; onFilled: () => void }) {
  const figures = useFigures();
  return (
    <>
      <p className="font-display text-3xl">
        {filled.count === 0
          ? "Not enough for one"
          : `${filled.count} filled ${filled.count === 1 ? "piece" : "pieces"}`}
      </p>
      <p>
        {figures.mass(filled.shellGrams)} of dough round {figures.mass(filled.fillingGrams)} of filling,{" "}
        {figures.size(filled.diameterMm)} across. {matchWords(filled, figures)}
      </p>
      <p className={`pt-2 ${filled.thinWall || filled.piecesTooLarge ? "text-error" : ""}`} data-testid="wall">
        Rolled, the wall is <strong>{figures.number(filled.wallMm, 1)} mm</strong> on each side
        {filled.thinWall
          ? `: below ${figures.number(filled.leastWallMm, 1)} mm it tears. More dough, less filling, or a thicker sheet.`
          : "."}
        {filled.piecesTooLarge &&
          ` The hard pieces of the filling, ${figures.number(filled.hardPieceMm, 1)} mm, break through it. Chop them finer, or cook them soft.`}
      </p>
      {!filled.judged && (
        <p className="pt-1 text-sm" data-testid="not-judged">
          Nothing says yet that its pieces are made with the filling inside, so the other stations judge its plain
          sheet.{" "}
          <button className="link text-primary" onClick={onFilled}>
            make them filled
          </button>
        </p>
      )}
      <FilledSection filled={filled} />
      <p className="soft text-sm">
        Between two discs, each is rolled {figures.number(filled.wallMm, 1)} mm thin and the filling lies{" "}
        {figures.number(filled.betweenMm, 1)} mm high.
      </p>
      <div className="soft pt-2 text-xs">
        <Steps steps={filled.steps} />
      </div>
    </>
  );
}

function Layered({ layered }: { layered: NonNullable<Shapes["layered"]> }) {
  const figures = useFigures();
  const { about, layers, layerMm, merge, mostTimes, fatGrams, fatPerLayerGrams } = layered;
  return (
    <>
      <p className="font-display text-3xl">
        {about ? `About ${figures.number(layers, 0)} turns` : `${figures.number(layers, 0)} layers`}
      </p>
      <p>
        Each is <strong>{figures.number(layerMm, 2)} mm</strong> in the finished sheet, with{" "}
        {figures.mass(fatPerLayerGrams)} of the {figures.mass(fatGrams)} of fat between two.
      </p>
      {merge && (
        <p className="text-error pt-2" role="alert">
          Thinner than {figures.number(layered.mergeBelowMm, 2)} mm they run together
          {mostTimes == null ? ": take a thicker roll." : `: fold it ${mostTimes} times at most.`}
        </p>
      )}
      <div className="soft pt-2 text-xs">
        <Steps steps={layered.steps} />
      </div>
    </>
  );
}

function Cut({ cut }: { cut: NonNullable<Shapes["cut"]> }) {
  const figures = useFigures();
  return (
    <>
      <p className="font-display text-3xl">{cut.perSheet} from a sheet</p>
      <p>
        {figures.mass(cut.pieceGrams)} each, from {figures.mass(cut.sheetGrams)} of dough;{" "}
        {figures.mass(cut.trimmingsGrams)} are trimmings.{" "}
        {cut.sheets === 0
          ? "The dough is not enough for one such sheet."
          : `The dough makes ${cut.sheets} ${cut.sheets === 1 ? "sheet" : "sheets"}: ${cut.total} pieces, trimmings rolled out again.`}
      </p>
      <CutSheet cut={cut} />
      {cut.rerolls.length > 0 && (
        <ul className="list-disc pt-2 pl-5 text-sm" data-testid="rerolls">
          {cut.rerolls.map((reroll, index) => (
            <li key={index}>
              Rolled out {index === 0 ? "again" : "once more"}: {reroll.pieces} more,{" "}
              {figures.mass(reroll.trimmingsGrams)} left; springs back {figures.number(reroll.springBackPoints, 0)}{" "}
              points more than the first sheet.
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
