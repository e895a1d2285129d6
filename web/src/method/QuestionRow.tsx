import { Check } from "lucide-react";
import type { MethodAnswer } from "../api";
import { type Figures, useFigures } from "../figures";
import { schoolWords } from "../words";

type QuestionAnswer = MethodAnswer["questions"][number];
type SchoolAnswer = QuestionAnswer["schools"][number];

const TITLES: Record<QuestionAnswer["question"], string> = {
  "fat-timing": "When fat goes in",
  "pressed-liquid": "Liquid pressed out of a vegetable",
  kneading: "How it is kneaded",
  sticking: "What stops sticking",
  yeast: "How much yeast",
  sponge: "Sponge or one dough",
  rest: "Rest",
  "water-addition": "How the water goes in",
  "water-temperature": "Water temperature",
  inclusion: "Inclusion",
  heat: "Heat",
};

interface QuestionRowProps {
  question: QuestionAnswer;
  now: MethodAnswer["now"];
  busy: boolean;
  onChoose: (school: string) => void;
}

/** A question with its schools side by side; folded where none of them would make another dough. */
export function QuestionRow(props: QuestionRowProps) {
  const { question } = props;
  const title = TITLES[question.question];
  return (
    <section aria-label={title} className="hairline border-b py-3" data-question={question.question}>
      {question.matters ? (
        <>
          <h2 className="section-title">
            {title}
            {question.question === "pressed-liquid" && question.chosen == null && (
              <span className="soft pl-3 text-sm">each preparation in its own way, as set in Prep</span>
            )}
          </h2>
          <Schools {...props} />
        </>
      ) : (
        <details>
          <summary className="cursor-pointer">
            <h2 className="section-title inline">{title}</h2>
            <span className="soft pl-3 text-sm">
              {IDLE[question.question] ?? "no way makes another dough of this formula"}
            </span>
          </summary>
          <Schools {...props} />
        </details>
      )}
    </section>
  );
}

/** Why a question makes no difference. */
const IDLE: Partial<Record<QuestionAnswer["question"], string>> = {
  "fat-timing": "no fat in this dough",
  "pressed-liquid": "nothing is pressed here",
  yeast: "no yeast in this dough",
  sponge: "no yeast in this dough, or a soaker stands first",
};

function Schools({ question, now, busy, onChoose }: QuestionRowProps) {
  return (
    <div className="grid gap-x-5" style={{ gridTemplateColumns: `repeat(${question.schools.length}, minmax(0, 1fr))` }}>
      {question.schools.map((school) => (
        <School
          key={school.code}
          school={school}
          question={question}
          now={now}
          chosen={question.chosen === school.code}
          busy={busy}
          onChoose={() => onChoose(school.code)}
        />
      ))}
    </div>
  );
}

interface SchoolProps {
  school: SchoolAnswer;
  question: QuestionAnswer;
  now: MethodAnswer["now"];
  chosen: boolean;
  busy: boolean;
  onChoose: () => void;
}

function School({ school, question, now, chosen, busy, onChoose }: SchoolProps) {
  const figures = useFigures();
  const { name, reason } = schoolWords(question.question, school.code);
  return (
    <button
      className={`flex flex-col items-start border-t-4 px-2 py-2 text-left text-sm ${chosen ? "border-primary bg-base-200" : "hover:bg-base-200 border-transparent"}`}
      aria-pressed={chosen}
      disabled={busy || chosen || school.effect == null}
      data-school={school.code}
      onClick={onChoose}
    >
      <span className="flex items-center gap-1 text-base font-semibold">
        {chosen && <Check size={15} aria-label="chosen" />}
        {name}
      </span>
      <span className="soft text-xs leading-snug">{reason}</span>
      <span className="pt-1.5 leading-snug" data-testid="effect">
        {effectOf(school, question, now, chosen, figures).map((words) => (
          <span key={words} className="block">
            {words}
          </span>
        ))}
      </span>
    </button>
  );
}

/** What a school does: in full for the one followed now, else what would change. */
function effectOf(school: SchoolAnswer, question: QuestionAnswer, now: Effect, chosen: boolean, f: Figures): string[] {
  const { effect, changes } = school;
  if (!effect) {
    return ["not possible with this formula"];
  }
  const words = chosen || !changes ? [whole(effect, f)] : changed(changes, effect, now, f);
  if (question.question === "heat") {
    words.push(`griddle about ${f.temperature(effect.griddleC)}, loses ${f.percent(effect.cookLossPct)}`);
    if (effect.puff != null) {
      words.push(`puffs ${f.percent(effect.puff)}`);
    }
  } else if (question.question === "water-addition") {
    words.push(`off by up to ±${f.mass(effect.rangeGrams)}`);
  } else if (question.question === "yeast" || question.question === "sponge") {
    words.push(...rises(effect, f));
  } else {
    words.push(...feels(effect, f));
  }
  if (effect.fillingFreePct != null && effect.fillingLimitPct != null) {
    words.push(`filling ${f.percent(effect.fillingFreePct)} free water, limit ${f.percent(effect.fillingLimitPct)}`);
  }
  return words;
}

type Effect = NonNullable<SchoolAnswer["effect"]>;

function whole(effect: Effect, f: Figures): string {
  return `${effect.waterGrams < 0 ? `${f.mass(-effect.waterGrams)} too much without any water` : `${f.mass(effect.waterGrams)} of water`}, ${windowOf(effect)}`;
}

function windowOf({ windowFirst, windowLast, risenMinute, rollAtMinute }: Effect): string {
  if (windowFirst == null && risenMinute != null && risenMinute > rollAtMinute) {
    return "no window unless it rests longer";
  }
  return windowFirst == null ? "no rolling window" : `window ${windowFirst}–${windowLast} min`;
}

function changed(changes: NonNullable<SchoolAnswer["changes"]>, effect: Effect, now: Effect, f: Figures): string[] {
  const minutes = changes.windowFirstMinutes;
  return [
    more(changes.waterGrams, f.mass, "water", "the same water"),
    minutes == null
      ? `${effect.windowFirst == null && now.windowFirst == null ? "still " : ""}${windowOf(effect)}`
      : minutes === 0
        ? "window opens as now"
        : `window ${Math.abs(minutes)} min ${minutes > 0 ? "later" : "earlier"}`,
  ];
}

function more(grams: number, mass: (grams: number) => string, what: string, same: string): string {
  if (mass(Math.abs(grams)) === mass(0)) {
    return same;
  }
  return `${mass(Math.abs(grams))} ${grams > 0 ? "more" : "less"} ${what}`;
}

function rises({ risenMinute, pastBestMinute }: Effect, f: Figures): string[] {
  return [
    risenMinute == null ? "does not rise to its target" : `risen at minute ${f.number(risenMinute, 0)}`,
    ...(pastBestMinute == null ? [] : [`past its best at minute ${f.number(pastBestMinute, 0)}`]),
  ];
}

function feels({ handling, rollAtMinute }: Effect, f: Figures): string[] {
  const strength = `gluten ${f.number(handling.gluten, 0)}, thinnest ${f.number(handling.thinnestMm, 1)} mm`;
  return handling.rollability == null
    ? [strength]
    : [strength, `rolls ${f.percent(handling.rollability)} at minute ${f.number(rollAtMinute, 0)}`];
}
