import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, newUuid, type PlanSpec, taken } from "../api";
import { useFigures } from "../figures";
import { Faults } from "../formula";
import { useCommands } from "../frame";
import { ProblemNotice, Said, useNotices } from "../parts";
import { useProblem } from "../words";
import { afterSaving, type Draft, isSaved, newDraft } from "./draft";

interface DayBarProps {
  draft: Draft;
  usual: PlanSpec;
  /** The plan that is shown; null while there is none of what is asked now. */
  plan: string | null;
  onChange: (change: (now: Draft) => Draft) => void;
}

/** Which day is planned, under which name it is kept, and whether it is run. */
export function DayBar({ draft, usual, plan, onChange }: DayBarProps) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const notify = useNotices();
  const figures = useFigures();
  // One key for a day until it is saved: saved twice, it is one.
  const [key, setKey] = useState(() => newUuid());
  const save = useMutation({
    mutationFn: (sent: Draft) => {
      const { name, day, spec, saved } = sent;
      return saved
        ? taken(
            api.PUT("/api/days/{id}", {
              params: { path: { id: saved.id } },
              body: { name, day, spec, plan, revision: saved.revision },
            }),
          )
        : taken(api.POST("/api/days", { body: { key, name, day, spec, plan } }));
    },
    onSuccess: (day, sent) => {
      onChange((now) => afterSaving(now, sent, day));
      void queries.invalidateQueries({ queryKey: ["days"] });
    },
  });
  const run = useMutation({
    mutationFn: ({ id, by }: { id: number; by: string }) =>
      taken(api.POST("/api/days/{id}/run", { params: { path: { id } }, body: { plan: by } })),
    onSuccess: (answer) => {
      onChange((now) => (now.saved ? { ...now, saved: { ...now.saved, running: true } } : now));
      void queries.invalidateQueries({ queryKey: ["days"] });
      void navigate(`/plan/days/${answer.id}`);
    },
  });
  const problem = useProblem(save.error ?? run.error);
  const faults = new Faults(problem?.faults);
  const saved = isSaved(draft);
  const submit = () => {
    run.reset();
    save.mutate(draft);
  };
  const begin = () => {
    save.reset();
    setKey(newUuid());
    onChange((before) => {
      notify("A new day was begun.", saved ? undefined : () => onChange(() => before));
      return newDraft(usual);
    });
  };
  useCommands([
    { name: "Save the day", keys: "mod+s", run: submit },
    { name: "Plan a new day", run: begin },
  ]);
  const said = ["name", "day", "plan", "run"].map((field) => faults.of(null, field));
  return (
    <div className="pb-3" data-testid="day-bar" data-saved={saved}>
      <div className="flex flex-wrap items-center gap-2">
        <input
          className="quiet-field framed w-56"
          aria-label="Name of the day"
          aria-invalid={faults.of(null, "name") ? true : undefined}
          placeholder="what the day is called"
          value={draft.name}
          onChange={(event) => onChange((now) => ({ ...now, name: event.target.value }))}
        />
        <input
          type="date"
          className="input input-sm w-40"
          aria-label="The day that is planned"
          value={draft.day}
          onChange={(event) => onChange((now) => ({ ...now, day: event.target.value }))}
        />
        {draft.day !== "" && <span className="soft text-sm">{figures.weekday(draft.day)}</span>}
        <button type="button" className="btn btn-sm" aria-disabled={saved || undefined} onClick={submit}>
          {saved ? "Saved" : save.isPending ? "Saving…" : "Save"}
        </button>
        <button type="button" className="btn btn-ghost btn-sm" onClick={begin}>
          A new day
        </button>
        <Link className="btn btn-ghost btn-sm" to="/plan/days">
          Saved days
        </Link>
        <span className="flex-1" />
        {draft.saved?.running ? (
          <Link className="btn btn-primary btn-sm" to={`/plan/days/${draft.saved.id}`}>
            To the day as it runs
          </Link>
        ) : (
          saved &&
          plan !== null && (
            <button
              type="button"
              className="btn btn-primary btn-sm"
              onClick={() => draft.saved && run.mutate({ id: draft.saved.id, by: plan })}
            >
              Run this day
            </button>
          )
        )}
      </div>
      <Said messages={said} />
      {problem && !said.some(Boolean) && <ProblemNotice problem={problem} />}
    </div>
  );
}
