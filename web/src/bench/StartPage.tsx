import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import {
  api,
  benchQuery,
  type BeginRequest,
  type DayPage,
  daysQuery,
  formulaQuery,
  runningQuery,
  newUuid,
  taken,
} from "../api";
import { Faults, FormulaFinder } from "../formula";
import { useFigures } from "../figures";
import { asSent, MassField, NumberField, type NumberEntry, ProblemNotice, Said } from "../parts";
import { benchStepName, useProblem } from "../words";

const SIZES = [
  { code: "once", name: "as the formula says" },
  { code: "pieces", name: "so many pieces" },
  { code: "factor", name: "so many times the formula" },
  { code: "flourGrams", name: "from so much flour" },
  { code: "doughGrams", name: "so much dough" },
] as const;

type SizeBy = (typeof SIZES)[number]["code"];

/** What is made just now, and another batch to begin: of any version, at any size. */
export function StartPage() {
  const [search, setSearch] = useSearchParams();
  const formula = Number(search.get("formula")) || null;
  const version = Number(search.get("version")) || null;
  const running = useQuery(runningQuery);
  const days = useInfiniteQuery(daysQuery({ running: true }));
  const batches = running.data?.batches ?? [];
  return (
    <main className="mx-auto max-w-[60rem] px-6 pt-7 pb-16">
      <h1 className="text-[2.1rem] leading-tight">Bench</h1>
      <p className="soft pb-4 text-sm">
        Make it, step by step, and keep the record as it happens.{" "}
        <Link className="link" to="/bench/devices">
          Scale, thermometers and meters
        </Link>
      </p>
      <RunningDays rows={days.data?.pages.flatMap((page) => page.rows) ?? []} />
      <section aria-label="Being made" data-testid="running">
        <h2 className="section-title">Being made</h2>
        {batches.map(({ batch, name, step }) => (
          <Link
            key={batch.id}
            to={`/bench/${batch.id}`}
            className="hairline flex min-h-16 items-center gap-4 border-t text-xl"
          >
            <span className="flex-1">{name}</span>
            <span className="soft text-base">
              version {batch.version}, {step ? benchStepName(step).toLowerCase() : "all steps done"}
            </span>
          </Link>
        ))}
        {running.isSuccess && batches.length === 0 && <p className="soft text-sm">Nothing just now.</p>}
      </section>
      {/* Once what stands above is known: nothing moves away under the hand. */}
      {!running.isPending && !days.isPending && (
        <>
          <h2 className="section-title pt-6">Begin a batch</h2>
          {formula === null ? (
            <FormulaFinder label="Find a formula" onFound={(id) => setSearch({ formula: String(id) })} />
          ) : (
            <Begin key={`${formula} ${version}`} formula={formula} version={version} onOther={() => setSearch({})} />
          )}
        </>
      )}
    </main>
  );
}

/** The days that are run just now: several batches, one queue. */
function RunningDays({ rows }: { rows: DayPage["rows"] }) {
  return (
    rows.length > 0 && (
      <section aria-label="Days that are run" className="pb-4">
        <h2 className="section-title">Days that are run</h2>
        {rows.map(({ id, name, servings }) => (
          <Link key={id} to={`/plan/days/${id}`} className="hairline flex min-h-16 items-center gap-4 border-t text-xl">
            <span className="flex-1">{name}</span>
            <span className="soft text-base">{servings === 1 ? "one serving" : `${servings} servings`}</span>
          </Link>
        ))}
      </section>
    )
  );
}

interface BeginProps {
  formula: number;
  version: number | null;
  onOther: () => void;
}

function Begin({ formula, version, onOther }: BeginProps) {
  const figures = useFigures();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const document = useQuery(formulaQuery(formula, null));
  const [chosen, setChosen] = useState<number | null>(version);
  const [by, setBy] = useState<SizeBy>("once");
  const [amount, setAmount] = useState<NumberEntry>(null);
  // One key for this form: pressed twice, it is one batch.
  const [key] = useState(() => newUuid());
  const begin = useMutation({
    mutationFn: (body: BeginRequest) => taken(api.POST("/api/bench", { body })),
    onSuccess: (answer) => {
      queries.setQueryData(benchQuery(answer.batch.id).queryKey, answer);
      void queries.invalidateQueries({ queryKey: runningQuery.queryKey, exact: true });
      void navigate(`/bench/${answer.batch.id}`);
    },
  });
  const problem = useProblem(begin.error ?? document.error);
  const faults = new Faults(problem?.faults);
  if (!document.data) {
    return problem ? <ProblemNotice problem={problem} /> : <p className="soft">Opening…</p>;
  }
  const { versions } = document.data;
  const number = chosen ?? document.data.version.number;
  const amountField = {
    className: "w-40",
    label: "How much",
    value: amount,
    onChange: setAmount,
    error: by === "once" ? null : faults.of(null, by),
  };
  return (
    <form
      className="flex max-w-xl flex-col gap-3"
      data-testid="begin"
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate({
          key,
          formula,
          version: number,
          size: by === "once" ? null : { [by]: asSent(amount) },
        });
      }}
    >
      <p className="text-xl">
        {document.data.version.name}{" "}
        <button type="button" className="btn btn-ghost btn-sm" onClick={onOther}>
          Another formula
        </button>
      </p>
      <label className="flex items-center gap-3">
        <span className="soft w-24">Version</span>
        <select
          className="quiet-field framed"
          value={number}
          onChange={(event) => setChosen(Number(event.target.value))}
        >
          {versions.map((each) => (
            <option key={each.number} value={each.number}>
              {each.number}: {each.note || "without a note"}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-3">
        <span className="soft w-24">Size</span>
        <select
          className="quiet-field framed"
          data-field="size"
          value={by}
          onChange={(event) => {
            setBy(event.target.value as SizeBy);
            setAmount(null);
          }}
        >
          {SIZES.map(({ code, name }) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {by !== "once" && (
        <div className="flex items-center gap-3">
          <span className="soft w-24">How much</span>
          {by === "flourGrams" || by === "doughGrams" ? (
            <MassField {...amountField} />
          ) : (
            <NumberField
              {...amountField}
              framed
              unit={by === "pieces" ? "pieces" : "×"}
              format={(value) => figures.number(value, by === "pieces" ? 0 : 2)}
            />
          )}
        </div>
      )}
      {problem?.faults ? (
        <Said messages={problem.faults.map(({ message }) => message)} />
      ) : (
        <ProblemNotice problem={problem} />
      )}
      <button
        className="btn btn-primary h-16 self-start text-xl"
        disabled={begin.isPending || (by !== "once" && amount === null)}
      >
        Begin
      </button>
    </form>
  );
}
