import { Link as LinkIcon } from "lucide-react";
import type { KeyboardEvent } from "react";
import type { ChainAnswer, ChainSpec } from "../api";
import { type Editor, useFormulaEdit } from "../formula";
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

const PLACES: Record<string, string> = {
  dough: "in the dough",
  filling: "in the filling",
  surface: "on the surface",
  beside: "beside",
};

const PUT = [
  [null, "into the dough"],
  ["filling", "into the filling"],
] as const;

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
  const change = useFormulaEdit(editor);
  const linked = editor.draft.lines.flatMap((line, at) => (line.prep === chain.key ? [{ line, at }] : []));
  const takePart = (grams: number) => {
    const first = linked[0]?.line;
    if (first) {
      editor.edit({ kind: "line", key: first.key, patch: { grams } });
    } else {
      linkChain(editor, chain.key ?? "", null, grams);
    }
  };
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
          <div key={line.key} className="flex items-center gap-1 pb-0.5 text-xs">
            <LinkIcon size={13} aria-hidden /> line {at + 1}, {PLACES[line.part ?? "dough"]}
            <MassField
              label={`How much goes into line ${at + 1}`}
              className="w-24"
              value={line.grams}
              placeholder="all of it"
              onChange={(grams) => editor.edit({ kind: "line", key: line.key, patch: { grams } })}
            />
          </div>
        ))}
        {answer && linked.length > 0 && figures.shows(answer.leftGrams, 0) && (
          <p className="text-xs" data-testid="left">
            {answer.leftGrams > 0
              ? `${figures.mass(answer.leftGrams)} is left over.`
              : `${figures.mass(-answer.leftGrams)} more goes in than there is.`}
          </p>
        )}
        {(linked.length === 0 || (answer && answer.leftGrams > 0.5)) && (
          <div className="flex flex-wrap gap-1 pt-1">
            {PUT.map(([part, words]) => (
              <button
                key={words}
                className={`btn btn-xs ${linked.length === 0 && part === null ? "btn-primary" : ""}`}
                onClick={() => linkChain(editor, chain.key ?? "", part)}
              >
                {linked.length === 0 ? "Put" : "The rest"} {words}
              </button>
            ))}
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
      </div>
      {need !== null && answer?.buyGrams != null && (
        <div className="flex flex-wrap items-center gap-1 pt-1 text-xs">
          <span data-testid="buy">
            {figures.mass(answer.result.grams) === figures.mass(need) ? (
              <>that is what comes out</>
            ) : (
              <button
                className="btn btn-xs"
                disabled={change.isPending}
                onClick={() => change.mutate({ kind: "prepare-for", chain: index, grams: need })}
              >
                buy {figures.mass(answer.buyGrams)}
              </button>
            )}
          </span>
          {answer.result.grams > need && linked.length < 2 && linked[0]?.line.grams !== need && (
            <button className="btn btn-xs" data-testid="use-part" onClick={() => takePart(need)}>
              prepare {figures.mass(answer.result.grams)} and use {figures.mass(need)} of it
            </button>
          )}
        </div>
      )}
    </div>
  );
}
