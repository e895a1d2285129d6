import { useFigures } from "../figures";
import { NumberField, type NumberFieldProps } from "./NumberField";

type UnitFieldProps = Omit<NumberFieldProps, "format" | "toTyped" | "fromTyped" | "unit" | "framed" | "placeholder"> & {
  /** What stands in as long as nothing is typed: grams or °C, or a word. */
  placeholder?: number | string;
  /** Without frame and unit, for a column of a table that says the unit. */
  bare?: boolean;
};

/** Grams, typed and written in the kitchen's unit of mass. */
export function MassField({ placeholder, bare = false, ...field }: UnitFieldProps) {
  const figures = useFigures();
  return (
    <NumberField
      {...field}
      framed={!bare}
      unit={bare ? undefined : figures.massUnit}
      typedUnit={figures.massUnit}
      placeholder={typeof placeholder === "number" ? figures.massNumber(placeholder) : placeholder}
      format={figures.massNumber}
      toTyped={figures.massUnitFromGrams}
      fromTyped={figures.gramsFromMassUnit}
    />
  );
}

/** Degrees Celsius, typed and written in the kitchen's unit of temperature. */
export function TemperatureField({ placeholder, bare = false, ...field }: UnitFieldProps) {
  const figures = useFigures();
  const written = (celsius: number) => figures.number(figures.degreesFromCelsius(celsius), 0);
  return (
    <NumberField
      {...field}
      framed={!bare}
      unit={bare ? undefined : `°${figures.temperatureUnit}`}
      typedUnit={`°${figures.temperatureUnit}`}
      placeholder={typeof placeholder === "number" ? written(placeholder) : placeholder}
      format={written}
      toTyped={figures.degreesFromCelsius}
      fromTyped={figures.celsiusFromDegrees}
    />
  );
}

/** Millimetres, typed and written in the kitchen's unit of sizes: what is measured with a tape. */
export function SizeField({ placeholder, bare = false, ...field }: UnitFieldProps) {
  const figures = useFigures();
  return (
    <NumberField
      {...field}
      framed={!bare}
      unit={bare ? undefined : figures.lengthUnit}
      typedUnit={figures.lengthUnit}
      placeholder={typeof placeholder === "number" ? figures.sizeNumber(placeholder) : placeholder}
      format={figures.sizeNumber}
      toTyped={figures.lengthUnitFromMm}
      fromTyped={figures.mmFromLengthUnit}
    />
  );
}
