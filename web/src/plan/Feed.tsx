import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, feedQuery, taken } from "../api";
import { ErrorText } from "../parts";

/** The address under which calendar programs find the saved days; it can be revoked. */
export function Feed() {
  const queries = useQueryClient();
  const feed = useQuery(feedQuery);
  const change = useMutation({
    mutationFn: (make: boolean) => taken(make ? api.POST("/api/days/feed") : api.DELETE("/api/days/feed")),
    onSuccess: (answer) => queries.setQueryData(feedQuery.queryKey, answer),
  });
  const path = feed.data?.path ?? null;
  return (
    <section aria-label="Calendar feed" className="pt-8" data-testid="feed">
      <h2 className="section-title">In your calendar</h2>
      <p className="soft max-w-2xl text-sm">
        A calendar program that asks this address shows the saved days with everything that is done by hand, as they
        were planned when they were saved. Whoever knows the address can read them.
      </p>
      <div className="flex flex-wrap items-center gap-2 pt-2">
        {path !== null && (
          <input
            readOnly
            className="quiet-field framed w-[34rem] max-w-full"
            aria-label="Address of the feed"
            value={`${window.location.origin}${path}`}
            onFocus={(event) => event.target.select()}
          />
        )}
        {feed.isSuccess && (
          <button type="button" className="btn btn-sm" onClick={() => change.mutate(true)}>
            {path === null ? "Make an address" : "Make another address; this one stops"}
          </button>
        )}
        {path !== null && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => change.mutate(false)}>
            Revoke it
          </button>
        )}
      </div>
      <ErrorText error={change.error ?? feed.error} />
    </section>
  );
}
