import { useFigures } from "../figures";
import { NumberField, type NumberFieldProps } from "./NumberField";

interface InUnit {
  unit: string;
  format: (value: number) => string;
  toTyped: (value: number) => number;
  fromTyped: (typed: number) => number;
}

type UnitFieldProps = Omit<NumberFieldProps, keyof InUnit | "framed" | "placeholder"> & {
  /** What stands in as long as nothing is typed: a value as it is stored, or a word. */
  placeholder?: number | string;
  /** Without frame and unit, for a column of a table that says the unit. */
  bare?: boolean;
};

function UnitField({ placeholder, bare = false, unit, ...field }: UnitFieldProps & InUnit) {
  return (
    <NumberField
      {...field}
      framed={!bare}
      unit={bare ? undefined : unit}
      typedUnit={unit}
      placeholder={typeof placeholder === "number" ? field.format(placeholder) : placeholder}
    />
  );
}

/** Grams, typed and written in the kitchen's unit of mass. */
export function MassField(field: UnitFieldProps) {
  const figures = useFigures();
  return (
    <UnitField
      {...field}
      unit={figures.massUnit}
      format={figures.massNumber}
      toTyped={figures.massUnitFromGrams}
      fromTyped={figures.gramsFromMassUnit}
    />
  );
}

/** Degrees Celsius, typed and written in the kitchen's unit of temperature. */
export function TemperatureField(field: UnitFieldProps) {
  const figures = useFigures();
  return (
    <UnitField
      {...field}
      unit={`°${figures.temperatureUnit}`}
      format={(celsius) => figures.number(figures.degreesFromCelsius(celsius), 0)}
      toTyped={figures.degreesFromCelsius}
      fromTyped={figures.celsiusFromDegrees}
    />
  );
}

/** Millimetres, typed and written in the kitchen's unit of sizes: what is measured with a tape. */
export function SizeField(field: UnitFieldProps) {
  const figures = useFigures();
  return (
    <UnitField
      {...field}
      unit={figures.lengthUnit}
      format={figures.sizeNumber}
      toTyped={figures.lengthUnitFromMm}
      fromTyped={figures.mmFromLengthUnit}
    />
  );
}
