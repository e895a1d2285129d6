import type { Material } from "../api";

/** The names and letters that go with the materials' colours and patterns. */
export const MATERIALS: Record<Material, { name: string; letter: string }> = {
  flour: { name: "flour", letter: "Fl" },
  water: { name: "water", letter: "W" },
  fat: { name: "fat", letter: "Ft" },
  inclusion: { name: "inclusion", letter: "In" },
  other: { name: "other", letter: "·" },
};

export function materialFill(material: Material): string {
  return `url(#material-${material})`;
}

export function materialInk(material: Material): string {
  return material === "water" ? "var(--material-water-ink)" : "var(--material-label)";
}

/** The patterns of the materials, drawn once for the whole page: specks, ripples, slant lines, veins. */
export function MaterialPatterns() {
  const ink = (material: Material) => `var(--material-${material}-ink)`;
  const ground = (material: Material, width: number, height = width) => (
    <rect width={width} height={height} fill={`var(--material-${material})`} />
  );
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <pattern id="material-flour" width="14" height="14" patternUnits="userSpaceOnUse">
          {ground("flour", 14)}
          <g fill={ink("flour")} opacity="0.45">
            <circle cx="3" cy="4" r="0.9" />
            <circle cx="10" cy="2" r="0.6" />
            <circle cx="7" cy="9" r="0.8" />
            <circle cx="12.5" cy="11.5" r="0.9" />
            <circle cx="2" cy="12" r="0.6" />
          </g>
        </pattern>
        <pattern id="material-water" width="18" height="9" patternUnits="userSpaceOnUse">
          {ground("water", 18, 9)}
          <path d="M0 5q4.5-4 9 0t9 0" fill="none" stroke={ink("water")} strokeWidth="0.9" opacity="0.4" />
        </pattern>
        <pattern id="material-fat" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          {ground("fat", 8)}
          <rect width="1.6" height="8" fill={ink("fat")} opacity="0.28" />
        </pattern>
        <pattern id="material-inclusion" width="16" height="14" patternUnits="userSpaceOnUse">
          {ground("inclusion", 16, 14)}
          <g fill="none" stroke={ink("inclusion")} strokeWidth="0.9" opacity="0.5">
            <path d="M3 11C3 6 6 4 9 3c0 4-1.5 7-6 8zm0 0 4-5" />
            <path d="M11 14c0-3 1.5-5 4-5.5" />
          </g>
        </pattern>
        <pattern id="material-other" width="6" height="6" patternUnits="userSpaceOnUse">
          {ground("other", 6)}
          <rect width="6" height="1" y="2.5" fill={ink("other")} opacity="0.22" />
        </pattern>
      </defs>
    </svg>
  );
}

/** A small patch of a material with its letter. */
export function Swatch({ material, size = 22 }: { material: Material; size?: number }) {
  const { name, letter } = MATERIALS[material];
  return (
    <svg width={size} height={size} role="img" aria-label={name} className="shrink-0 rounded-[0.3rem]">
      <rect width="100%" height="100%" fill={materialFill(material)} />
      <text
        x="50%"
        y="53%"
        dominantBaseline="middle"
        textAnchor="middle"
        fontSize={size * 0.5}
        fontWeight="650"
        fill={materialInk(material)}
      >
        {letter}
      </text>
    </svg>
  );
}
