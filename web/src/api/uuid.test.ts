import { expect, it } from "vitest";
import { newUuid } from "./uuid";

it("makes UUIDs of version 4, each another", () => {
  const made = Array.from({ length: 200 }, newUuid);
  expect(new Set(made).size).toBe(200);
  for (const uuid of made) {
    expect(uuid).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  }
});
