import type { Problem } from "../api";

/** A problem in plain words: what happened and what to do. */
export function ProblemNotice({ problem, retry }: { problem: Problem | null; retry?: () => void }) {
  if (!problem) {
    return null;
  }
  return (
    <div role="alert" className="border-error my-3 rounded-md border-l-4 bg-base-200 px-4 py-3">
      <p className="font-semibold">{problem.title}</p>
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
