package verdamen.server.notebook;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.json.ListPlace;
import verdamen.server.notebook.NotebookMapper.Asked;
import verdamen.server.notebook.NotebookMapper.PageRow;
import verdamen.server.notebook.NotebookPage.NotebookRow;

/** The notebook as a list: searched, sorted and paged by the database. */
@Service
class NotebookList {

    private static final Set<String> VERDICTS = Set.of("well", "middling", "badly", "none");
    private static final int TAGS_SHOWN = 40;

    private final NotebookMapper mapper;

    NotebookList(NotebookMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * What is looked for, as asked: not yet checked, absent for all.
     *
     * @param search words that must all begin a word of name, ingredients, notes or tags
     * @param formula id of a formula
     * @param ingredient code of an ingredient, as of a flour
     * @param verdict {@code well}, {@code middling}, {@code badly}; {@code none} for those of which nobody has said
     * @param tag a tag
     * @param from the first day, as in 2026-03-31
     * @param to the last day
     * @param sort {@code started} or {@code name}; absent for when they were begun
     * @param down whether the newest comes first, or the last of the alphabet; absent for yes
     * @param after where the page begins, as the page before says
     * @param limit rows at most; absent for 50
     */
    record Parameters(
            @Nullable String search,
            @Nullable Long formula,
            @Nullable String ingredient,
            @Nullable String verdict,
            @Nullable String tag,
            @Nullable String from,
            @Nullable String to,
            @Nullable String sort,
            @Nullable Boolean down,
            @Nullable String after,
            @Nullable Integer limit) {}

    private static final int USUAL_ROWS = 50;

    /**
     * A page of the notebook.
     *
     * @throws verdamen.core.model.RefusedException naming what is not known, or no day
     */
    public NotebookPage page(Parameters asked) {
        int limit = asked.limit() == null ? USUAL_ROWS : asked.limit();
        Asked checked = checked(asked, limit);
        List<PageRow> found = mapper.page(checked);
        List<NotebookRow> rows = found.stream()
                .filter(row -> row.id() != null)
                .limit(limit)
                .map(NotebookList::row)
                .toList();
        return new NotebookPage(
                rows,
                found.size() > limit
                        ? checked.sort().placeOf(rows.get(limit - 1)).cursor()
                        : null,
                found.get(0).total());
    }

    private static NotebookRow row(PageRow row) {
        return new NotebookRow(
                row.id(),
                row.formula(),
                row.version(),
                row.name(),
                row.factor(),
                row.startedAt(),
                row.finishedAt(),
                row.verdict(),
                row.said(),
                List.of(row.tags()),
                row.practice());
    }

    /** The tags that batches have, the most used first. */
    @Transactional(readOnly = true)
    public List<String> tags() {
        return mapper.tags(TAGS_SHOWN);
    }

    private static Asked checked(Parameters asked, int limit) {
        Faults faults = new Faults();
        String words = faults.optionalText("search", asked.search(), Limit.SEARCH);
        faults.require(
                asked.verdict() == null || VERDICTS.contains(asked.verdict()),
                "verdict",
                FaultCode.UNKNOWN_CODE,
                asked.verdict());
        faults.optionalText("tag", asked.tag(), Limit.WORD);
        faults.optionalText("ingredient", asked.ingredient(), Limit.CODE);
        NotebookSort sort =
                asked.sort() == null ? NotebookSort.STARTED : faults.choice("sort", asked.sort(), NotebookSort.class);
        faults.number("limit", (double) limit, Limit.PAGE_ROWS);
        OffsetDateTime from = day("from", asked.from(), 0, faults);
        OffsetDateTime to = day("to", asked.to(), 1, faults);
        ListPlace place = asked.after() == null ? null : ListPlace.of(asked.after(), faults);
        faults.refuse();
        return new Asked(
                query(words),
                asked.formula(),
                asked.ingredient(),
                asked.verdict(),
                asked.tag(),
                from,
                to,
                sort == null ? NotebookSort.STARTED : sort,
                asked.down() == null || asked.down(),
                place,
                limit + 1);
    }

    /** The beginning of a day so many days later, where the server stands. */
    private static @Nullable OffsetDateTime day(String field, @Nullable String day, int later, Faults faults) {
        if (day == null || day.isBlank()) {
            return null;
        }
        try {
            return LocalDate.parse(day)
                    .plusDays(later)
                    .atStartOfDay(ZoneId.systemDefault())
                    .toOffsetDateTime();
        } catch (DateTimeParseException notOne) {
            faults.add(null, field, FaultCode.UNREADABLE, day);
            return null;
        }
    }

    /** Words of which each must begin one that is found; null for none. Nothing but letters and digits goes into it. */
    static @Nullable String query(String words) {
        String query = Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{M}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> word + ":*")
                .collect(Collectors.joining(" & "));
        return query.isEmpty() ? null : query;
    }
}
