import { useState } from "react";

export type Theme = "bench" | "oven";

/** The theme shown, and how to change it; the choice is kept in the browser. */
export function useTheme(): { theme: Theme; toggle: () => void } {
  const [theme, setTheme] = useState<Theme>(() =>
    document.documentElement.dataset["theme"] === "oven" ? "oven" : "bench",
  );
  return {
    theme,
    toggle: () => {
      const other: Theme = theme === "oven" ? "bench" : "oven";
      document.documentElement.dataset["theme"] = other;
      localStorage.setItem("verdamen.theme", other);
      setTheme(other);
    },
  };
}
