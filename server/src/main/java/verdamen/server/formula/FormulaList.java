package verdamen.server.formula;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Coded;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.formula.FormulaMapper.Asked;
import verdamen.server.formula.FormulaMapper.ListRow;
import verdamen.server.formula.Summaries.Summary;
import verdamen.server.json.ListPlace;
import verdamen.server.json.SearchWords;

/** The list of formulas: searched, sorted and paged by the database over summaries kept with each formula. */
@Service
class FormulaList {

    private final FormulaMapper mapper;
    private final Summaries summaries;

    FormulaList(FormulaMapper mapper, Summaries summaries) {
        this.mapper = mapper;
        this.summaries = summaries;
    }

    /**
     * A page of the list.
     *
     * @param search words that must all be found in name, style, flours or inclusions
     * @param state code of a state; null for all
     * @param sort code of what it is sorted by
     * @param down whether the largest comes first
     * @param after where the page begins, as the page before says; null for the first
     * @param limit rows at most
     * @throws verdamen.core.model.RefusedException when something of it is not known
     */
    @Transactional
    public FormulaPage page(
            @Nullable String search,
            @Nullable String state,
            String sort,
            boolean down,
            @Nullable String after,
            int limit) {
        Faults faults = new Faults();
        String words = faults.optionalText("search", search, Limit.SEARCH);
        FormulaState wanted = state == null ? null : faults.choice("state", state, FormulaState.class);
        FormulaSort sorted = faults.choice("sort", sort, FormulaSort.class);
        faults.number("limit", (double) limit, Limit.PAGE_ROWS);
        ListPlace place = after == null ? null : ListPlace.of(after, faults);
        faults.refuse();
        if (sorted == null) {
            throw new IllegalStateException("an unknown order is a fault");
        }
        Asked asked = new Asked(
                SearchWords.patterns(words),
                wanted == null ? null : wanted.code(),
                sorted.column(),
                sorted.type(),
                down,
                place,
                limit + 1);
        List<ListRow> found = mapper.page(asked);
        List<ListRow> rows = found.subList(0, Math.min(limit, found.size()));
        Map<Long, Summary> current = summaries.of(rows);
        ListRow last = rows.isEmpty() ? null : rows.get(rows.size() - 1);
        return new FormulaPage(
                rows.stream().map(row -> summary(row, current.get(row.id()))).toList(),
                found.size() > limit && last != null ? new ListPlace(last.sortValue(), last.id()).cursor() : null,
                mapper.count(asked));
    }

    private static FormulaSummary summary(ListRow row, Summary summary) {
        return new FormulaSummary(
                row.id(),
                row.name(),
                Coded.find(FormulaState.class, row.state())
                        .orElseThrow(() -> new IllegalStateException("an unknown state: " + row.state())),
                summary.style(),
                row.latestNumber(),
                row.savedAt(),
                summary.figures(),
                summary.faults());
    }
}
