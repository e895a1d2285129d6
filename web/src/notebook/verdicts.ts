/** How a batch can come out, with a mark that tells them apart without colour. */
export const VERDICTS = [
  { code: "well", short: "well", mark: "●" },
  { code: "middling", short: "middling", mark: "◐" },
  { code: "badly", short: "badly", mark: "○" },
];
