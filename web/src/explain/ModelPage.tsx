import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { type ModelBook, modelQuery } from "../api";
import { useFigures } from "../figures";
import { ProblemNotice } from "../parts";
import { useProblem } from "../words";

type Figure = ModelBook["others"][number];

const UNITS: Record<Figure["unit"], string> = {
  GRAMS: "g",
  GRAMS_SQUARED: "g²",
  FACTOR: "",
  PERCENT: "%",
  MINUTES: "min",
  MILLIMETRES: "mm",
  CELSIUS: "°C",
  PER_MINUTE: "per min",
  JOULES_PER_KELVIN: "J/K",
  JOULES_PER_GRAM_KELVIN: "J/(g K)",
  KELVINS: "K",
  KELVINS_PER_MINUTE: "K/min",
  GLUTEN_POINTS: "gluten points",
  SOFTNESS: "softness",
  COUNT: "",
  MILLIGRAMS: "mg",
  MILLILITRES: "ml",
  GRAMS_PER_MILLILITRE: "g/ml",
  CHARACTERS: "characters",
  BYTES: "bytes",
};

/** How it is computed: every rule in words and symbols, every coefficient with its reason. */
export function ModelPage() {
  const query = useQuery(modelQuery);
  const { hash } = useLocation();
  const [words, setWords] = useState("");
  const problem = useProblem(query.error);
  const book = query.data;
  useEffect(() => {
    if (book && hash) {
      document.getElementById(hash.slice(1))?.scrollIntoView({ block: "center" });
    }
  }, [book, hash]);
  if (problem) {
    return (
      <main className="mx-auto max-w-xl px-6 py-16">
        <ProblemNotice problem={problem} retry={() => void query.refetch()} />
      </main>
    );
  }
  if (!book) {
    return <main className="soft px-6 py-24 text-center">Opening the book…</main>;
  }
  const wanted = words.trim().toLowerCase();
  const matches = (text: string) => text.toLowerCase().includes(wanted);
  const chapters = book.chapters
    .map((chapter) => ({
      ...chapter,
      rules: chapter.rules.filter(
        (entry) =>
          wanted === "" ||
          matches(
            `${chapter.title} ${entry.says} ${entry.formula} ${entry.coefficients.map((each) => each.rationale).join(" ")}`,
          ),
      ),
    }))
    .filter(({ rules }) => rules.length > 0);
  const others = book.others.filter((figure) => wanted === "" || matches(`${figure.name} ${figure.rationale}`));
  return (
    <main className="grid gap-x-10 px-6 pt-6 pb-24 lg:grid-cols-[13rem_minmax(0,1fr)]">
      <nav aria-label="Chapters" className="max-lg:hidden">
        <div className="sticky top-16 text-sm">
          <input
            className="quiet-field framed mb-2"
            type="search"
            aria-label="Find in the model"
            placeholder="find"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          {chapters.map(({ code, title }) => (
            <a key={code} className="soft hover:text-base-content block py-0.5" href={`#${code}`}>
              {title}
            </a>
          ))}
        </div>
      </nav>
      <div className="max-w-3xl">
        <h1 className="text-3xl">How it is computed</h1>
        <p className="soft pb-2">
          A working model for a kitchen: first-order, transparent, and corrected by what the kitchen measures. t is
          minutes since water met flour, S softness, D what is drunk, B what is brought, w water, x fat over flour, v
          the share in pieces, h the sheet, F flour.
        </p>
        {chapters.map((chapter) => (
          <section key={chapter.code} aria-label={chapter.title} className="pt-6">
            <h2 id={chapter.code} className="scroll-mt-16 text-2xl">
              {chapter.title}
            </h2>
            <p>{chapter.intro}</p>
            <p className="soft text-sm">Limits: {chapter.limits}</p>
            {chapter.rules.map((entry) => (
              <article
                key={entry.rule}
                id={entry.rule}
                className={`hairline scroll-mt-16 border-t px-3 py-3 ${hash === `#${entry.rule}` ? "bg-base-200 border-primary border-l-4" : ""}`}
                data-rule={entry.rule}
              >
                <p className="font-semibold">{entry.says}</p>
                <p className="bg-base-200 my-1 inline-block rounded px-2 py-0.5 font-mono text-sm">{entry.formula}</p>
                <Coefficients figures={entry.coefficients} />
              </article>
            ))}
          </section>
        ))}
        {others.length > 0 && (
          <section aria-label="Other figures" className="pt-6">
            <h2 className="text-2xl">Other figures</h2>
            <Coefficients figures={others} />
          </section>
        )}
        {chapters.length === 0 && others.length === 0 && (
          <p className="soft pt-8">Nothing in the model has these words.</p>
        )}
      </div>
    </main>
  );
}

function Coefficients({ figures: given }: { figures: Figure[] }) {
  const figures = useFigures();
  if (given.length === 0) {
    return null;
  }
  return (
    <table className="w-full text-sm">
      <tbody>
        {given.map((figure) => (
          <tr key={figure.name} className="align-top">
            <td className="w-28 pr-3 text-right font-semibold whitespace-nowrap">
              {figures.number(figure.value, 4).replace(/[.,]?0+$/, "") || "0"} {UNITS[figure.unit]}
            </td>
            <td>
              {figure.rationale} <span className="soft text-xs">({figure.confidence} confidence)</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
