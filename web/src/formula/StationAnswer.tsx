import type { ReactNode } from "react";
import { Link } from "react-router";
import { ProblemNotice } from "../parts";
import { CurrentContext } from "./current";
import type { AnswerView } from "./useBalance";
import type { Editor } from "./useEditor";

interface StationAnswerProps<T> {
  /** Name of the station, for tests. */
  station: string;
  view: AnswerView<T>;
  editor: Editor;
  waiting: string;
  /** What is shown of an answer. */
  children: (answer: T) => ReactNode;
  /** What stays in use whatever the answer; what in it acts on a figure waits for the current one. */
  beside?: ReactNode;
}

/**
 * The frame of a station that asks the server about the formula: waiting, empty, faulty, answered. An answer stays on the
 * page, faded, while a newer one is on its way or the formula has a fault, and nothing can be done by its figures then.
 */
export function StationAnswer<T>({ station, view, editor, waiting, children, beside }: StationAnswerProps<T>) {
  const { answer, current, problem } = view;
  return (
    <CurrentContext value={current}>
      <div className="px-5 pb-16" data-testid={station} data-current={current}>
        {problem && <ProblemNotice problem={problem} />}
        {problem && !answer && (
          <p className="py-6 text-center">
            <Link className="btn btn-primary btn-sm" to={`/formulas/${editor.id ?? "new"}/balance`}>
              To the bowl, in Balance
            </Link>
          </p>
        )}
        {!answer && !problem && (
          <p className="soft py-16 text-center">
            {editor.draft.lines.length === 0
              ? "Put flour in the bowl first: in Balance or Intake."
              : view.toCorrect
                ? "Correct what is marked first."
                : waiting}
          </p>
        )}
        {answer && (
          <div className={problem ? "opacity-45" : "answer"} data-stale={!current} inert={problem !== null}>
            {children(answer)}
          </div>
        )}
        {beside && (
          <div className="answer" data-stale={!current}>
            {beside}
          </div>
        )}
      </div>
    </CurrentContext>
  );
}
