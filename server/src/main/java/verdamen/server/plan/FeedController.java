package verdamen.server.plan;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The feed of a kitchen's days over the API. */
@RestController
class FeedController {

    private final DayFeed feed;

    FeedController(DayFeed feed) {
        this.feed = feed;
    }

    /**
     * Where calendar programs find the days.
     *
     * @param path path of the feed on this server; null while there is none
     */
    record FeedAddress(@Nullable String path) {}

    /** Where calendar programs find the days. */
    @GetMapping("/api/days/feed")
    FeedAddress feed() {
        String key = feed.key();
        return new FeedAddress(key == null ? null : "/api/feeds/" + key + ".ics");
    }

    /** Makes an address for the feed; the one before stops. */
    @PostMapping("/api/days/feed")
    FeedAddress makeFeed() {
        feed.make();
        return feed();
    }

    /** Revokes the address of the feed. */
    @DeleteMapping("/api/days/feed")
    FeedAddress revokeFeed() {
        feed.revoke();
        return feed();
    }

    /** The days of the last month and those to come, as a calendar. */
    @GetMapping(value = "/api/feeds/{key}.ics", produces = "text/calendar")
    String feedCalendar(@PathVariable String key) {
        return feed.calendar(key);
    }
}
