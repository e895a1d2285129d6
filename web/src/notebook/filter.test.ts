import { describe, expect, it } from "vitest";
import { addressOf, filterOf, filtersOfBefore, forgetFiltersOfBefore } from "./filter";

function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  } as Storage;
}

describe("what the notebook shows", () => {
  it.each([
    ["", {}],
    ["search=emmer&verdict=well", { search: "emmer", verdict: "well" }],
    ["formula=3&down=false&sort=name", { formula: 3, down: false, sort: "name" }],
  ])("is told by the address %s, there and back", (address, filter) => {
    expect(filterOf(new URLSearchParams(address))).toEqual(filter);
    expect(filterOf(addressOf(filter))).toEqual(filter);
  });

  it("leaves what is no formula", () => {
    expect(filterOf(new URLSearchParams("formula=moss"))).toEqual({});
  });
});

describe("filters that the browser kept before the kitchen did", () => {
  it("are handed over, and forgotten only then", () => {
    const here = storage();
    here.setItem("verdamen.notebook.filters", JSON.stringify([{ name: "Emmer", address: "search=emmer" }]));
    expect(filtersOfBefore(here)).toEqual([{ name: "Emmer", address: "search=emmer" }]);
    expect(filtersOfBefore(here)).toHaveLength(1);
    forgetFiltersOfBefore(here);
    expect(filtersOfBefore(here)).toEqual([]);
  });

  it.each(["no json", '{"name": 3}'])("are none where the browser holds %s", (kept) => {
    const here = storage();
    here.setItem("verdamen.notebook.filters", kept);
    expect(filtersOfBefore(here)).toEqual([]);
  });
});
