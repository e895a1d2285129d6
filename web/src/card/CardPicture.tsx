import type { CardDocument } from "../api";

type Picture = NonNullable<CardDocument["bands"][number]["sections"][number]["parts"][number]["picture"]>;
type Shape = Picture["shapes"][number];

const INK = "var(--color-base-content)";
/** Height of the letters, mm. */
const LETTERS = 2.9;

/** A small picture, drawn in mm as on paper. */
export function CardPicture({ picture: { name, widthMm, heightMm, shapes } }: { picture: Picture }) {
  return (
    <svg
      role="img"
      aria-label={name}
      viewBox={`-0.5 -0.5 ${widthMm + 1} ${heightMm + 1}`}
      style={{ width: `${widthMm}mm`, maxWidth: "100%" }}
    >
      {shapes.map((shape, index) => (
        <ShapeOf key={index} shape={shape} />
      ))}
    </svg>
  );
}

function ShapeOf({ shape: { kind, x, y, width, height, material, text } }: { shape: Shape }) {
  const fill = material === "ink" ? INK : `var(--material-${material})`;
  switch (kind) {
    case "rect":
      return <rect x={x} y={y} width={width} height={height} fill={fill} stroke={INK} strokeWidth={0.12} />;
    case "circle":
      return <circle cx={x} cy={y} r={width / 2} fill={fill} stroke={INK} strokeWidth={0.12} />;
    case "line":
      return <line x1={x} y1={y} x2={x + width} y2={y + height} stroke={fill} strokeWidth={0.4} />;
    default:
      return (
        <text x={x} y={y} textAnchor="middle" fontSize={LETTERS} fill={fill}>
          {text}
        </text>
      );
  }
}
