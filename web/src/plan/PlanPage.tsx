import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { api, dayQuery, planQuestion, type PlanSpec, type PlanState, type SavedDay, usualPlanQuery } from "../api";
import { Faults, useAnswer } from "../formula";
import { ErrorNotice, ProblemNotice, useNotices } from "../parts";
import { clockWords, durationWords, gapWords } from "../words";
import { DayBar } from "./DayBar";
import {
  canBePlanned,
  type Draft,
  draftOf,
  isSaved,
  isServed,
  isTimeToCome,
  keep,
  kept,
  newDraft,
  servingsOf,
} from "./draft";
import { PlanAnswer } from "./PlanAnswer";
import { PlanForm } from "./PlanForm";

/** When to begin what, with these hands and pans, so that everything is hot when it is served. */
export function PlanPage() {
  const usual = useQuery(usualPlanQuery);
  const [search, setSearch] = useSearchParams();
  const wanted = Number(search.get("day")) || null;
  const opened = useQuery({ ...dayQuery(wanted ?? 0), enabled: wanted !== null });
  const done = useCallback(() => setSearch({}, { replace: true }), [setSearch]);
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <h1 className="text-[2.1rem] leading-tight">Plan</h1>
      <p className="soft pb-4 text-sm print:hidden">
        When to begin what, with these hands and pans, so that everything is hot when it is served.
      </p>
      <ErrorNotice error={usual.error ?? opened.error} />
      {usual.data && (wanted === null || opened.isFetchedAfterMount || opened.isError) && (
        <Planned usual={usual.data} opened={wanted === null ? null : (opened.data ?? null)} onOpened={done} />
      )}
    </main>
  );
}

interface PlannedProps {
  usual: PlanSpec;
  /** A saved day to go on with; null to go on with what was planned here last. */
  opened: SavedDay | null;
  onOpened: () => void;
}

function Planned({ usual, opened, onOpened }: PlannedProps) {
  const [before] = useState(kept);
  const [draft, setDraft] = useState<Draft>(() => (opened ? draftOf(opened) : (before ?? newDraft(usual))));
  const [progress, setProgress] = useState<PlanState | null>(null);
  const question = useMemo(() => planQuestion(setProgress), []);
  const { spec } = draft;
  const view = useAnswer(question, spec, isServed);
  useEffect(() => keep(draft), [draft]);
  const notify = useNotices();
  // From now on the draft is what counts: a reload goes on with it. What was planned here before can be had back.
  useEffect(() => {
    if (opened) {
      if (before && !isSaved(before) && servingsOf(before.spec).length > 0) {
        notify("What was planned here before was not saved.", () => setDraft(before));
      }
      onOpened();
    }
  }, [opened, onOpened, before, notify]);
  const set = (to: PlanSpec) => setDraft((now) => ({ ...now, spec: to }));
  const faults = new Faults(view.problem?.faults?.filter((fault) => !isTimeToCome(fault)));
  const planned = canBePlanned(spec);
  const waiting = planned && !view.current && !view.problem;
  return (
    <>
      <div className="print:hidden">
        <DayBar
          draft={draft}
          usual={usual}
          plan={view.current && view.answer?.plan ? view.answer.id : null}
          onChange={setDraft}
        />
        <PlanForm draft={draft} usual={usual} faults={faults} onChange={setDraft} />
        {!view.problem?.faults && <ProblemNotice problem={view.problem} />}
        <p className="soft min-h-6 pt-2 text-sm" role="status">
          {waiting && progressWords(progress)}
          {waiting && progress && (
            <button
              type="button"
              className="btn btn-ghost btn-xs ml-2"
              onClick={() => void api.DELETE("/api/plan/{id}", { params: { path: { id: progress.id } } })}
            >
              Stop
            </button>
          )}
        </p>
      </div>
      {planned && view.answer && (
        <PlanAnswer view={view} spec={spec} day={draft.day} state={view.answer} onChange={set} />
      )}
    </>
  );
}

function progressWords(progress: PlanState | null) {
  if (progress?.stage === "waiting") {
    return "Another day is planned before this one…";
  }
  if (progress?.stage === "explaining") {
    return "Not everything can be met: looking for what clashes, and for what would help…";
  }
  const plan = progress?.plan;
  if (!plan) {
    return "Planning…";
  }
  const late = plan.late > 0 ? `, servings are ${durationWords(plan.late)} late in all` : "";
  const gap = gapWords(plan.gap);
  return `Looking for a better plan. So far work begins at ${clockWords(plan.begins)}${late}${gap && `; ${gap}`}.`;
}
