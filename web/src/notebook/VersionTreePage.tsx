import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Lock } from "lucide-react";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, taken, type VersionTree, versionTreeQuery } from "../api";
import { useFigures } from "../figures";
import { standingName, standingStep } from "../formula";
import { Dialog, ErrorNotice, Said } from "../parts";
import { useProblem } from "../words";
import { batchKey, compareAddress, MOST_COMPARED, versionKey } from "./items";
import { laneCount, type TreeRow, treeRows } from "./tree";
import { VERDICTS } from "./verdicts";

type Version = VersionTree["versions"][number];
type Standing = Version["standing"];

/** The versions of a formula: what each was made from, how far it came, and what was made of it. */
export function VersionTreePage() {
  const formula = Number(useParams().id);
  const { data, error, refetch } = useQuery(versionTreeQuery(formula));
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-6 pb-16">
      <p className="soft text-sm">
        <Link className="link" to="/notebook">
          Notebook
        </Link>{" "}
        ·{" "}
        <Link className="link" to={`/formulas/${formula}/balance`}>
          the formula
        </Link>{" "}
        ·{" "}
        <Link className="link" to={`/notebook?formula=${formula}`}>
          all its batches
        </Link>{" "}
        ·{" "}
        <Link className="link" to={`/notebook/scorecard?formula=${formula}`}>
          its scorecard
        </Link>
      </p>
      <ErrorNotice error={error} retry={() => void refetch()} />
      {!data && !error && <p className="soft py-16 text-center">Opening the versions…</p>}
      {data && <Tree tree={data} />}
    </main>
  );
}

function Tree({ tree }: { tree: VersionTree }) {
  const [ticked, setTicked] = useState<string[]>([]);
  const [putting, setPutting] = useState<{ version: Version; to: Standing } | null>(null);
  const rows = treeRows(tree.versions);
  const lanes = laneCount(rows);
  const ticks = {
    has: (key: string) => ticked.includes(key),
    full: ticked.length >= MOST_COMPARED,
    toggle: (key: string) =>
      setTicked((before) => (before.includes(key) ? before.filter((each) => each !== key) : [...before, key])),
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-4 pb-4">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">{tree.name}</h1>
          <p className="soft text-sm">Versions, the newest first, with what was made of them.</p>
        </div>
        {ticked.length === 1 && <p className="soft text-sm">Tick one more to compare them.</p>}
        {ticked.length > 1 && (
          <Link className="btn btn-primary btn-sm" to={compareAddress(ticked)}>
            Compare the {ticked.length} ticked
          </Link>
        )}
      </div>
      <ol data-testid="version-tree">
        {tree.versions.map((version, at) => {
          const row = rows[at];
          return (
            row && (
              <li key={version.number} className="flex gap-4" data-version={version.number}>
                <Branch row={row} lanes={lanes} released={version.standing === "released"} />
                <VersionRow
                  formula={tree.formula}
                  version={version}
                  ticks={ticks}
                  onPut={(to) => setPutting({ version, to })}
                />
              </li>
            )
          );
        })}
      </ol>
      {putting && <PutDialog formula={tree.formula} {...putting} onClose={() => setPutting(null)} />}
    </>
  );
}

const LANE = 22;
const DOT = 21;

/** The lines of the tree beside a version. */
function Branch({ row, lanes, released }: { row: TreeRow; lanes: number; released: boolean }) {
  const x = (lane: number) => LANE / 2 + lane * LANE;
  const line = "bg-base-content/45 absolute w-0.5 -translate-x-1/2";
  return (
    <div className="relative shrink-0" style={{ width: lanes * LANE }} aria-hidden>
      {row.passing.map((lane) => (
        <span key={lane} className={`${line} top-0 bottom-0`} style={{ left: x(lane) }} />
      ))}
      {row.up && <span className={`${line} top-0`} style={{ left: x(row.lane), height: DOT }} />}
      {row.down && <span className={`${line} bottom-0`} style={{ left: x(row.lane), top: DOT }} />}
      {row.joins.map((lane) => (
        <span key={`join ${lane}`}>
          <span className={`${line} top-0`} style={{ left: x(lane), height: DOT }} />
          <span
            className="bg-base-content/45 absolute h-0.5"
            style={{ left: x(row.lane), width: x(lane) - x(row.lane), top: DOT - 1 }}
          />
        </span>
      ))}
      <span
        className={`border-primary absolute size-4 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px] ${released ? "bg-primary" : "bg-base-100"}`}
        style={{ left: x(row.lane), top: DOT }}
      />
    </div>
  );
}

interface Ticks {
  has: (key: string) => boolean;
  full: boolean;
  toggle: (key: string) => void;
}

function Tick({ label, of, ticks }: { label: string; of: string; ticks: Ticks }) {
  return (
    <input
      type="checkbox"
      className="checkbox checkbox-xs relative top-0.5"
      aria-label={`Compare ${label}`}
      checked={ticks.has(of)}
      disabled={ticks.full && !ticks.has(of)}
      onChange={() => ticks.toggle(of)}
    />
  );
}

function VersionRow({
  formula,
  version,
  ticks,
  onPut,
}: {
  formula: number;
  version: Version;
  ticks: Ticks;
  onPut: (to: Standing) => void;
}) {
  const figures = useFigures();
  return (
    <div className="hairline grid flex-1 grid-cols-[minmax(0,1fr)_24rem] gap-x-8 border-b py-2.5">
      <div>
        <p className="flex flex-wrap items-baseline gap-x-3">
          <Tick label={`version ${version.number}`} of={versionKey(formula, version.number)} ticks={ticks} />
          <Link
            className="link-hover font-display text-lg"
            to={`/formulas/${formula}/balance?version=${version.number}`}
          >
            Version {version.number}
          </Link>
          <strong className="flex items-center gap-1 text-sm" data-testid="standing">
            {version.standing === "released" && <Lock size={13} aria-hidden />}
            {standingName(version.standing)}
          </strong>
          <span className="soft text-sm">
            {figures.moment(version.savedAt)}
            {version.parent != null && version.parent !== version.number - 1 && `, made from version ${version.parent}`}
          </span>
        </p>
        <p className="max-w-2xl text-sm">{version.note || <span className="soft">no note</span>}</p>
        {version.steps.length > 0 && (
          <ul className="soft pt-0.5 text-xs" data-testid="steps">
            {version.steps.map((step) => (
              <li key={step.uid}>
                {figures.date(step.at)}, {standingName(step.standing)}: {step.reason}
              </li>
            ))}
          </ul>
        )}
        <p className="flex flex-wrap gap-2 pt-1.5">
          {version.next.map((to) => (
            <button key={to} className="btn btn-xs" onClick={() => onPut(to)}>
              {standingStep(version.standing, to)}
            </button>
          ))}
        </p>
      </div>
      <div className="text-sm">
        {version.made === 0 && <p className="soft">no batch was noted of it</p>}
        <ul>
          {version.batches.map(({ id, startedAt, verdict }) => {
            const came = VERDICTS.find(({ code }) => code === verdict);
            return (
              <li key={id} className="flex items-baseline gap-2 py-0.5" data-batch={id}>
                <Tick
                  label={`the batch of ${figures.moment(startedAt)} of version ${version.number}`}
                  of={batchKey(id)}
                  ticks={ticks}
                />
                <Link className="link-hover flex-1" to={`/notebook/${id}`}>
                  {figures.moment(startedAt)}
                </Link>
                <span>{came ? `${came.mark} ${came.short}` : "not said"}</span>
              </li>
            );
          })}
        </ul>
        {version.made > version.batches.length && (
          <p className="soft">and {version.made - version.batches.length} more</p>
        )}
      </div>
    </div>
  );
}

/** Asks for the reason of a step. */
function PutDialog({
  formula,
  version,
  to,
  onClose,
}: {
  formula: number;
  version: Version;
  to: Standing;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [reason, setReason] = useState("");
  const put = useMutation({
    mutationFn: () =>
      taken(
        api.PUT("/api/notebook/formulas/{formula}/versions/{version}/standing", {
          params: { path: { formula, version: version.number } },
          body: { standing: to, reason },
        }),
      ),
    onSuccess: (tree) => {
      queries.setQueryData(versionTreeQuery(formula).queryKey, tree);
      void queries.invalidateQueries({ queryKey: ["formula", formula] });
      void queries.invalidateQueries({ queryKey: ["formulas"] });
      onClose();
    },
  });
  const problem = useProblem(put.error);
  const untried = to === "released" && !version.batches.some(({ verdict }) => verdict === "well");
  return (
    <Dialog title={`Version ${version.number}: ${standingStep(version.standing, to).toLowerCase()}`} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          put.mutate();
        }}
      >
        {untried && (
          <p className="text-warning pb-3 text-sm" data-testid="untried">
            No batch of this version was said to have come out well.
          </p>
        )}
        {to === "released" && (
          <p className="soft pb-3 text-sm">
            A released version is locked: it can only be set aside, and its formula cannot be deleted meanwhile. Edits
            become a new version, as always.
          </p>
        )}
        <label>
          <span className="soft block pb-0.5 text-sm">Why</span>
          <textarea
            className="quiet-field framed h-20"
            data-autofocus
            maxLength={2000}
            value={reason}
            aria-invalid={problem !== null}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
        {problem && <Said messages={problem.faults?.map(({ message }) => message) ?? [problem.detail]} />}
        <div className="flex justify-end gap-2 pt-4">
          <button type="button" className="btn btn-ghost" onClick={onClose}>
            Cancel
          </button>
          <button className="btn btn-primary" disabled={put.isPending}>
            {standingStep(version.standing, to)}
          </button>
        </div>
      </form>
    </Dialog>
  );
}
