import { describe, expect, it } from "vitest";
import { clockWords } from "../words";
import { timeOf } from "./time";

describe("a time as it is typed", () => {
  it.each([
    ["7", 420],
    ["7:30", 450],
    ["07.30", 450],
    ["730", 450],
    ["1215", 735],
    ["7h30", 450],
    ["7 pm", 1140],
    ["12 am", 0],
    ["12:30pm", 750],
    ["0:05", 5],
    ["18:00 the day before", -360],
    ["18:00 day before", -360],
    ["18 yesterday", -360],
    ["6:00 the next day", 1800],
    ["  9:15 ", 555],
  ])("%s", (typed, minute) => {
    expect(timeOf(typed)).toBe(minute);
  });

  it.each(["noon", "25", "7:75", "13 pm", "7:30 soon", "-3", "123456"])("%s is none", (typed) => {
    expect(timeOf(typed)).toBeNaN();
  });

  it("is nothing when nothing is typed", () => {
    expect(timeOf(" ")).toBeNull();
  });

  it("is read as it is written", () => {
    for (let minute = -1440; minute < 2880; minute += 7) {
      expect(timeOf(clockWords(minute))).toBe(minute);
    }
  });
});
