import { ArrowDown, ArrowUp } from "lucide-react";

/** By which column a table is sorted, and which way. */
export interface Sort<Column extends string> {
  column: Column;
  down: boolean;
}

interface SortHeadingProps<Column extends string> {
  column: Column;
  label: string;
  className?: string;
  sort: Sort<Column> | null;
  onSort: (sort: Sort<Column>) => void;
}

/** A column's heading that sorts the table by it, and the other way when pressed again. */
export function SortHeading<Column extends string>({
  column,
  label,
  className = "",
  sort,
  onSort,
}: SortHeadingProps<Column>) {
  const sorted = sort?.column === column;
  return (
    <th
      className={`pb-1.5 font-normal ${className}`}
      aria-sort={sorted ? (sort.down ? "descending" : "ascending") : "none"}
    >
      <button
        className={`hover:text-base-content inline-flex items-center gap-1 ${sorted ? "text-base-content font-semibold" : ""}`}
        onClick={() => onSort({ column, down: sorted ? !sort.down : false })}
      >
        {label}
        {sorted && (sort.down ? <ArrowDown size={12} aria-hidden /> : <ArrowUp size={12} aria-hidden />)}
      </button>
    </th>
  );
}

/** Rows in the order of a column's key. */
export function inOrder<T, Column extends string>(
  rows: T[],
  sort: Sort<Column> | null,
  keys: Record<Column, (row: T) => string | number>,
): T[] {
  if (sort === null) {
    return rows;
  }
  const key = keys[sort.column];
  const way = sort.down ? -1 : 1;
  return rows.toSorted((one, two) => {
    const [a, b] = [key(one), key(two)];
    return a < b ? -way : a > b ? way : 0;
  });
}
