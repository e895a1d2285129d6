interface MoreRowsProps {
  /** How many rows are shown, and how many there are. */
  shown: number;
  total: number | null;
  /** The pages of the list. */
  list: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => Promise<unknown> };
}

/** Under a long list: how much of it is shown, and more of it. */
export function MoreRows({ shown, total, list }: MoreRowsProps) {
  if (!list.hasNextPage) {
    return null;
  }
  return (
    <p className="soft flex items-center justify-center gap-4 pt-5 text-sm">
      {shown} of {total}
      <button className="btn btn-sm" disabled={list.isFetchingNextPage} onClick={() => void list.fetchNextPage()}>
        {list.isFetchingNextPage ? "Fetching…" : "Show more"}
      </button>
    </p>
  );
}
