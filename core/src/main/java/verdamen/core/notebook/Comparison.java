package verdamen.core.notebook;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;

/**
 * Batches or versions side by side: what differs first, in grams and on the flour, and what came of it.
 *
 * @param lines every ingredient of any of them, those that differ most first
 * @param settings how they are made, those that differ first
 * @param outcomes what was predicted and seen, those that differ first
 * @param against each of them after the first against it: what was changed and what came of it
 */
public record Comparison(
        List<ComparedLine> lines,
        List<ComparedSetting> settings,
        List<ComparedOutcome> outcomes,
        List<Against> against) {

    /** How it is made; what follows from its lines is not among them. */
    private static final Set<FormulaFigure> CHOSEN =
            EnumSet.of(FormulaFigure.SHEET, FormulaFigure.REST, FormulaFigure.PIECE);

    private static final List<FormulaFigure> SETTINGS = List.of(
            FormulaFigure.SHEET,
            FormulaFigure.REST,
            FormulaFigure.PIECE,
            FormulaFigure.SALT,
            FormulaFigure.WHOLE_GRAIN,
            FormulaFigure.LEGUME,
            FormulaFigure.INCLUSION);

    /**
     * A batch or version to compare.
     *
     * @param formula what was in the bowl, or is planned
     * @param settings its figures by which it is made
     * @param outcomes what was predicted of it, and seen
     * @param verdict how it came out; null when nobody has said
     */
    public record Item(
            Formula formula,
            Function<FormulaFigure, @Nullable Double> settings,
            List<Outcome> outcomes,
            @Nullable String verdict) {}

    /**
     * An ingredient.
     *
     * @param ingredient its code
     * @param name its name
     * @param part where it belongs
     * @param grams of each, g; 0 where it is not in
     * @param pct of each, % of the flour; null without flour
     * @param differs whether any is another than the first
     */
    public record ComparedLine(
            String ingredient,
            String name,
            String part,
            List<Double> grams,
            List<@Nullable Double> pct,
            boolean differs) {}

    /**
     * A figure by which they are made.
     *
     * @param figure which one
     * @param values of each, in its unit; null where it does not apply
     * @param differs whether any is another than the first
     */
    public record ComparedSetting(FormulaFigure figure, List<@Nullable Double> values, boolean differs) {}

    /**
     * What was predicted of each and seen.
     *
     * @param figure which figure
     * @param of each of them
     * @param differs whether what was seen, or else predicted, differs by as much as is worth telling
     */
    public record ComparedOutcome(OutcomeFigure figure, List<Outcome> of, boolean differs) {}

    /**
     * An ingredient that was changed.
     *
     * @param ingredient its code
     * @param name its name
     * @param fromPct before, % of the flour; null without flour
     * @param toPct after
     * @param fromGrams before, g
     * @param toGrams after, g
     */
    public record ChangedLine(
            String ingredient,
            String name,
            @Nullable Double fromPct,
            @Nullable Double toPct,
            double fromGrams,
            double toGrams) {}

    /** A figure by which it is made that was changed, in its unit. */
    public record ChangedSetting(FormulaFigure figure, double from, double to) {}

    /**
     * What came of it.
     *
     * @param figure which figure
     * @param from of the first
     * @param to of the other
     * @param seen whether both were seen; otherwise both are predicted
     */
    public record CameOf(OutcomeFigure figure, double from, double to, boolean seen) {}

    /**
     * One of them against the first.
     *
     * @param item which one, from 1
     * @param lines the ingredients that were changed most, the most first
     * @param others how many more were changed
     * @param settings what else was chosen otherwise: sheet, rest, piece
     * @param cameOf what came of it
     * @param fromVerdict how the first came out; null when nobody has said
     * @param toVerdict how this one came out
     */
    public record Against(
            int item,
            List<ChangedLine> lines,
            int others,
            List<ChangedSetting> settings,
            List<CameOf> cameOf,
            @Nullable String fromVerdict,
            @Nullable String toVerdict) {}

    /** Compares two or more; the first is what the others are measured by. */
    public static Comparison of(List<Item> items) {
        List<ComparedLine> lines = lines(items);
        List<ComparedSetting> settings = SETTINGS.stream()
                .map(figure -> setting(figure, items))
                .filter(each -> each.values().stream().anyMatch(Objects::nonNull))
                .sorted(Comparator.comparing(each -> !each.differs()))
                .toList();
        List<ComparedOutcome> outcomes = Arrays.stream(OutcomeFigure.values())
                .map(figure -> outcome(figure, items))
                .filter(each -> each.of().stream().anyMatch(one -> one.predicted() != null || one.observed() != null))
                .sorted(Comparator.comparing(each -> !each.differs()))
                .toList();
        List<Against> against = new ArrayList<>();
        for (int item = 1; item < items.size(); item++) {
            against.add(against(item, items, lines, settings, outcomes));
        }
        return new Comparison(lines, settings, outcomes, List.copyOf(against));
    }

    private static List<ComparedLine> lines(List<Item> items) {
        Map<String, Line> all = new LinkedHashMap<>();
        List<Map<String, Double>> grams = new ArrayList<>();
        for (Item item : items) {
            Map<String, Double> here = new LinkedHashMap<>();
            for (Line line : item.formula().lines()) {
                String key = line.part().code() + " " + line.ingredient().code();
                all.putIfAbsent(key, line);
                here.merge(key, line.grams(), Double::sum);
            }
            grams.add(here);
        }
        List<ComparedLine> lines = new ArrayList<>();
        all.forEach((key, line) -> {
            List<Double> each =
                    grams.stream().map(here -> here.getOrDefault(key, 0.0)).toList();
            List<@Nullable Double> pct = new ArrayList<>();
            for (int item = 0; item < items.size(); item++) {
                double flour =
                        BakersPercentages.flourGrams(items.get(item).formula().lines());
                pct.add(
                        flour > 0
                                ? Double.valueOf(Share.of(each.get(item), flour).pct())
                                : null);
            }
            lines.add(new ComparedLine(
                    line.ingredient().code(),
                    line.ingredient().name(),
                    line.part().code(),
                    each,
                    Collections.unmodifiableList(pct),
                    spread(each, pct) >= Coefficient.LINE_DIFFERS_PCT.value()));
        });
        lines.sort(Comparator.comparing((ComparedLine each) -> !each.differs())
                .thenComparing(each -> each.differs() ? -spread(each.grams(), each.pct()) : 0));
        return List.copyOf(lines);
    }

    /** How far an ingredient is from the first at most, points of the flour; without flour, % of the first's grams. */
    private static double spread(List<Double> grams, List<@Nullable Double> pct) {
        double most = 0;
        for (int item = 1; item < grams.size(); item++) {
            most = Math.max(most, Math.abs(change(grams, pct, item)));
        }
        return most;
    }

    private static double change(List<Double> grams, List<@Nullable Double> pct, int item) {
        Double from = pct.get(0);
        Double to = pct.get(item);
        if (from != null && to != null) {
            return to - from;
        }
        double off = grams.get(item) - grams.get(0);
        return grams.get(0) > 0 ? Share.of(off, grams.get(0)).pct() : off;
    }

    private static double change(ComparedLine line, int item) {
        return Math.abs(change(line.grams(), line.pct(), item));
    }

    private static ComparedSetting setting(FormulaFigure figure, List<Item> items) {
        List<@Nullable Double> values = new ArrayList<>();
        items.forEach(item -> values.add(item.settings().apply(figure)));
        boolean differs = false;
        for (Double value : values) {
            differs |= !same(values.get(0), value);
        }
        return new ComparedSetting(figure, Collections.unmodifiableList(values), differs);
    }

    /** Whether two values are the same to as much as is shown of them. */
    private static boolean same(@Nullable Double one, @Nullable Double other) {
        if (one == null || other == null) {
            return one == null && other == null;
        }
        return Math.abs(one - other) < Coefficient.LINE_DIFFERS_PCT.value();
    }

    private static ComparedOutcome outcome(OutcomeFigure figure, List<Item> items) {
        List<Outcome> of = items.stream()
                .map(item -> item.outcomes().stream()
                        .filter(each -> each.figure() == figure)
                        .findFirst()
                        .orElseThrow())
                .toList();
        boolean differs = false;
        for (int item = 1; item < of.size(); item++) {
            differs |= cameOf(of.get(0), of.get(item)) != null;
        }
        return new ComparedOutcome(figure, of, differs);
    }

    /** What came of a figure, seen where both were seen, else predicted; null when that is not worth telling. */
    private static @Nullable CameOf cameOf(Outcome first, Outcome other) {
        boolean seen = first.observed() != null && other.observed() != null;
        Double from = seen ? first.observed() : first.predicted();
        Double to = seen ? other.observed() : other.predicted();
        if (from == null || to == null) {
            return null;
        }
        Double difference = Outcome.difference(first.figure(), from, to);
        boolean worth =
                difference != null && Math.abs(difference) >= first.figure().worthTelling();
        return worth ? new CameOf(first.figure(), from, to, seen) : null;
    }

    private static Against against(
            int item,
            List<Item> items,
            List<ComparedLine> lines,
            List<ComparedSetting> settings,
            List<ComparedOutcome> outcomes) {
        List<ComparedLine> changed = lines.stream()
                .filter(line -> change(line, item) >= Coefficient.LINE_DIFFERS_PCT.value())
                .sorted(Comparator.comparingDouble(line -> -change(line, item)))
                .toList();
        int told = Math.min(changed.size(), (int) Coefficient.CHANGES_TOLD.value());
        return new Against(
                item,
                changed.subList(0, told).stream()
                        .map(line -> new ChangedLine(
                                line.ingredient(),
                                line.name(),
                                line.pct().get(0),
                                line.pct().get(item),
                                line.grams().get(0),
                                line.grams().get(item)))
                        .toList(),
                changed.size() - told,
                settings.stream()
                        .filter(each -> CHOSEN.contains(each.figure()))
                        .filter(each ->
                                each.values().get(0) != null && each.values().get(item) != null)
                        .filter(each ->
                                !same(each.values().get(0), each.values().get(item)))
                        .map(each -> new ChangedSetting(
                                each.figure(),
                                Objects.requireNonNull(each.values().get(0)),
                                Objects.requireNonNull(each.values().get(item))))
                        .toList(),
                outcomes.stream()
                        .map(each -> cameOf(each.of().get(0), each.of().get(item)))
                        .filter(Objects::nonNull)
                        .map(CameOf.class::cast)
                        .toList(),
                items.get(0).verdict(),
                items.get(item).verdict());
    }
}
