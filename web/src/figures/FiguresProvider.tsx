import { useQuery } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useMemo } from "react";
import { type Kitchen, kitchenQuery } from "../api";
import { type Figures, figuresOf } from "./units";

const UNTIL_LOADED: Kitchen = {
  name: "Verdamen",
  massUnit: "g",
  lengthUnit: "cm",
  temperatureUnit: "C",
  decimalMark: "point",
  dateOrder: "day-month",
  cupMl: 240,
  cupFilling: null,
  currency: "€",
};

const FiguresContext = createContext<Figures>(figuresOf(UNTIL_LOADED));

/** Lets the whole page write figures the way the kitchen does. */
export function FiguresProvider({ children }: { children: ReactNode }) {
  const kitchen = useQuery(kitchenQuery).data ?? UNTIL_LOADED;
  const figures = useMemo(() => figuresOf(kitchen), [kitchen]);
  return <FiguresContext value={figures}>{children}</FiguresContext>;
}

export function useFigures(): Figures {
  return useContext(FiguresContext);
}
