import { Link as LinkIcon } from "lucide-react";
import type { KeyboardEvent } from "react";
import type { ChainAnswer, ChainSpec } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { MassField, type NumberEntry } from "../parts";
import { addStep, linkChain } from "./editChain";
import { REMARKS, type StepKind, STEPS } from "./steps";

const KINDS = Object.keys(STEPS) as StepKind[];

/** A key opens the list instead of choosing at once: each choice adds a step. */
function opensTheList(event: KeyboardEvent<HTMLSelectElement>): void {
  const chooses =
    event.key.startsWith("Arrow") || (event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey);
  if (chooses) {
    event.preventDefault();
    event.currentTarget.showPicker();
  }
}

interface ChainEndProps {
  chain: ChainSpec;
  index: number;
  answer: ChainAnswer | null;
  editor: Editor;
  need: number | null;
  onNeed: (grams: number | null) => void;
}

/** What meets the flour: how much, how wet, in which form, where it goes; and backwards, how much to buy. */
export function ChainEnd({ chain, index, answer, editor, need, onNeed }: ChainEndProps) {
  const figures = useFigures();
  const linked = editor.draft.lines.flatMap((line, at) => (line.prep === chain.key ? [{ line, at }] : []));
  return (
    <div className="border-primary min-w-56 flex-1 border-l-4 py-1 pl-4 text-sm">
      <select
        className="quiet-field framed mb-3 !w-40 text-sm"
        aria-label="Add a step"
        value=""
        onKeyDown={opensTheList}
        onChange={(event) => addStep(editor, index, event.target.value)}
      >
        <option value="">+ add a step</option>
        {KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {STEPS[kind].name}
          </option>
        ))}
      </select>
      <p className="soft text-xs">What meets the flour</p>
      {answer ? (
        <>
          <p className="font-display text-3xl leading-tight" data-testid="result-grams">
            {figures.mass(answer.result.grams)}
          </p>
          <p>
            {answer.result.name}
            {answer.form && `, ${answer.form}`}
          </p>
          <p>
            water <strong data-testid="result-water">{figures.percent(answer.result.waterPct)}</strong>, dry matter{" "}
            <strong>{figures.mass(answer.result.solidsGrams)}</strong>
            {answer.pieceMm != null && answer.pieceMm > 0 && (
              <>
                , pieces <strong>{figures.number(answer.pieceMm, 1)} mm</strong>
              </>
            )}
          </p>
          {answer.result.additions.length > 0 && (
            <p className="soft text-xs">
              with{" "}
              {answer.result.additions
                .map(({ name, grams }) => `${figures.mass(grams)} ${name.toLowerCase()}`)
                .join(", ")}
            </p>
          )}
          {answer.usedLiquidGrams > 0 && (
            <p className="text-xs">and {figures.mass(answer.usedLiquidGrams)} of its liquid as dough water</p>
          )}
          {answer.use === "kept" && answer.liquid.caughtGrams > 0 && (
            <p className="text-xs" data-testid="kept">
              {figures.mass(answer.liquid.caughtGrams)} of liquid kept: into the next dough as a line of pressed
              vegetable liquid
            </p>
          )}
        </>
      ) : (
        <p className="soft">Correct the weights first: see the red words on the left.</p>
      )}
      {answer?.remarks.map((remark) => (
        <p key={remark} className="border-warning mt-1 border-l-4 pl-2 text-xs leading-snug" data-remark={remark}>
          {REMARKS[remark]}
        </p>
      ))}
      <div className="pt-2">
        {linked.map(({ line, at }) => (
          <p key={line.key} className="flex items-center gap-1 text-xs">
            <LinkIcon size={13} aria-hidden /> line {at + 1}
            {line.part === "filling"
              ? ", in the filling"
              : line.part === "surface"
                ? ", on the surface"
                : line.part === "beside"
                  ? ", beside"
                  : ", in the dough"}
            {line.grams === null
              ? ": all of it"
              : `: ${typeof line.grams === "number" ? figures.mass(line.grams) : line.grams}`}
          </p>
        ))}
        {linked.length === 0 && (
          <div className="flex flex-wrap gap-1">
            <button className="btn btn-xs btn-primary" onClick={() => linkChain(editor, chain.key ?? "", null)}>
              Put into the dough
            </button>
            <button className="btn btn-xs" onClick={() => linkChain(editor, chain.key ?? "", "filling")}>
              Put into the filling
            </button>
          </div>
        )}
      </div>
      <div className="flex items-center gap-1 pt-2 text-xs">
        <span className="soft">I need</span>
        <MassField
          label="How much I need"
          className="w-24"
          value={need as NumberEntry}
          dataField="need"
          onChange={(grams) => onNeed(typeof grams === "number" && grams > 0 ? grams : null)}
        />
        {answer?.buyGrams != null && (
          <span data-testid="buy">
            : buy <strong>{figures.mass(answer.buyGrams)}</strong>
          </span>
        )}
      </div>
    </div>
  );
}
