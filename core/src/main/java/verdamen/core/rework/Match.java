package verdamen.core.rework;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * Ways back to how a formula was after something had to change: the water brings back its feel, and what comes in is what
 * keeps its sheet strength, cost and protein nearest, with as few changes as can be. Source: model page, sections 9 and 15.
 *
 * <p>Everything of the pantry that is there for the same is tried in the place of what is out, one line after another, the
 * best so far going on; then each of the best with one change more: a share of the largest flour from another flour, or a
 * little of something that dries or binds.
 *
 * @param near the figures that are to stay, as they were
 * @param proposals what can be done, the best first
 */
public record Match(Map<FormulaFigure, Double> near, List<Matched> proposals) {

    private static final int KEPT = (int) Coefficient.MATCH_KEPT.value();
    private static final int PROPOSED = (int) Coefficient.MATCH_PROPOSED.value();
    private static final int ALIKE = (int) Coefficient.MATCH_ALIKE.value();
    private static final double CHANGE = Coefficient.MATCH_PRICE_OF_CHANGE.value();
    private static final double STRENGTH_STEP = Coefficient.MATCH_STRENGTH_STEP.value();
    private static final double SOFTNESS_STEP = Coefficient.MATCH_SOFTNESS_STEP.value();
    private static final double SHARE_STEP = Coefficient.MATCH_SHARE_STEP.value();
    private static final double FLOUR_STEP = Coefficient.MATCH_FLOUR_STEP.value();
    private static final double ADDED_STEP = Coefficient.MATCH_ADDED_STEP.value();
    private static final double UNPRICED = Coefficient.MATCH_UNPRICED_STEPS.value();
    private static final double SMALLEST = 1e-9;

    /**
     * Something that can be done.
     *
     * @param changes what takes the place of what, or comes in, beyond what had to change; empty when water is enough
     * @param rework the formula, with all that goes along
     * @param figures its figures
     * @param distance how far it is from how the formula was: each figure in steps that one would notice, and a little for each
     *     change
     * @param unpriced codes of what comes in and has no price: its cost is not counted
     */
    public record Matched(
            List<ChangeSpec> changes, Rework rework, FormulaFigures figures, double distance, List<String> unpriced) {}

    /**
     * Ways back for a question.
     *
     * @throws RefusedException naming each value that is refused
     */
    public static Match of(MatchQuestion asked, Stock stock) {
        BaseFormula base = BaseFormula.of(asked.formula(), stock.pantry());
        Faults faults = new Faults();
        Forced forced = Forced.read(asked, base, faults);
        List<FormulaFigure> figures = near(asked.near(), faults);
        faults.refuse();
        FormulaFigures before = stock.figures(asked.formula());
        Map<FormulaFigure, Double> near = new EnumMap<>(FormulaFigure.class);
        for (FormulaFigure figure : figures) {
            Double value = before.value(figure);
            if (value != null) {
                near.put(figure, value);
            }
        }
        Finder finder = new Finder(base, forced, FormulaReader.read(forced.spec(), stock.pantry()), near, asked, stock);
        List<Matched> proposals = finder.proposals();
        if (proposals.isEmpty()) {
            throw Faults.refusal(null, "out", FaultCode.OUT_OF_REACH, null);
        }
        return new Match(near, proposals);
    }

    private static List<FormulaFigure> near(@Nullable List<String> codes, Faults faults) {
        if (codes == null) {
            return List.of(FormulaFigure.SHEET_STRENGTH, FormulaFigure.COST, FormulaFigure.PROTEIN);
        }
        return faults.atMost("near", codes, Limit.FIGURE_LIMITS).stream()
                .map(code -> faults.choice("near", code, FormulaFigure.class))
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** Finds ways back. */
    private record Finder(
            BaseFormula base,
            Forced forced,
            Formula formula,
            Map<FormulaFigure, Double> near,
            MatchQuestion asked,
            Stock stock) {

        List<Matched> proposals() {
            List<List<ChangeSpec>> complete = List.of(List.of());
            for (Line gone : forced.gone()) {
                complete =
                        kept(complete.stream()
                                        .flatMap(changes -> inPlaceOf(gone).map(change -> and(changes, change))))
                                .stream()
                                .map(Matched::changes)
                                .toList();
            }
            List<List<ChangeSpec>> all = new ArrayList<>(complete);
            complete.forEach(changes -> helped(changes).forEach(all::add));
            return different(ranked(all.stream()));
        }

        private List<Matched> kept(Stream<List<ChangeSpec>> changes) {
            List<Matched> ranked = ranked(changes);
            return ranked.subList(0, Math.min(KEPT, ranked.size()));
        }

        private List<Matched> ranked(Stream<List<ChangeSpec>> changes) {
            // Each is worked out on its own: all processors take part, and the order stays.
            return changes.toList().parallelStream()
                    .map(this::matched)
                    .filter(Objects::nonNull)
                    .sorted(Comparator.comparingDouble(Matched::distance))
                    .toList();
        }

        /** Everything that is there for the same, in the place of a line. */
        private Stream<ChangeSpec> inPlaceOf(Line gone) {
            Role role = gone.ingredient().role();
            Basis basis = role == Role.FAT || role == Role.SWEETENER || role == Role.SALT || role == Role.LEAVENER
                    ? Basis.ROLE
                    : Basis.GRAMS;
            String form = role == Role.INCLUSION && gone.prep() == null ? formOf(gone) : null;
            return stock.pantry().ingredients().stream()
                    .filter(each -> each.role() == role && !each.isPlainWater() && forced.allows(each))
                    .map(each -> ChangeSpec.replace(gone.index(), each.code(), form, 1.0, basis.code()));
        }

        private @Nullable String formOf(Line line) {
            LineSpec spec = forced.spec().lineOrNull(line.index());
            return spec == null ? null : spec.form();
        }

        /** Some changes with one more. */
        private Stream<List<ChangeSpec>> helped(List<ChangeSpec> changes) {
            Line flour = largestFlour();
            Stream<List<ChangeSpec>> added = stock.pantry().ingredients().stream()
                    .filter(each -> each.role() == Role.DRY_ADDITION && forced.allows(each))
                    .flatMap(each -> Stream.of(1, 2, 4)
                            .map(steps -> and(changes, ChangeSpec.add(each.code(), null, steps * ADDED_STEP))));
            return flour == null
                    ? added
                    : Stream.concat(
                            added,
                            stock.pantry().ingredients().stream()
                                    .filter(each -> each.role() == Role.FLOUR
                                            && forced.allows(each)
                                            && each != flour.ingredient())
                                    .flatMap(each -> Stream.of(1, 2, 3, 4)
                                            .map(steps -> shared(changes, flour, each, steps * FLOUR_STEP))));
        }

        private @Nullable Line largestFlour() {
            return formula.askedLines().stream()
                    .filter(line ->
                            line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR && line.prep() == null)
                    .max(Comparator.comparingDouble(Line::grams))
                    .orElse(null);
        }

        /** Some changes with a share of a flour from another one: of what takes its place, when it is out itself. */
        private static List<ChangeSpec> shared(List<ChangeSpec> changes, Line flour, Ingredient other, double share) {
            List<ChangeSpec> all = new ArrayList<>();
            for (ChangeSpec each : changes) {
                boolean same = Objects.equals(each.line(), flour.index());
                all.add(same ? each.withShare(1 - share) : each);
            }
            all.add(ChangeSpec.replace(flour.index(), other.code(), null, share, Basis.GRAMS.code()));
            return all;
        }

        private static List<ChangeSpec> and(List<ChangeSpec> changes, ChangeSpec one) {
            return Stream.concat(changes.stream(), Stream.of(one)).toList();
        }

        /** What some changes come to; null when they cannot be made. */
        private @Nullable Matched matched(List<ChangeSpec> changes) {
            try {
                FormulaSpec changed = Substitutions.made(forced.spec(), formula, AskedChange.all("changes", changes));
                Rework rework = Along.with(changed, base, asked.without());
                FormulaFigures figures = stock.figures(rework.formula());
                List<String> unpriced = unpriced(changes);
                return new Matched(
                        changes, rework, figures, distance(figures, unpriced) + CHANGE * changes.size(), unpriced);
            } catch (RefusedException cannotBe) {
                return null;
            }
        }

        private List<String> unpriced(List<ChangeSpec> changes) {
            return changes.stream()
                    .map(change -> change.add() == null ? change.by() : change.add())
                    .filter(code -> code != null && !stock.prices().containsKey(code))
                    .distinct()
                    .toList();
        }

        private double distance(FormulaFigures figures, List<String> unpriced) {
            double away = steps(FormulaFigure.SOFTNESS, figures, base.formula().softnessTarget(), SOFTNESS_STEP);
            for (Map.Entry<FormulaFigure, Double> each : near.entrySet()) {
                FormulaFigure figure = each.getKey();
                double was = each.getValue();
                double step = figure == FormulaFigure.SHEET_STRENGTH
                        ? STRENGTH_STEP
                        : Math.max(SMALLEST, SHARE_STEP * Math.abs(was));
                // Of what has no price nobody knows what it costs: it is not taken for near.
                boolean unknown = figure == FormulaFigure.COST && !unpriced.isEmpty();
                away += unknown ? UNPRICED : steps(figure, figures, was, step);
            }
            return away;
        }

        private static double steps(FormulaFigure figure, FormulaFigures figures, double was, double step) {
            Double is = figures.value(figure);
            return is == null ? 1 : Math.abs(is - was) / step;
        }

        /** The best, of those alike only some: first what takes the place of what is out, then what comes in beside it. */
        private List<Matched> different(List<Matched> ranked) {
            List<Matched> different = new ArrayList<>();
            Set<Set<String>> seen = new HashSet<>();
            Map<List<String>, Integer> alike = new HashMap<>();
            for (Matched each : ranked) {
                Set<String> what = new HashSet<>();
                each.changes().forEach(change -> what.add(change.line() + " " + change.by() + " " + change.add()));
                List<String> instead = each.changes().stream()
                        .limit(forced.gone().size())
                        .map(change -> change.line() + " " + change.by())
                        .toList();
                boolean fresh = instead.isEmpty() || alike.getOrDefault(instead, 0) < ALIKE;
                if (different.size() < PROPOSED && fresh && seen.add(what)) {
                    alike.merge(instead, 1, Integer::sum);
                    different.add(each);
                }
            }
            return different;
        }
    }
}
