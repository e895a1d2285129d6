/** How figures can be written: in which unit, with which mark. */
export const WRITING = {
  massUnit: {
    label: "Weights",
    options: [
      { code: "g", name: "grams" },
      { code: "oz", name: "ounces" },
    ],
  },
  lengthUnit: {
    label: "Sizes",
    options: [
      { code: "cm", name: "centimetres" },
      { code: "in", name: "inches" },
    ],
  },
  temperatureUnit: {
    label: "Temperatures",
    options: [
      { code: "C", name: "°C" },
      { code: "F", name: "°F" },
    ],
  },
  decimalMark: {
    label: "Decimals",
    options: [
      { code: "point", name: "12.5" },
      { code: "comma", name: "12,5" },
    ],
  },
} as const;
