package verdamen.core.rework;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/**
 * Flours mixed so that the blend has what is wanted of it, by a linear programme. Source: model page, sections 9 and 15.
 *
 * @param parts the flours that it has, in the order in which they were asked for
 * @param figures what it comes to, by the codes of the figures; cost only when every part has a price
 * @param goal the figure of which the best was wanted; null for none
 * @param possible whether it keeps every end that was wanted
 * @param missing how much of what was wanted is missing, by figure: of its ends, or of what to come near to
 * @param binding the figures that stand at an end that was wanted, and keep the goal from being better
 * @param withoutPrice codes of flours that were left out because they have no price
 * @param rework the formula with the blend in the place of its flours, and all that goes along
 */
public record Blend(
        List<BlendPart> parts,
        Map<String, Double> figures,
        @Nullable BlendFigure goal,
        boolean possible,
        Map<String, Double> missing,
        List<BlendFigure> binding,
        List<String> withoutPrice,
        Rework rework) {

    /** Shares and figures that differ by less than this are the same. */
    private static final double NOTHING = 1e-6;

    /**
     * A flour of the blend.
     *
     * @param ingredient its code
     * @param lot id of the lot; null for none
     * @param share its share of the blend, 0 to 1
     */
    public record BlendPart(String ingredient, @Nullable Long lot, double share) {}

    /** Shares of some flours, with what they come to. */
    private record Mixed(List<BlendFlour> flours, BlendProgram.Solution solution) {

        static Mixed of(List<BlendFlour> flours, List<Wanted> wanted, @Nullable BlendFigure goal) {
            return new Mixed(flours, BlendProgram.solved(flours, wanted, goal));
        }

        double value(BlendFigure figure) {
            double sum = 0;
            double solids = 0;
            for (int at = 0; at < flours.size(); at++) {
                BlendFlour flour = flours.get(at);
                double share = solution.shares()[at];
                boolean strength = figure == BlendFigure.STRENGTH;
                sum += share * (strength ? flour.strengthPerGram() : flour.figure(figure));
                solids += share * (strength ? flour.solidsPerGram() : 1);
            }
            return sum / solids;
        }

        /** The flours that it has any of. */
        List<Used> used() {
            List<Used> used = new ArrayList<>();
            for (int at = 0; at < flours.size(); at++) {
                if (solution.shares()[at] > NOTHING) {
                    used.add(new Used(flours.get(at), solution.shares()[at]));
                }
            }
            return used;
        }

        boolean isBetterThan(@Nullable Mixed other) {
            return other == null || solution.worth() < other.solution.worth() - NOTHING;
        }
    }

    /** A flour with its share of a blend. */
    private record Used(BlendFlour flour, double share) {

        BlendPart part() {
            LineOrigin origin = flour.line().origin();
            return new BlendPart(
                    Objects.requireNonNull(flour.ingredient()), origin == null ? null : origin.lot(), share);
        }
    }

    /**
     * The best blend for a question.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Blend of(BlendQuestion asked, Stock stock) {
        BaseFormula base = BaseFormula.of(asked.formula(), stock.pantry());
        Faults faults = new Faults();
        List<BlendFlour> all =
                BlendFlour.read(asked.flours(), base.formula().style().code(), stock, faults);
        List<Wanted> wanted = Wanted.read(asked.wanted(), faults);
        BlendFigure named = asked.goal() == null ? null : faults.choice("goal", asked.goal(), BlendFigure.class);
        faults.require(named != BlendFigure.STRENGTH, "goal", FaultCode.CONTRADICTS, asked.goal());
        double most = faults.needed(
                "atMostFlours",
                asked.atMostFlours() == null ? Double.valueOf(all.size()) : asked.atMostFlours(),
                1,
                Limit.BLEND_PARTS.most() + (asked.atMostFlours() == null ? all.size() : 0));
        faults.require(flours(base.formula()).size() > 0, "lines", FaultCode.NO_FLOUR, null);
        faults.refuse();
        boolean priced = all.stream().allMatch(flour -> flour.has(BlendFigure.COST));
        BlendFigure goal = named == null && priced ? BlendFigure.COST : named;
        boolean costCounts =
                goal == BlendFigure.COST || wanted.stream().anyMatch(each -> each.figure() == BlendFigure.COST);
        List<BlendFlour> flours = all.stream()
                .filter(flour -> !costCounts || flour.has(BlendFigure.COST))
                .toList();
        faults.require(sumOfMost(flours) >= 1 - NOTHING, "flours", FaultCode.OUT_OF_REACH, BlendFigure.COST.code());
        faults.refuse();
        Mixed best = best(flours, wanted, goal, (int) most);
        return blend(best, all, wanted, goal, base, asked.without());
    }

    /**
     * What is at hand for a blend, as many as one may have: the formula's flours of which there is no lot, and before them the
     * kitchen's lots.
     */
    public static List<BlendFlourSpec> atHand(FormulaSpec spec, List<BlendFlourSpec> lots, Pantry pantry) {
        Set<String> ofLots = lots.stream().map(BlendFlourSpec::ingredient).collect(Collectors.toSet());
        List<BlendFlourSpec> ofFormula = flours(FormulaReader.read(spec, pantry)).stream()
                .map(line -> line.ingredient().code())
                .distinct()
                .filter(code -> !ofLots.contains(code))
                .map(BlendFlourSpec::ofBook)
                .toList();
        long places = Math.max(0, Limit.BLEND_FLOURS.mostCount() - ofFormula.size());
        return Stream.concat(lots.stream().limit(places), ofFormula.stream())
                .limit(Limit.BLEND_FLOURS.mostCount())
                .toList();
    }

    /** The same with masses of the formula as a kitchen scale shows them. */
    public Blend weighable(FormulaSpec base) {
        return new Blend(parts, figures, goal, possible, missing, binding, withoutPrice, rework.weighable(base));
    }

    private static double sumOfMost(List<BlendFlour> flours) {
        return flours.stream().mapToDouble(BlendFlour::high).sum();
    }

    /** The best blend of no more flours than allowed: of all at once, or the best of every choice of so many. */
    private static Mixed best(List<BlendFlour> flours, List<Wanted> wanted, @Nullable BlendFigure goal, int most) {
        Mixed all = Mixed.of(flours, wanted, goal);
        if (all.used().size() <= most) {
            return all;
        }
        Mixed best = null;
        for (List<BlendFlour> few : choices(flours, most)) {
            if (sumOfMost(few) >= 1 - NOTHING) {
                Mixed mixed = Mixed.of(few, wanted, goal);
                best = mixed.isBetterThan(best) ? mixed : best;
            }
        }
        if (best == null) {
            throw Faults.refusal(null, "atMostFlours", FaultCode.TOO_SMALL, most);
        }
        return best;
    }

    /** Every choice of so many flours that has all that must be in. */
    private static List<List<BlendFlour>> choices(List<BlendFlour> flours, int most) {
        List<BlendFlour> must = flours.stream().filter(flour -> flour.low() > 0).toList();
        List<BlendFlour> may = flours.stream().filter(flour -> flour.low() <= 0).toList();
        List<List<BlendFlour>> choices = new ArrayList<>();
        if (must.size() <= most) {
            choose(may, 0, new ArrayList<>(must), Math.min(most, flours.size()), choices);
        }
        return choices;
    }

    private static void choose(
            List<BlendFlour> among, int from, List<BlendFlour> chosen, int size, List<List<BlendFlour>> choices) {
        if (chosen.size() == size) {
            choices.add(List.copyOf(chosen));
            return;
        }
        for (int at = from; at < among.size(); at++) {
            chosen.add(among.get(at));
            choose(among, at + 1, chosen, size, choices);
            chosen.remove(chosen.size() - 1);
        }
    }

    private static Blend blend(
            Mixed best,
            List<BlendFlour> all,
            List<Wanted> wanted,
            @Nullable BlendFigure goal,
            BaseFormula base,
            Set<Carried> without) {
        List<Used> used = best.used();
        double grams = flours(base.formula()).stream().mapToDouble(Line::grams).sum();
        List<LineSpec> lines = used.stream()
                .map(each -> each.flour().line().withGrams(each.share() * grams))
                .toList();
        List<String> withoutPrice = all.stream()
                .filter(each -> !best.flours().contains(each) && !each.has(BlendFigure.COST))
                .map(each -> Objects.requireNonNull(each.ingredient()))
                .toList();
        return new Blend(
                used.stream().map(Used::part).toList(),
                figures(best),
                goal,
                wanted.stream().allMatch(each -> each.missing(best.value(each.figure())) <= NOTHING),
                missing(best, wanted),
                wanted.stream()
                        .filter(each -> isAt(best.value(each.figure()), each.atLeast())
                                || isAt(best.value(each.figure()), each.atMost()))
                        .map(Wanted::figure)
                        .toList(),
                withoutPrice,
                Along.with(inPlaceOfFlours(lines, base), base, without));
    }

    /** What a blend comes to; its cost only when all of it has a price. */
    private static Map<String, Double> figures(Mixed mixed) {
        boolean priced = mixed.used().stream().allMatch(each -> each.flour().has(BlendFigure.COST));
        Map<String, Double> figures = new LinkedHashMap<>();
        for (BlendFigure figure : BlendFigure.values()) {
            if (priced || figure != BlendFigure.COST) {
                figures.put(figure.code(), mixed.value(figure));
            }
        }
        return figures;
    }

    private static Map<String, Double> missing(Mixed mixed, List<Wanted> wanted) {
        Map<String, Double> missing = new LinkedHashMap<>();
        for (Wanted each : wanted) {
            double value = mixed.value(each.figure());
            double lacking = Math.max(each.missing(value), each.away(value));
            if (lacking > NOTHING) {
                missing.put(each.figure().code(), lacking);
            }
        }
        return missing;
    }

    private static boolean isAt(double value, @Nullable Double end) {
        return end != null && Math.abs(value - end) <= NOTHING;
    }

    /** The flour lines of a dough: what a blend takes the place of. What a preparation gives stays. */
    private static List<Line> flours(Formula formula) {
        return formula.askedLines().stream()
                .filter(line -> line.part() == Part.DOUGH
                        && line.ingredient().role() == Role.FLOUR
                        && line.prep() == null
                        && line.grams() > 0)
                .toList();
    }

    private static FormulaSpec inPlaceOfFlours(List<LineSpec> blend, BaseFormula base) {
        List<Integer> gone = flours(base.formula()).stream().map(Line::index).toList();
        List<@Nullable LineSpec> lines = new ArrayList<>();
        for (int at = 0; at < base.spec().linesOrNone().size(); at++) {
            if (gone.get(0) == at) {
                lines.addAll(blend);
            }
            if (!gone.contains(at)) {
                lines.add(base.spec().lineOrNull(at));
            }
        }
        return base.spec().withLines(lines);
    }
}
