import { Link } from "react-router";
import type { LadderAnswer, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { ActionButton } from "../formula";
import { brokenName, cautionWords, type FormulaFigure, figureName, figureWords, waterBriefly } from "../words";
import { isSameShare } from "./plan";

interface RungWordsProps {
  answer: LadderAnswer;
  pantry: PantryDocument;
  share: number | null;
  table: boolean;
  onTable: (table: boolean) => void;
  onOpen: () => void;
  /** Shares that were picked for a series of trials. */
  picked: number[];
  onTake: (share: number) => void;
  onSeries: () => void;
}

const TOLD: FormulaFigure[] = [
  "rollability",
  "window.minutes",
  "minSheetMm",
  "proteinGrams",
  "fibreGrams",
  "costPerPiece",
];

/** The chosen rung in words, with what can be done with it. */
export function RungWords({ answer, pantry, share, table, onTable, onOpen, picked, onTake, onSeries }: RungWordsProps) {
  const figures = useFigures();
  const rung = answer.rungs.find((each) => isSameShare(each.share, share));
  const isPicked = rung !== undefined && picked.some((each) => isSameShare(each, rung.share));
  const gained = rung && [
    ...rung.allergensGained.map((name) => `${name} to declare`),
    ...rung.cautionsGained.map((caution) => `caution “${cautionWords(caution, figures).title}”`),
  ];
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 pt-3 text-sm" data-testid="rung">
      {rung ? (
        <>
          <span className="text-lg font-semibold">{figures.percent(100 * rung.share)}</span>
          <span>
            water <strong>{waterBriefly(rung.balance.water, figures)}</strong>
          </span>
          {TOLD.filter((figure) => rung.balance.figures[figure] !== undefined).map((figure) => (
            <span key={figure}>
              {figureName(figure)} <strong>{figureWords(figure, rung.balance.figures[figure], figures)}</strong>
            </span>
          ))}
          {rung.broken.length > 0 && (
            <span className="text-error">not kept: {rung.broken.map(brokenName).join(", ")}</span>
          )}
          {rung.batches.map((batch) => (
            <Link key={batch.id} className="link" to={`/formulas/${batch.formula}/handling?version=${batch.version}`}>
              made {figures.date(batch.startedAt)}: felt {feelName(batch.feel, pantry)} at minute{" "}
              {figures.number(batch.minute, 0)}
            </Link>
          ))}
          {gained && gained.length > 0 && <span>Comes in: {gained.join("; ")}.</span>}
        </>
      ) : (
        <span className="soft">
          Click a rung, or go up and down with the arrow keys; Enter shows its formula beside the one it comes from.
        </span>
      )}
      <span className="ml-auto flex gap-2">
        {picked.length > 1 && (
          <button type="button" className="btn btn-sm" onClick={onSeries}>
            Make trials of {picked.length} rungs
          </button>
        )}
        {rung && (
          <>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-pressed={isPicked}
              onClick={() => onTake(rung.share)}
            >
              {isPicked ? "Not for trials" : "Pick it for trials"}
            </button>
            <ActionButton className="btn btn-primary btn-sm" onClick={onOpen}>
              Open this formula
            </ActionButton>
          </>
        )}
        <button type="button" className="btn btn-ghost btn-sm" aria-pressed={table} onClick={() => onTable(!table)}>
          {table ? "Picture" : "Table"}
        </button>
      </span>
    </div>
  );
}

function feelName(code: string, pantry: PantryDocument): string {
  return pantry.feels.find((feel) => feel.code === code)?.name ?? code;
}
