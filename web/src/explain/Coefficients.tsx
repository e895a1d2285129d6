import type { ModelBook } from "../api";
import { useFigures } from "../figures";
import { plainNumber, sourceWords } from "../words";

type Entry = ModelBook["others"][number];

const UNITS: Record<Entry["unit"], string> = {
  GRAMS: "g",
  GRAMS_SQUARED: "g²",
  FACTOR: "",
  PERCENT: "%",
  MINUTES: "min",
  SECONDS: "s",
  MILLIMETRES: "mm",
  MICROMETRES: "µm",
  CELSIUS: "°C",
  PER_MINUTE: "per min",
  JOULES_PER_KELVIN: "J/K",
  WATTS_PER_KELVIN: "W/K",
  HOURS: "h",
  PER_HOUR: "per h",
  WATTS: "W",
  KILOJOULES: "kJ",
  JOULES_PER_GRAM: "J/g",
  MILLIMOLES: "mmol",
  MILLIMOLES_PER_GRAM: "mmol/g",
  MILLILITRES_PER_MILLIMOLE: "ml/mmol",
  JOULES_PER_GRAM_KELVIN: "J/(g K)",
  KELVINS: "K",
  KELVINS_PER_MINUTE: "K/min",
  KILOCALORIES: "kcal",
  KILOCALORIES_PER_GRAM: "kcal/g",
  GLUTEN_POINTS: "gluten points",
  SOFTNESS: "softness",
  COUNT: "",
  MILLIGRAMS: "mg",
  MILLILITRES: "ml",
  LITRES: "l",
  GRAMS_PER_MILLILITRE: "g/ml",
  CHARACTERS: "characters",
  BYTES: "bytes",
};

/** Coefficients with their size, reason, source and how well they are known. */
export function Coefficients({ entries }: { entries: Entry[] }) {
  const figures = useFigures();
  if (entries.length === 0) {
    return null;
  }
  return (
    <table className="w-full text-sm">
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.name} className="align-top">
            <th scope="row" className="w-28 pr-3 text-right font-semibold whitespace-nowrap">
              {plainNumber(entry.value, figures, 9)} {UNITS[entry.unit]}
            </th>
            <td>
              {entry.rationale}{" "}
              <span className="soft text-xs">
                ({sourceWords(entry.source)}; {entry.confidence} confidence)
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
