import type { ComponentProps } from "react";

interface IconButtonProps extends Omit<ComponentProps<"button">, "type"> {
  /** What it does, for those who do not see the icon; shown as a hint too, unless `title` says more. */
  label: string;
  large?: boolean;
  /** Stands back until one looks for it. */
  quiet?: boolean;
}

/** A square button with an icon. */
export function IconButton({ label, large = false, quiet = false, title = label, ...button }: IconButtonProps) {
  return (
    <button
      type="button"
      className={`btn btn-ghost btn-square ${large ? "btn-sm" : "btn-xs"} ${quiet ? "soft" : ""}`}
      aria-label={label}
      title={title}
      {...button}
    />
  );
}
