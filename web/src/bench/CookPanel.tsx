import { useState } from "react";
import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";
import { asSent, type NumberEntry, TemperatureField } from "../parts";
import { OUTCOMES } from "../words";
import { clockText } from "./clock";
import { FromDevice } from "./FromDevice";
import type { Noted } from "./useBench";

interface CookPanelProps {
  answer: BenchAnswer;
  shown: number;
  onNote: (...noted: Noted[]) => void;
}

type Piece = BenchAnswer["run"]["pieces"]["each"][number];

/** Pieces on the pan by one touch each: on, turned and what for, off and how far it puffed. */
export function CookPanel({ answer, shown, onNote }: CookPanelProps) {
  const figures = useFigures();
  const [celsius, setCelsius] = useState<NumberEntry>(null);
  const { cooking, run } = answer;
  const { pieces } = run;
  const next = pieces.nextToCook ?? Math.max(0, ...pieces.each.map(({ number }) => number)) + 1;
  const off = pieces.each.filter((piece) => piece.offAt != null).length;
  const first = pieces.pan[0];
  const last = pieces.pan.at(-1);
  return (
    <section aria-label="Cooking" data-testid="cook">
      {pieces.onPan.map((number) => {
        const piece = pieces.each.find((each) => each.number === number);
        return piece && <OnPan key={number} piece={piece} answer={answer} shown={shown} onNote={onNote} />;
      })}
      <div className="flex flex-wrap items-center gap-3 pt-1">
        <button
          className={`btn h-16 text-lg ${pieces.onPan.length === 0 ? "btn-primary" : ""}`}
          onClick={() => {
            onNote({ kind: "on-pan", piece: next, figure: asSent(celsius) });
            setCelsius(null);
          }}
        >
          Piece {next} {cooking.oven ? "into the oven" : "on the pan"}
        </button>
        <TemperatureField
          className="bench-field w-36"
          label="Pan now"
          value={celsius}
          placeholder={cooking.panC}
          onChange={setCelsius}
        />
        <span className="soft">where measured</span>
      </div>
      <FromDevice
        kind="pan"
        words={`Piece ${next} on, as it shows`}
        onTake={(shownC) => onNote({ kind: "on-pan", piece: next, figure: shownC })}
      />
      <p className="pt-2 text-lg" data-testid="cook-tally">
        {off === 0
          ? `The first piece is a trial: look after ${figures.number(cooking.first.lookS, 0)} s`
          : `${off} cooked`}
        {pieces.sideOneS != null && `; first side ${figures.number(pieces.sideOneS, 0)} s`}
        {pieces.sideTwoS != null && `, second ${figures.number(pieces.sideTwoS, 0)} s`}
        {first != null && last != null && pieces.pan.length > 1 && (
          <>
            ; the pan went from {figures.temperature(first)} to {figures.temperature(last)}
          </>
        )}
      </p>
    </section>
  );
}

/** A piece on the pan: its seconds against those that are typical. */
function OnPan({ piece, answer, shown, onNote }: CookPanelProps & { piece: Piece }) {
  const figures = useFigures();
  const { cooking } = answer;
  const turned = piece.turnedAt != null || cooking.sideTwoS === 0;
  const since = Date.parse((piece.turnedAt ?? piece.onAt) as string);
  const range = piece.turnedAt != null ? cooking.sideTwoRange : cooking.sideOneRange;
  const seconds = (shown - since) / 1000;
  const kind = turned ? "off-pan" : "turned";
  return (
    <div className="hairline border-b pb-2" data-testid="on-pan">
      <p className="pb-1">
        <span className="font-display text-7xl tabular-nums">{clockText(seconds)}</span>{" "}
        <span className="soft text-xl">
          piece {piece.number}, {piece.turnedAt != null ? "second" : "first"} side: {figures.number(range.low, 0)}–
          {figures.number(range.high, 0)} s
        </span>
      </p>
      <div
        className="flex flex-wrap gap-2"
        role="group"
        aria-label={turned ? `Piece ${piece.number} comes off` : `Piece ${piece.number} is turned for`}
      >
        {OUTCOMES[kind]?.map(({ code, name }) => (
          <button
            key={code}
            className="btn btn-primary h-16 min-w-16 flex-1 text-lg"
            onClick={() => onNote({ kind, piece: piece.number, outcome: code })}
          >
            {turned ? `off: ${name}` : `turn: ${name}`}
          </button>
        ))}
      </div>
    </div>
  );
}
