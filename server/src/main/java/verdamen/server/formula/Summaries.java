package verdamen.server.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import verdamen.core.balance.Balance;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Makeup;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.formula.FormulaMapper.ListRow;
import verdamen.server.formula.FormulaMapper.NewestRow;
import verdamen.server.formula.FormulaSummary.Figures;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.Problem.ProblemFault;

/**
 * Summaries of formulas for the list, computed when a version is saved. Each says on which pantry and which program it is
 * based; one that is based on an older one is computed again when it is looked at.
 */
@Component
class Summaries implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(Summaries.class);
    private static final int AT_ONCE = 500;
    private static final String AFTER_ALL_NAMES = "~";

    private final FormulaMapper mapper;
    private final StoredFormula stored;
    private final PantryService pantry;
    private final JsonText json;
    private final String program = ProgramBasis.of();

    Summaries(FormulaMapper mapper, StoredFormula stored, PantryService pantry, JsonText json) {
        this.mapper = mapper;
        this.stored = stored;
        this.pantry = pantry;
        this.json = json;
    }

    /**
     * What is kept of a formula for the list.
     *
     * @param style code of its style
     * @param figures what tells it apart; null when it cannot be worked out
     * @param faults why not
     */
    record Summary(String style, @Nullable Figures figures, List<ProblemFault> faults) {}

    /** A summary as it goes to the database, with what is searched and sorted by. */
    private record SummaryRow(
            long id,
            int latestNumber,
            Summary summary,
            String basis,
            String search,
            String styleCode,
            String sortStyle,
            String sortFlour,
            String sortInclusion,
            double sortHydration) {}

    /** Sums up what was never summed up, as after a migration. */
    @Override
    public void afterSingletonsInstantiated() {
        List<Long> ids = mapper.neverSummed(AT_ONCE);
        while (!ids.isEmpty()) {
            LOG.info("summing up {} formulas", ids.size());
            refresh(ids);
            ids = mapper.neverSummed(AT_ONCE);
        }
    }

    /** The summaries of some rows of the list, by formula. */
    Map<Long, Summary> of(List<ListRow> rows) {
        String basis = basis();
        Map<Long, Summary> summaries = new HashMap<>();
        List<Long> stale = new ArrayList<>();
        for (ListRow row : rows) {
            if (row.summary() == null || !row.summaryBasis().equals(basis)) {
                stale.add(row.id());
            } else {
                summaries.put(row.id(), json.read(row.summary(), Summary.class));
            }
        }
        summaries.putAll(refresh(stale));
        return summaries;
    }

    /** Computes the summaries of some formulas again and keeps them. */
    Map<Long, Summary> refresh(List<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        String basis = basis();
        Pantry book = pantry.pantry();
        List<SummaryRow> rows = mapper.newestDocuments(json.ids(ids)).stream()
                .map(row -> row(row, basis, book))
                .toList();
        mapper.saveSummaries(json.of(rows));
        return rows.stream().collect(Collectors.toMap(SummaryRow::id, SummaryRow::summary));
    }

    private String basis() {
        return pantry.kitchenPantry().revision() + " " + program;
    }

    private SummaryRow row(NewestRow newest, String basis, Pantry book) {
        Summary summary = summary(newest, book);
        Figures figures = summary.figures();
        String style = book.style(summary.style()).map(found -> found.name()).orElse(summary.style());
        Makeup makeup = figures == null ? new Makeup(List.of(), List.of()) : figures.makeup();
        String search = Stream.of(
                        Stream.of(newest.name(), style),
                        makeup.flours().stream().map(Makeup.Constituent::name),
                        makeup.inclusions().stream().map(Makeup.Constituent::name))
                .flatMap(names -> names)
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
        Double hydration = figures == null ? null : figures.hydration().bakersPct();
        return new SummaryRow(
                newest.id(),
                newest.latestNumber(),
                summary,
                basis,
                search,
                summary.style(),
                style,
                first(makeup.flours(), ""),
                first(makeup.inclusions(), AFTER_ALL_NAMES),
                hydration == null ? -1 : hydration);
    }

    private static String first(List<Makeup.Constituent> shares, String none) {
        return shares.isEmpty() ? none : shares.get(0).name();
    }

    private Summary summary(NewestRow newest, Pantry book) {
        FormulaSpec spec;
        try {
            spec = stored.read(newest.documentVersion(), newest.document());
        } catch (IllegalArgumentException | JacksonException unreadable) {
            LOG.warn("formula {} cannot be read", newest.id(), unreadable);
            return new Summary(
                    "", null, List.of(ProblemFault.of(new Fault(null, "formula", FaultCode.UNREADABLE, null, null))));
        }
        String style = String.valueOf(spec.style());
        try {
            return new Summary(style, figures(FormulaReader.read(spec, book), book), List.of());
        } catch (RefusedException refused) {
            return new Summary(style, null, ProblemFault.listed(refused.faults()));
        }
    }

    private static Figures figures(Formula formula, Pantry book) {
        Balance balance = Balance.of(formula);
        return new Figures(
                formula.style().name(),
                Makeup.of(formula),
                balance.hydration(),
                balance.softness(),
                balance.softness() == null ? null : book.feel(balance.softness(), formula.style()),
                formula.openLines().size(),
                balance.water().standing(),
                balance.water().missing());
    }
}
