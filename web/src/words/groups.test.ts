import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { groupWords } from "./groups";

const TABLE = readFileSync("../core/src/main/resources/verdamen/core/pantry/ingredients.csv", "utf8");

it("has words for every group of the book", () => {
  const groups = new Set(
    TABLE.trim()
      .split("\n")
      .slice(1)
      .map((row) => row.replace(/"[^"]*"/g, "").split(",")[3] ?? ""),
  );
  expect(groups.size).toBeGreaterThan(40);
  for (const group of groups) {
    expect(groupWords(group), group).not.toContain("-");
    if (group.includes("-")) {
      expect(groupWords(group), group).not.toBe(group.replaceAll("-", " "));
    }
  }
});
