import { useState } from "react";

export type Theme = "day" | "night";

/** The theme shown, and how to change it; the choice is kept in the browser. */
export function useTheme(): { theme: Theme; toggle: () => void } {
  const [theme, setTheme] = useState<Theme>(() =>
    document.documentElement.dataset["theme"] === "night" ? "night" : "day",
  );
  return {
    theme,
    toggle: () => {
      const other: Theme = theme === "night" ? "day" : "night";
      document.documentElement.dataset["theme"] = other;
      localStorage.setItem("verdamen.theme", other);
      setTheme(other);
    },
  };
}
