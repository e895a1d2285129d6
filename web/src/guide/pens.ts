/** How dough is drawn in the guide. */
export const DOUGH = {
  fill: "var(--material-flour)",
  stroke: "var(--material-flour-ink)",
  strokeWidth: 1.6,
  strokeLinejoin: "round",
} as const;

/** How hands, arrows and all else are drawn. */
export const LINE = {
  fill: "none",
  stroke: "currentColor",
  strokeWidth: 2,
  strokeLinecap: "round",
  strokeLinejoin: "round",
} as const;
