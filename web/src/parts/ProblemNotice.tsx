import { problemTitle, type SaidProblem, useProblem } from "../words";

interface ProblemNoticeProps {
  problem: SaidProblem | null;
  retry?: () => void;
}

/** A problem in plain words: what happened and what to do. */
export function ProblemNotice({ problem, retry }: ProblemNoticeProps) {
  if (!problem) {
    return null;
  }
  return (
    <div role="alert" className="border-error bg-base-200 my-3 rounded-md border-l-4 px-4 py-3">
      <p className="font-semibold">{problemTitle(problem)}</p>
      <p className="text-sm">
        {problem.line != null && `Line ${problem.line + 1} of the bowl: `}
        {problem.detail}
      </p>
      {retry && (
        <button className="btn btn-sm mt-2" onClick={retry}>
          Try again
        </button>
      )}
    </div>
  );
}

/** What a query or mutation failed with, in plain words. */
export function ErrorNotice({ error, retry }: { error: unknown; retry?: () => void }) {
  return <ProblemNotice problem={useProblem(error)} retry={retry} />;
}

/** The same in a few words, beside what caused it. */
export function ErrorText({ error, className = "text-error text-sm" }: { error: unknown; className?: string }) {
  const problem = useProblem(error);
  return problem ? (
    <span role="alert" className={className}>
      {problem.detail}
    </span>
  ) : null;
}
