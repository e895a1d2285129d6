import { useQuery } from "@tanstack/react-query";
import { guideQuery } from "../api";
import { useFigures } from "../figures";
import { ProblemNotice } from "../parts";
import { Drill } from "./Drill";
import { EndPointDrawing } from "./EndPointDrawing";
import { FeelDrawing } from "./FeelDrawing";
import { endPointWords, useProblem } from "../words";

/** The feel guide: words, touch tests and end points with drawings, and a short drill. */
export function GuidePage() {
  const figures = useFigures();
  const query = useQuery(guideQuery);
  const problem = useProblem(query.error);
  if (problem) {
    return (
      <main className="mx-auto max-w-xl px-6 py-16">
        <ProblemNotice problem={problem} retry={() => void query.refetch()} />
      </main>
    );
  }
  if (!query.data) {
    return <main className="soft px-6 py-24 text-center">Opening the guide…</main>;
  }
  const { feels, endPoints, drill } = query.data.guide;
  return (
    <main className="px-6 pt-6 pb-16">
      <h1 className="text-3xl">How it feels</h1>
      <p className="soft max-w-2xl pb-4">
        The words from dry to wet, each with a test for the hand. Softness is what is brought over what is drunk; 1 is a
        just-soft dough.
      </p>
      <ol className="grid grid-cols-4 gap-x-6 gap-y-6 lg:grid-cols-7">
        {feels.map((feel) => (
          <li key={feel.code} data-feel={feel.code}>
            <FeelDrawing feel={feel.code} />
            <h2 className="text-xl">{feel.name}</h2>
            <p className="soft text-xs">
              softness{" "}
              {feel.softnessTo > 5
                ? `from ${figures.number(feel.softnessFrom, 2)}`
                : `${figures.number(feel.softnessFrom, 2)}–${figures.number(feel.softnessTo, 2)}`}
            </p>
            <p className="text-sm leading-snug">{feel.touchTest}</p>
          </li>
        ))}
      </ol>
      <h2 className="pt-10 pb-3 text-2xl">When is it done?</h2>
      <ol className="grid grid-cols-3 gap-x-6 gap-y-6 lg:grid-cols-5">
        {endPoints.map((point) => (
          <li key={point.code} data-end-point={point.code}>
            <EndPointDrawing drawing={point.drawing} />
            <h3 className="text-lg">{endPointWords(point.code).name}</h3>
            <p className="text-sm leading-snug">{endPointWords(point.code).test}</p>
            <p className="soft pt-1 text-sm leading-snug">{endPointWords(point.code).means}</p>
          </li>
        ))}
      </ol>
      <Drill exercises={drill} feels={feels} />
    </main>
  );
}
