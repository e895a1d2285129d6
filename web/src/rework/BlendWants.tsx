import type { BlendAnswer } from "../api";
import type { PlannedBlend, PlannedWant } from "../formula";
import { useFigures } from "../figures";
import { NumberField, Said } from "../parts";
import { BLEND_FIGURES, type BlendFigure, blendFigureName, blendFigureWords } from "../words";

const NO_WANT: PlannedWant = { atLeast: null, about: null, atMost: null };
const ENDS = [
  { code: "atLeast", name: "at least" },
  { code: "about", name: "near to" },
  { code: "atMost", name: "at most" },
] as const;

interface BlendWantsProps {
  blend: PlannedBlend;
  answer: BlendAnswer | null;
  faultOf: (figure: string, end: string) => string | null;
  fault: (field: string) => string | null;
  onChange: (patch: Partial<PlannedBlend>, tag?: string) => void;
}

/** What is wanted of the blend, beside what it comes to. */
export function BlendWants({ blend, answer, faultOf, fault, onChange }: BlendWantsProps) {
  const figures = useFigures();
  const messages = [
    ...BLEND_FIGURES.flatMap(({ code }) => ["figure", "atLeast", "about", "atMost"].map((end) => faultOf(code, end))),
    fault("goal"),
    fault("atMostFlours"),
  ];
  const end = (figure: BlendFigure, code: keyof PlannedWant, name: string) => {
    const want = blend.wanted[figure] ?? NO_WANT;
    return (
      <NumberField
        framed
        label={`${blendFigureName(figure)} ${name}`}
        className="w-20"
        value={want[code]}
        format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 2)}
        error={faultOf(figure, code)}
        onChange={(value) =>
          onChange({ wanted: { ...blend.wanted, [figure]: { ...want, [code]: value } } }, `blend ${figure} ${code}`)
        }
      />
    );
  };
  return (
    <div className="pt-3" data-testid="blend-wants">
      <h2 className="section-title">What the blend is to have</h2>
      <table className="text-sm">
        <thead>
          <tr className="soft text-right text-xs">
            <th scope="col" className="pb-1 text-left font-normal">
              figure
            </th>
            {ENDS.map(({ code, name }) => (
              <th key={code} scope="col" className="px-1 font-normal">
                {name}
              </th>
            ))}
            <th scope="col" className="pl-4 font-normal">
              the blend
            </th>
          </tr>
        </thead>
        <tbody>
          {BLEND_FIGURES.map(({ code, near }) => (
            <tr key={code} className="hairline border-t">
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {blendFigureName(code)}
              </th>
              {ENDS.map((each) => (
                <td key={each.code} className="px-1">
                  {(near || each.code !== "about") && end(code, each.code, each.name)}
                </td>
              ))}
              <td className="pl-4 text-right font-semibold" data-figure={code}>
                {blendFigureWords(code, answer?.figures[code], figures)}
                {answer?.missing[code] !== undefined && (
                  <span className="text-error block text-xs font-normal">
                    {blendFigureWords(code, answer.missing[code], figures)} away
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap items-center gap-2 pt-2 text-sm">
        <label className="flex items-center gap-2">
          and then
          <select
            className="quiet-field framed w-52"
            aria-label="Goal of the blend"
            value={blend.goal}
            onChange={(event) => onChange({ goal: event.target.value })}
          >
            <option value="">the least cost, if known</option>
            <option value="costPerKg">the least cost</option>
            <option value="proteinPct">the most protein</option>
            <option value="absorptionPct">the most absorption</option>
            <option value="wholeGrainPct">the most whole grain</option>
          </select>
        </label>
        of at most
        <NumberField
          framed
          label="At most so many flours"
          className="w-16"
          placeholder="any"
          value={blend.most}
          format={(value) => figures.number(value, 0)}
          error={fault("atMostFlours")}
          onChange={(most) => onChange({ most }, "blend most")}
        />
        flours
      </div>
      <Said messages={messages} />
    </div>
  );
}
