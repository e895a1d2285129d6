import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { type ModelBook, modelQuery } from "../api";
import { useFigures } from "../figures";
import { FormulaLine, ProblemNotice } from "../parts";
import { ACCURACY, chapterWords, doughKindWords, ruleFormula, ruleWords, topicWords, useProblem } from "../words";
import { Coefficients } from "./Coefficients";

/** How it is computed: every rule in words and symbols, every coefficient with its reason. */
export function ModelPage() {
  const query = useQuery(modelQuery);
  const figures = useFigures();
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
      ...chapterWords(chapter.code),
      rules: chapter.rules.filter(
        (entry) =>
          wanted === "" ||
          matches(
            `${chapterWords(chapter.code).title} ${ruleWords(entry.rule)} ${entry.formula} ${entry.coefficients.map((each) => each.rationale).join(" ")}`,
          ),
      ),
    }))
    .filter(({ rules }) => rules.length > 0);
  const others = book.others.filter((entry) => wanted === "" || matches(`${entry.name} ${entry.rationale}`));
  const topics = [...new Set(others.map(({ topic }) => topic))];
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
          <a className="soft hover:text-base-content block py-0.5" href="#accuracy">
            {ACCURACY.title}
          </a>
          {chapters.map(({ code, title }) => (
            <a key={code} className="soft hover:text-base-content block py-0.5" href={`#${code}`}>
              {title}
            </a>
          ))}
          {topics.map((topic) => (
            <a key={topic} className="soft hover:text-base-content block py-0.5" href={`#${topic}`}>
              {topicWords(topic)}
            </a>
          ))}
        </div>
      </nav>
      <div className="max-w-3xl">
        <h1 className="text-3xl">How it is computed</h1>
        <p className="soft pb-2">
          A working model for a kitchen: first-order, transparent, and corrected by what the kitchen measures. In the
          formulas, coefficients are bold; each stands below with how well it is known and where it comes from. σ is a
          smooth step from none to all, e^x is written exp(x).
        </p>
        {wanted === "" && <Accuracy rows={book.accuracy} />}
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
                <p className="font-semibold">{ruleWords(entry.rule)}</p>
                <p className="bg-base-200 my-1 inline-block rounded px-2 py-0.5 text-sm">
                  <FormulaLine parts={ruleFormula(entry.formula, entry.coefficients, figures)} />
                </p>
                <Coefficients entries={entry.coefficients} />
              </article>
            ))}
          </section>
        ))}
        {topics.map((topic) => (
          <section key={topic} aria-label={topicWords(topic)} className="pt-6">
            <h2 id={topic} className="scroll-mt-16 text-2xl">
              {topicWords(topic)}
            </h2>
            <Coefficients entries={others.filter((entry) => entry.topic === topic)} />
          </section>
        ))}
        {chapters.length === 0 && others.length === 0 && (
          <p className="soft pt-8">Nothing in the model has these words.</p>
        )}
      </div>
    </main>
  );
}

/** How far off the water is known to be, by kind of dough. */
function Accuracy({ rows }: { rows: ModelBook["accuracy"] }) {
  const figures = useFigures();
  return (
    <section aria-label={ACCURACY.title} className="pt-6" data-testid="accuracy">
      <h2 id="accuracy" className="scroll-mt-16 text-2xl">
        {ACCURACY.title}
      </h2>
      <p>{ACCURACY.intro}</p>
      <table className="mt-2 text-sm">
        <thead className="soft text-left">
          <tr>
            <th className="pr-8 font-normal">dough</th>
            <th className="font-normal">off by, of the flour</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ kind, off }) => (
            <tr key={kind} className="hairline border-t">
              <td className="py-1 pr-8">{doughKindWords(kind)}</td>
              <td className="tabular-nums" title={off.rationale}>
                ±{figures.number(off.value, 0)} %
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
