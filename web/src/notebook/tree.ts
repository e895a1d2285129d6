interface Version {
  number: number;
  parent?: number | null;
}

/** A version as it is drawn beside the list, the newest on top: lines run down to what each was made from. */
export interface TreeRow {
  number: number;
  /** The lane of its dot, from 0. */
  lane: number;
  /** Whether its line comes from above: something newer was made from it. */
  up: boolean;
  /** Whether its line goes on below: it was made from something. */
  down: boolean;
  /** Lanes that only pass. */
  passing: number[];
  /** Other lanes that end here: branches made from it. */
  joins: number[];
}

/** Rows of a tree of versions, the newest first. The newest version made from one goes on in its lane. */
export function treeRows(versions: Version[]): TreeRow[] {
  /** By lane, the number of the version that it runs down to; null when it is free. */
  const lanes: (number | null)[] = [];
  return versions.map(({ number, parent }) => {
    const here = lanes.flatMap((target, lane) => (target === number ? [lane] : []));
    const free = lanes.indexOf(null);
    const lane = here[0] ?? (free < 0 ? lanes.length : free);
    const joins = here.slice(1);
    joins.forEach((ended) => (lanes[ended] = null));
    const passing = lanes.flatMap((target, other) => (target !== null && other !== lane ? [other] : []));
    lanes[lane] = parent ?? null;
    return { number, lane, up: here.length > 0, down: parent != null, passing, joins };
  });
}

/** As many lanes as a tree needs. */
export function laneCount(rows: TreeRow[]): number {
  return 1 + Math.max(0, ...rows.flatMap(({ lane, passing, joins }) => [lane, ...passing, ...joins]));
}
