import { type KeyboardEvent, type MouseEvent, useMemo } from "react";
import type { LadderAnswer } from "../api";
import { type Figures, useFigures } from "../figures";
import { brokenName, figureName, figureWords } from "../words";
import { isSameShare } from "./plan";

type Cell = NonNullable<LadderAnswer["field"]>[number];

interface FieldPictureProps {
  cells: Cell[];
  share: number | null;
  second: number | null;
  /** Names of what is raised to the right, and upward. */
  names: string[];
  onPick: (share: number, second: number) => void;
}

/** Two things raised at once: a field of formulas, lit where every limit is kept, the brighter the better it rolls. */
export function FieldPicture({ cells, share, second, names, onPick }: FieldPictureProps) {
  const figures = useFigures();
  const { across, up, byPlace } = useMemo(() => fieldOf(cells), [cells]);
  const column = across.findIndex((each) => isSameShare(each, share));
  const row = up.findIndex((each) => isSameShare(each, second));
  const chosen = column < 0 || row < 0 ? undefined : byPlace.get(`${column} ${row}`);
  const pick = (toColumn: number, toRow: number) => {
    const cell = byPlace.get(`${toColumn} ${toRow}`);
    if (cell) {
      onPick(cell.share, cell.second);
    }
  };
  const move = (event: KeyboardEvent) => {
    const way = { ArrowUp: [0, 1], ArrowDown: [0, -1], ArrowRight: [1, 0], ArrowLeft: [-1, 0] }[event.key];
    if (way && !event.altKey) {
      event.preventDefault();
      pick(Math.max(0, Math.max(0, column) + (way[0] ?? 0)), Math.max(0, Math.max(0, row) + (way[1] ?? 0)));
    }
  };
  const click = (event: MouseEvent<HTMLDivElement>) => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    pick(
      Math.floor(((event.clientX - left) / width) * across.length),
      up.length - 1 - Math.floor(((event.clientY - top) / height) * up.length),
    );
  };
  return (
    <div className="flex gap-6" data-testid="field">
      <div className="w-full max-w-2xl">
        <p className="pb-1 text-sm">
          ↑ {names[1]}, to {figures.percent(100 * (up.at(-1) ?? 0))}
        </p>
        <div
          role="application"
          aria-label={`Field of ${names.join(" and ")}: arrow keys choose`}
          tabIndex={0}
          className="relative grid cursor-pointer"
          style={{ gridTemplateColumns: `repeat(${across.length}, minmax(0,1fr))`, height: "24rem" }}
          onKeyDown={move}
          onClick={click}
        >
          {up
            .toReversed()
            .map((above, fromTop) =>
              across.map((to, at) => (
                <FieldCell
                  key={`${to} ${above}`}
                  cell={byPlace.get(`${at} ${up.length - 1 - fromTop}`)}
                  picked={at === column && up.length - 1 - fromTop === row}
                />
              )),
            )}
        </div>
        <p className="pt-1 text-right text-sm">
          → {names[0]}, to {figures.percent(100 * (across.at(-1) ?? 0))}
        </p>
      </div>
      <div className="text-sm">
        <CellWords cell={chosen} names={names} figures={figures} />
        <Legend cells={cells} />
      </div>
    </div>
  );
}

function FieldCell({ cell, picked }: { cell?: Cell; picked: boolean }) {
  const broken = !cell || cell.broken.length > 0;
  const light = cell ? Math.round(25 + 0.75 * (cell.figures.rollability ?? 0)) : 0;
  return (
    <span
      data-cell={cell ? `${cell.share} ${cell.second}` : undefined}
      data-broken={cell?.broken.join(" ")}
      className={`border-base-100 border ${picked ? "outline-base-content z-10 outline-3" : ""} ${cell ? "" : "opacity-0"}`}
      style={{
        background: broken
          ? "repeating-linear-gradient(45deg, var(--color-base-300) 0 3px, var(--color-base-200) 3px 6px)"
          : `color-mix(in oklab, var(--color-primary) ${light}%, var(--color-base-100))`,
      }}
    />
  );
}

function CellWords({ cell, names, figures }: { cell?: Cell; names: string[]; figures: Figures }) {
  if (!cell) {
    return <p className="soft max-w-56 pt-6">Click in the field, or go through it with the arrow keys.</p>;
  }
  return (
    <div className="pt-6" data-testid="cell">
      <p className="font-semibold">
        {figures.percent(100 * cell.share)} {names[0]}, {figures.percent(100 * cell.second)} {names[1]}
      </p>
      {(["waterNeeded", "rollability", "window.minutes", "minSheetMm", "proteinGrams", "costPerPiece"] as const).map(
        (figure) => (
          <p key={figure}>
            {figureName(figure)} <strong>{figureWords(figure, cell.figures[figure], figures)}</strong>
          </p>
        ),
      )}
      {cell.broken.length > 0 && <p className="text-error">not kept: {cell.broken.map(brokenName).join(", ")}</p>}
    </div>
  );
}

/** Which limits break somewhere in the field. */
function Legend({ cells }: { cells: Cell[] }) {
  const broken = [...new Set(cells.flatMap((cell) => cell.broken))];
  return (
    <p className="soft max-w-56 pt-4">
      {broken.length === 0
        ? "Every limit is kept everywhere."
        : `Hatched: a limit breaks (${broken.map(brokenName).join(", ")}). The deeper the colour, the better it rolls.`}
    </p>
  );
}

/** The shares of both sides, and the cells by their places. */
function fieldOf(cells: Cell[]) {
  const across = [...new Set(cells.map(({ share }) => share))].sort((one, other) => one - other);
  const up = [...new Set(cells.map(({ second }) => second))].sort((one, other) => one - other);
  const byPlace = new Map(
    cells.map((cell) => [`${across.indexOf(cell.share)} ${up.indexOf(cell.second)}`, cell] as const),
  );
  return { across, up, byPlace };
}
