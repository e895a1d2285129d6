import { describe, expect, it } from "vitest";
import { addressOf, filterOf, forgetFilter, savedFilters, saveFilter } from "./filter";

function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
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

describe("saved filters", () => {
  it("are kept by their name, the newer in place of the older, until they are forgotten", () => {
    const here = storage();
    saveFilter({ name: "Bad ones", address: "verdict=badly" }, here);
    saveFilter({ name: "Emmer", address: "search=emmer" }, here);
    saveFilter({ name: "Bad ones", address: "verdict=badly&tag=school" }, here);
    expect(savedFilters(here).map(({ address }) => address)).toEqual(["search=emmer", "verdict=badly&tag=school"]);
    expect(forgetFilter("Emmer", here)).toHaveLength(1);
  });

  it("are none where the browser holds something else", () => {
    const here = storage();
    here.setItem("verdamen.notebook.filters", "no json");
    expect(savedFilters(here)).toEqual([]);
  });
});
