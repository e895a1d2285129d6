import type { ReactNode } from "react";

interface HeadingsProps {
  of: string[];
  /** Headings that follow, as for a column of buttons. */
  children?: ReactNode;
}

/** The headings of a table's columns. */
export function Headings({ of, children }: HeadingsProps) {
  return (
    <thead className="soft text-left text-xs">
      <tr>
        {of.map((heading) => (
          <th key={heading} scope="col" className="pr-3 font-normal">
            {heading}
          </th>
        ))}
        {children}
      </tr>
    </thead>
  );
}
