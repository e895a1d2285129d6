import { createContext, type ComponentProps, useContext } from "react";

/**
 * Whether the figures shown belong to the formula on the page. While a newer answer is on its way they do not, and nothing
 * that acts on them can be pressed.
 */
export const CurrentContext = createContext(true);

/** Whether what is shown may be acted on. */
export function useCurrent(): boolean {
  return useContext(CurrentContext);
}

/** A button that acts on a figure shown: it keeps the focus, and does nothing, while that figure is an old one. */
export function ActionButton({ onClick, className = "", ...button }: ComponentProps<"button">) {
  const current = useCurrent();
  return (
    <button
      type="button"
      {...button}
      className={`${className} aria-disabled:cursor-progress aria-disabled:opacity-60`}
      aria-disabled={!current || undefined}
      onClick={(event) => {
        if (current) {
          onClick?.(event);
        }
      }}
    />
  );
}
