import type { BenchAdvice } from "../api";
import { useFigures } from "../figures";
import { adviceWords } from "../words";
import { Faulty, MassField, type NumberEntry, Steps } from "../parts";

interface AdviceProps {
  advice: BenchAdvice;
  /** What the cook puts in instead of what is advised. */
  given: NumberEntry;
  error: string | null;
  onGiven: (grams: NumberEntry) => void;
  onCount: () => void;
  kept: string | null;
  canKeep: boolean;
  /** Keeps what was done: the advice itself, or wet hands instead. */
  onKeep: (action: string) => void;
  onTake: () => void;
  onThrow: () => void;
  name: (code: string | null | undefined) => string;
}

/** What to do, with its range, what goes along, and what is in the bowl then. */
export function Advice({
  advice,
  given,
  error,
  onGiven,
  onCount,
  kept,
  canKeep,
  onKeep,
  onTake,
  onThrow,
  name,
}: AdviceProps) {
  const figures = useFigures();
  const { before, after } = advice;
  const main = advice.additions.filter(({ carried }) => !carried);
  const along = advice.additions.filter(({ carried }) => carried);
  return (
    <div
      className="border-primary bg-base-200 mt-3 rounded-md border-l-4 px-4 py-3 text-sm"
      data-testid="advice"
      data-action={advice.action}
    >
      <p className="font-display text-xl">{adviceWords(advice, figures)}</p>
      {advice.additions.length > 0 && (
        <p data-testid="advice-range">
          {advice.judgeAt == null
            ? `In all about ${figures.massNumber(advice.low)} to ${figures.mass(advice.high)}; knead this in, and feel again.`
            : `Held back are ${figures.mass(advice.whole)}; mix this in until no flour is dry, then knead.`}
        </p>
      )}
      {advice.additions.length > 0 && (
        <form
          className="flex items-center gap-2 pt-1"
          onSubmit={(event) => {
            event.preventDefault();
            onCount();
          }}
        >
          <span className="soft">I put in</span>
          <MassField
            className="w-24"
            label="How much is put in"
            value={given}
            placeholder={advice.grams}
            error={error}
            dataField="given"
            onChange={onGiven}
          />
          <button className="btn btn-xs">Use this amount</button>
          <Faulty message={error} />
        </form>
      )}
      {main.length > 1 && (
        <p>
          {main.map(({ ingredient, grams }) => `${figures.mass(grams)} ${name(ingredient).toLowerCase()}`).join(", ")}
        </p>
      )}
      {along.length > 0 && (
        <p className="soft">
          With it, so that their percentages stay:{" "}
          {along
            .map(({ ingredient, grams }) => `${figures.number(grams, 1)} g ${name(ingredient).toLowerCase()}`)
            .join(", ")}
          .
        </p>
      )}
      {advice.alternative && <p>Or wet or oil your hands instead: this style may be slack.</p>}
      {advice.judgeAt == null && (
        <p className="pt-1">
          Computed {figures.number(advice.expectedSoftness, 2)}, felt {figures.number(advice.felt.softnessMid, 2)}:
          together {figures.number(advice.nowSoftness, 2)} now, and <strong>{advice.laterFeel.name}</strong> (
          {figures.number(advice.laterSoftness, 2)}) at minute {figures.number(advice.rollAtMinute, 0)}.
        </p>
      )}
      {advice.additions.length > 0 && (
        <table className="mt-2 w-full text-xs">
          <thead>
            <tr className="soft text-right">
              <td />
              <th className="font-normal">now</th>
              <th className="font-normal">then</th>
            </tr>
          </thead>
          <tbody>
            <Percentage what="water on flour" now={before.waterPct} then={after.waterPct} write={figures.percent} />
            <Percentage
              what="salt on flour"
              now={before.saltPct}
              then={after.saltPct}
              write={(pct) => `${figures.number(pct, 2)} %`}
            />
            <Percentage
              what="fat on flour"
              now={before.fatPct}
              then={after.fatPct}
              write={(pct) => `${figures.number(pct, 1)} %`}
            />
            <Percentage what="dough" now={before.doughGrams} then={after.doughGrams} write={figures.mass} />
          </tbody>
        </table>
      )}
      <details className="soft pt-1 text-xs">
        <summary className="cursor-pointer">why</summary>
        <Steps steps={advice.steps} />
      </details>
      {kept ? (
        <p role="status" className="pt-2 font-semibold">
          {kept}
        </p>
      ) : (
        <div className="flex flex-wrap gap-2 pt-2">
          <button
            className="btn btn-xs btn-primary"
            disabled={!canKeep}
            title={canKeep ? "" : "Start a batch first"}
            onClick={() => onKeep(advice.action)}
          >
            Keep on the batch
          </button>
          {advice.alternative && canKeep && (
            <button className="btn btn-xs" onClick={() => onKeep("wet-hands")}>
              Keep wet hands instead
            </button>
          )}
          {advice.additions.length > 0 && (
            <button className="btn btn-xs" onClick={onTake}>
              Add to the formula
            </button>
          )}
          <button className="btn btn-xs btn-ghost" onClick={onThrow}>
            Discard
          </button>
        </div>
      )}
    </div>
  );
}

interface PercentageProps {
  what: string;
  now: number | null | undefined;
  then: number | null | undefined;
  write: (value: number) => string;
}

function Percentage({ what, now, then, write }: PercentageProps) {
  return (
    <tr className="hairline border-t text-right">
      <td className="soft text-left">{what}</td>
      <td>{now == null ? "–" : write(now)}</td>
      <td className="font-semibold">{then == null ? "–" : write(then)}</td>
    </tr>
  );
}
