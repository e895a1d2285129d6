import type { CardDocument } from "../api";

interface CardQrProps {
  qr: NonNullable<CardDocument["qr"]>;
  link: string;
}

/** A QR code that opens the formula. It is black on white whatever the theme, to be read by a camera. */
export function CardQr({ qr: { size, rows }, link }: CardQrProps) {
  const path = rows
    .flatMap((row, y) => [...row].map((module, x) => (module === "1" ? `M${x} ${y}h1v1h-1z` : "")))
    .join("");
  return (
    <svg
      role="img"
      aria-label={`QR code of ${link}`}
      viewBox={`0 0 ${size} ${size}`}
      className="w-[22mm] shrink-0 bg-white"
      shapeRendering="crispEdges"
    >
      <path d={path} fill="black" />
    </svg>
  );
}
