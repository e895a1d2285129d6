import type { Kitchen } from "../api";

/** How the kitchen writes its figures. Nothing here is a rule of the job: only units, rounding and marks. */
export interface Figures {
  /** The unit in which masses are shown. */
  massUnit: "g" | "oz";
  /** The unit in which temperatures are shown. */
  temperatureUnit: "C" | "F";
  /** The unit of sizes that are measured with a tape; the thickness of a sheet is in millimetres everywhere. */
  lengthUnit: "cm" | "in";
  /** A mass with its unit: grams to 1, or 0.1 below 20 g. */
  mass(grams: number): string;
  /** A mass without its unit. */
  massNumber(grams: number): string;
  /** A size with its unit, to 0.1: across a piece or a pan, the side of a tray. */
  size(mm: number): string;
  /** A size without its unit. */
  sizeNumber(mm: number): string;
  /** A percentage with its sign, to 1, or 0.1 below 20 %. */
  percent(pct: number): string;
  /** A number with so many decimals at most. */
  number(value: number, decimals: number): string;
  /** Whether anything is left of a number once it is rounded to so many decimals. */
  shows(value: number, decimals: number): boolean;
  /** A temperature with its unit. */
  temperature(celsius: number): string;
  /** A date and time of day. */
  moment(iso: string): string;
  /** A date: of a moment, or a day by itself as in 2026-03-31. */
  date(iso: string): string;
  /** A day with the name of its weekday. */
  weekday(iso: string): string;
  /** Grams from a mass in the kitchen's unit, and back. */
  massUnitFromGrams(grams: number): number;
  gramsFromMassUnit(mass: number): number;
  /** Millimetres from a size in the kitchen's unit, and back. */
  lengthUnitFromMm(mm: number): number;
  mmFromLengthUnit(size: number): number;
  degreesFromCelsius(celsius: number): number;
  celsiusFromDegrees(degrees: number): number;
  /** A typed number: point, comma or a fraction as in 7 1/4; null for nothing, NaN for what is no number. */
  parse(text: string): number | null;
}

export const GRAMS_PER_OUNCE = 28.349523125;
export const MM_PER_CM = 10;
export const MM_PER_INCH = 25.4;
const FINE_BELOW_GRAMS = 20;
const FINE_BELOW_OUNCES = 10;
const FINE_BELOW_PERCENT = 20;
/** The short Swedish date is the one of figures only, as in 2026-03-31. */
const DATES = {
  "day-month": { locale: "en-GB", dateStyle: "medium" },
  "month-day": { locale: "en-US", dateStyle: "medium" },
  iso: { locale: "sv-SE", dateStyle: "short" },
} as const;

export function figuresOf(kitchen: Kitchen): Figures {
  const ounces = kitchen.massUnit === "oz";
  const inches = kitchen.lengthUnit === "in";
  const mmPerLengthUnit = inches ? MM_PER_INCH : MM_PER_CM;
  const fahrenheit = kitchen.temperatureUnit === "F";
  const { locale, dateStyle } = DATES[kitchen.dateOrder as keyof typeof DATES];

  const writers = new Map<number, Intl.NumberFormat>();
  const writer = (decimals: number) => {
    const known = writers.get(decimals) ?? numberFormat(kitchen.decimalMark, decimals);
    writers.set(decimals, known);
    return known;
  };
  const number = (value: number, decimals: number) =>
    writer(decimals)
      .formatToParts(value)
      .map(({ type, value: part }) => (type === "minusSign" ? "−" : part))
      .join("");
  const massNumber = (grams: number) => {
    if (!ounces) {
      return number(grams, Math.abs(grams) < FINE_BELOW_GRAMS && !isWhole(grams) ? 1 : 0);
    }
    const value = grams / GRAMS_PER_OUNCE;
    return number(value, Math.abs(value) < FINE_BELOW_OUNCES ? 2 : 1);
  };
  const sizeNumber = (mm: number) => {
    const size = mm / mmPerLengthUnit;
    return number(size, isWhole(size) ? 0 : 1);
  };
  const percent = (pct: number) => `${number(pct, Math.abs(pct) < FINE_BELOW_PERCENT && !isWhole(pct) ? 1 : 0)} %`;
  const date = (iso: string) => dayOf(iso).toLocaleDateString(locale, { dateStyle });
  const degreesFromCelsius = (celsius: number) => (fahrenheit ? (celsius * 9) / 5 + 32 : celsius);

  return {
    massUnit: ounces ? "oz" : "g",
    temperatureUnit: fahrenheit ? "F" : "C",
    lengthUnit: inches ? "in" : "cm",
    number,
    shows: (value, decimals) => Math.abs(value) >= 10 ** -decimals / 2,
    massNumber,
    mass: (grams) => `${massNumber(grams)} ${ounces ? "oz" : "g"}`,
    sizeNumber,
    size: (mm) => `${sizeNumber(mm)} ${inches ? "in" : "cm"}`,
    percent,
    temperature: (celsius) => `${number(degreesFromCelsius(celsius), 0)} °${fahrenheit ? "F" : "C"}`,
    moment: (iso) => new Date(iso).toLocaleString(locale, { dateStyle, timeStyle: "short" }),
    date,
    weekday: (iso) => `${dayOf(iso).toLocaleDateString("en-GB", { weekday: "long" })}, ${date(iso)}`,
    massUnitFromGrams: (grams) => (ounces ? grams / GRAMS_PER_OUNCE : grams),
    gramsFromMassUnit: (mass) => (ounces ? mass * GRAMS_PER_OUNCE : mass),
    lengthUnitFromMm: (mm) => mm / mmPerLengthUnit,
    mmFromLengthUnit: (size) => size * mmPerLengthUnit,
    degreesFromCelsius,
    celsiusFromDegrees: (degrees) => (fahrenheit ? ((degrees - 32) * 5) / 9 : degrees),
    parse: parseNumber,
  };
}

/** A day by itself is the same day wherever it is read; a moment is not. */
const dayOf = (iso: string) => new Date(iso.includes("T") ? iso : `${iso}T00:00`);

/** Without a sign on what rounds to nothing. */
function numberFormat(decimalMark: Kitchen["decimalMark"], decimals: number): Intl.NumberFormat {
  return new Intl.NumberFormat(decimalMark === "comma" ? "de-DE" : "en-GB", {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    useGrouping: false,
    signDisplay: "negative",
  });
}

function isWhole(value: number): boolean {
  return Math.abs(value - Math.round(value)) < 0.05;
}

function parseNumber(text: string): number | null {
  const trimmed = text.trim().replace("−", "-").replace(",", ".");
  if (trimmed === "") {
    return null;
  }
  const [, whole = "0", over, under] = /^(?:(\d+) +)?(\d+)\/([1-9]\d*)$/.exec(trimmed) ?? [];
  if (over !== undefined) {
    return Number(whole) + Number(over) / Number(under);
  }
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(trimmed) ? Number(trimmed) : NaN;
}
