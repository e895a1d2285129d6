import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { type Diagnosis, diagnosisQuestion, guideQuery } from "../api";
import { type Editor, useAnswer } from "../formula";
import { type Figures, useFigures } from "../figures";
import { Hint } from "../parts";
import { symptomCauseWords, symptomWords } from "../words";
import { fixWords } from "./fixWords";

interface DiagnoseProps {
  editor: Editor;
  name: (code: string | null | undefined) => string;
}

/** What went wrong: from a symptom to its likely causes, ranked by this formula's own figures. */
export function Diagnose({ editor, name }: DiagnoseProps) {
  const figures = useFigures();
  const guide = useQuery(guideQuery);
  const [symptom, setSymptom] = useState<string | null>(null);
  const asked = useMemo(() => ({ formula: editor.balanced, symptom: symptom ?? "" }), [editor.balanced, symptom]);
  const { answer, problem } = useAnswer(diagnosisQuestion, asked, (settled) => settled.symptom !== "");
  return (
    <section aria-label="What went wrong?" data-testid="diagnose">
      <h2 className="section-title">
        What went wrong?
        <Hint term="likelihood" />
      </h2>
      <div className="flex flex-wrap gap-1 pt-1">
        {guide.data?.symptoms.map(({ code }) => (
          <button
            key={code}
            className={`btn btn-xs ${symptom === code ? "btn-primary" : "btn-ghost border-base-300"}`}
            aria-pressed={symptom === code}
            data-symptom={code}
            onClick={() => setSymptom(symptom === code ? null : code)}
          >
            {symptomWords(code)}
          </button>
        ))}
      </div>
      {problem && (
        <p role="alert" className="text-error text-sm">
          {problem.detail}
        </p>
      )}
      {symptom !== null && answer && <Causes diagnosis={answer} figures={figures} name={name} />}
      {symptom === null && (
        <p className="soft pt-2 text-sm">
          Choose what you see. The causes come in the order in which this formula’s figures speak for them.
        </p>
      )}
    </section>
  );
}

function Causes({ diagnosis, figures, name }: { diagnosis: Diagnosis; figures: Figures; name: DiagnoseProps["name"] }) {
  const likely = diagnosis.causes.filter(({ likely: speaks }) => speaks);
  const others = diagnosis.causes.filter(({ likely: speaks }) => !speaks);
  const words = (cause: string) => symptomCauseWords(diagnosis.symptom.code, cause);
  return (
    <div className="pt-2 text-sm" data-testid="causes">
      <ol>
        {likely.map((cause) => (
          <li key={cause.code} className="hairline border-t py-2 first:border-t-0" data-cause={cause.code}>
            <p className="flex items-center gap-3">
              <span
                className="bg-base-300 relative h-2 w-16 shrink-0 rounded-full"
                role="img"
                aria-label={`${figures.percent(cause.likelihood)} by the figures`}
              >
                <span
                  className="bg-primary absolute inset-y-0 left-0 rounded-full"
                  style={{ width: `${cause.likelihood}%` }}
                />
              </span>
              <span className="soft w-9 text-right text-xs">{figures.percent(Math.round(cause.likelihood))}</span>
              <strong>{words(cause.code).says}</strong>
            </p>
            <p className="pl-[7.6rem]">
              <span className="soft">Check:</span> {words(cause.code).check}
            </p>
            <p className="pl-[7.6rem]">
              <span className="soft">Then:</span>{" "}
              <strong className="font-semibold">{fixWords(cause.fix, name, figures)}</strong>
            </p>
          </li>
        ))}
      </ol>
      {likely.length === 0 && <p>None of the figures speaks for the usual causes. Check these by hand:</p>}
      {others.length > 0 && (
        <details className="soft pt-1 text-xs" open={likely.length === 0}>
          <summary className="cursor-pointer">{others.length} more that this formula’s figures speak against</summary>
          <ul>
            {others.map((cause) => (
              <li key={cause.code} data-cause={cause.code}>
                {words(cause.code).says} {words(cause.code).check}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
