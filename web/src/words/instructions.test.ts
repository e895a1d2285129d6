import { describe, expect, it } from "vitest";
import type { BalanceAnswer, Kitchen } from "../api";
import { figuresOf } from "../figures";
import { instructionWords, obstacleWords } from "./instructions";

type Instruction = BalanceAnswer["said"][number];

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "F", decimalMark: "comma", dateOrder: "iso" } as Kitchen);
const said = (kind: Instruction["kind"], value: number, rest: Partial<Instruction> = {}): Instruction => ({
  kind,
  value,
  words: "",
  state: "open",
  possible: null,
  ...rest,
});

describe("what a method says", () => {
  it.each([
    [said("knead", 8), "kneaded by hand 8 min"],
    [said("chill", 720), "rest in the fridge 12 h"],
    [said("rest", 150), "rest 2,5 h"],
    [said("diameter", 185), "rolled 18,5 cm across"],
    [said("water", 50), "water at 122 °F"],
  ])("%o: %s", (instruction, words) => {
    expect(instructionWords(instruction, FIGURES)).toBe(words);
    expect(obstacleWords(instruction, FIGURES)).toBe("");
  });

  it("names the end of what can be that was passed", () => {
    const possible = { least: 0.3, most: 60 };
    expect(obstacleWords(said("sheet", 200, { state: "impossible", possible }), FIGURES)).toBe(
      "Cannot be: rolled to 60 mm at most.",
    );
    expect(obstacleWords(said("sheet", 0.1, { state: "impossible", possible }), FIGURES)).toBe(
      "Cannot be: rolled to 0,3 mm at least.",
    );
  });

  it("says why a dough is not waited for", () => {
    expect(obstacleWords(said("rise", 0, { state: "never-rises" }), FIGURES)).toContain("makes it rise");
  });
});
