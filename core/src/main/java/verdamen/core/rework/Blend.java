package verdamen.core.rework;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
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
    private record Mixed(List<BlendFlour> flours, double[] shares) {

        double value(BlendFigure figure) {
            double sum = 0;
            double solids = 0;
            for (int at = 0; at < shares.length; at++) {
                BlendFlour flour = flours.get(at);
                boolean strength = figure == BlendFigure.STRENGTH;
                sum += shares[at] * (strength ? flour.strengthPerGram() : flour.figure(figure));
                solids += shares[at] * (strength ? flour.solidsPerGram() : 1);
            }
            return sum / solids;
        }

        double missing(List<Wanted> wanted) {
            return wanted.stream()
                    .mapToDouble(each -> each.missing(value(each.figure())))
                    .sum();
        }

        double away(List<Wanted> wanted) {
            return wanted.stream()
                    .filter(each -> each.about() != null)
                    .mapToDouble(each -> Math.abs(value(each.figure()) - each.about()))
                    .sum();
        }

        /** Whether it goes before another: what is missing first, then what is away, then the goal. */
        boolean isBetterThan(@Nullable Mixed other, List<Wanted> wanted, @Nullable BlendFigure goal) {
            if (other == null) {
                return true;
            }
            double missing = missing(wanted) - other.missing(wanted);
            double away = away(wanted) - other.away(wanted);
            double worse = goal == null ? 0 : value(goal) - other.value(goal);
            double goalWorse = goal == null || goal.lessIsBetter() ? worse : -worse;
            return Math.abs(missing) > NOTHING
                    ? missing < 0
                    : Math.abs(away) > NOTHING ? away < 0 : goalWorse < -NOTHING;
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

    /** The same with masses of the formula as a kitchen scale shows them. */
    public Blend weighable(FormulaSpec base) {
        return new Blend(parts, figures, goal, possible, missing, binding, withoutPrice, rework.weighable(base));
    }

    private static double sumOfMost(List<BlendFlour> flours) {
        return flours.stream().mapToDouble(BlendFlour::high).sum();
    }

    /** The best blend of no more flours than allowed: of all at once, or the best of every choice of so many. */
    private static Mixed best(List<BlendFlour> flours, List<Wanted> wanted, @Nullable BlendFigure goal, int most) {
        Mixed best = new Mixed(flours, BlendProgram.shares(flours, wanted, goal));
        if (used(best) <= most) {
            return best;
        }
        Mixed fewer = null;
        for (List<BlendFlour> few : choices(flours, most)) {
            if (sumOfMost(few) >= 1 - NOTHING) {
                Mixed mixed = new Mixed(few, BlendProgram.shares(few, wanted, goal));
                fewer = mixed.isBetterThan(fewer, wanted, goal) ? mixed : fewer;
            }
        }
        if (fewer == null) {
            throw Faults.refusal(null, "atMostFlours", FaultCode.TOO_SMALL, most);
        }
        return fewer;
    }

    private static long used(Mixed mixed) {
        return Arrays.stream(mixed.shares()).filter(share -> share > NOTHING).count();
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
        Map<String, Double> figures = new LinkedHashMap<>();
        List<BlendPart> parts = new ArrayList<>();
        List<LineSpec> lines = new ArrayList<>();
        double flour = flours(base.formula()).stream().mapToDouble(Line::grams).sum();
        boolean priced = true;
        for (int at = 0; at < best.shares().length; at++) {
            BlendFlour each = best.flours().get(at);
            double share = best.shares()[at];
            if (share > NOTHING) {
                Long lot = each.line().origin() == null
                        ? null
                        : each.line().origin().lot();
                parts.add(new BlendPart(Objects.requireNonNull(each.ingredient()), lot, share));
                lines.add(each.line().withGrams(share * flour));
                priced &= each.has(BlendFigure.COST);
            }
        }
        for (BlendFigure figure : BlendFigure.values()) {
            if (priced || figure != BlendFigure.COST) {
                figures.put(figure.code(), best.value(figure));
            }
        }
        Map<String, Double> missing = new LinkedHashMap<>();
        List<BlendFigure> binding = new ArrayList<>();
        boolean possible = true;
        for (Wanted each : wanted) {
            double value = best.value(each.figure());
            double away = each.about() == null ? 0 : Math.abs(value - each.about());
            double lacking = each.missing(value);
            possible &= lacking <= NOTHING;
            if (Math.max(lacking, away) > NOTHING) {
                missing.put(each.figure().code(), Math.max(lacking, away));
            }
            if (isAt(value, each.atLeast()) || isAt(value, each.atMost())) {
                binding.add(each.figure());
            }
        }
        return new Blend(
                parts,
                figures,
                goal,
                possible,
                missing,
                binding,
                all.stream()
                        .filter(each -> !best.flours().contains(each) && !each.has(BlendFigure.COST))
                        .map(each -> Objects.requireNonNull(each.ingredient()))
                        .toList(),
                Along.with(inPlaceOfFlours(lines, base), base, without));
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
