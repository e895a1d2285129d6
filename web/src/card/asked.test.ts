import { describe, expect, it } from "vitest";
import { cardAsked, chosen, hidden, pdfAddress, SHOWN } from "./asked";

describe("which card is looked at", () => {
  it("is a bench sheet on A4 written as the kitchen does, until something else is said", () => {
    const asked = cardAsked(new URLSearchParams(), 4);
    expect(asked).toMatchObject({ kind: "bench", paper: "a4", version: 4, with: null, massUnit: null, hide: [] });
    expect(pdfAddress(7, asked)).toBe("/api/formulas/7/card.pdf?kind=bench&version=4&paper=a4");
  });

  it("is what the address says, with everything that is left out", () => {
    const search = new URLSearchParams("kind=comparison&with=2&massUnit=oz&hide=qr&hide=note");
    const asked = cardAsked(search, 3);
    expect(asked).toMatchObject({ kind: "comparison", with: 2, massUnit: "oz", hide: ["qr", "note"] });
    expect(pdfAddress(7, asked)).toContain("hide=qr&hide=note");
  });

  it("changes in the address one thing at a time", () => {
    const search = new URLSearchParams("kind=spec&hide=qr");
    expect(chosen(search, "kind", "label").toString()).toBe("kind=label&hide=qr");
    expect(chosen(search, "kind", "").toString()).toBe("hide=qr");
    expect(hidden(search, "nutrition", true).getAll("hide")).toEqual(["qr", "nutrition"]);
    expect(hidden(search, "qr", true).getAll("hide")).toEqual(["qr"]);
    expect(hidden(search, "qr", false).getAll("hide")).toEqual([]);
  });

  it("offers the QR code on every card", () => {
    expect(SHOWN.find(({ code }) => code === "qr")?.on).toHaveLength(4);
  });
});
