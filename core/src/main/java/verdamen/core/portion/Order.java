package verdamen.core.portion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.model.Fault;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.prep.Chain;

/**
 * Several formulas, each for so many pieces: what is weighed for each, and what is needed of everything. Source: model page,
 * section 14, scaling.
 *
 * @param formulas each formula, scaled, in the order asked for
 * @param ingredients what is needed in all, as it is bought, the most first
 * @param doughGrams dough of all, g
 */
public record Order(List<OrderedFormula> formulas, List<NeededIngredient> ingredients, double doughGrams) {

    /**
     * A formula of an order, as asked.
     *
     * @param formula the formula
     * @param pieces how many pieces of the size it has
     */
    public record OrderItem(FormulaSpec formula, @Nullable Integer pieces) {}

    /**
     * A formula of an order.
     *
     * @param factor how many times the formula
     * @param pieces pieces it makes
     * @param pieceGrams dough of each, g
     * @param doughGrams its dough as weighed, g
     * @param minds what to mind with a batch so much smaller or larger
     */
    public record OrderedFormula(
            double factor, int pieces, double pieceGrams, double doughGrams, List<Scaling.Mind> minds) {}

    /**
     * What is needed of an ingredient, as it is bought.
     *
     * @param ingredient its code
     * @param name its name
     * @param grams how much in all, g
     * @param of how much for each formula, in their order, g; 0 for those without it
     */
    public record NeededIngredient(String ingredient, String name, double grams, List<Double> of) {}

    /**
     * An order.
     *
     * @param stepGrams to what a scale weighs, g; absent for a kitchen scale
     * @throws RefusedException naming each value that is refused, with the place of its formula
     */
    public static Order of(List<OrderItem> asked, @Nullable Double stepGrams, Pantry pantry) {
        Faults faults = new Faults();
        List<OrderItem> items = faults.atMost("items", asked, Limit.ORDER_ITEMS);
        faults.number("items", Double.valueOf(asked.size()), Limit.ORDER_ITEMS);
        List<OrderedFormula> ordered = new ArrayList<>();
        List<Formula> formulas = new ArrayList<>();
        for (int at = 0; at < items.size(); at++) {
            Scaling scaling = scaled(items.get(at), at, stepGrams, pantry, faults);
            if (scaling != null) {
                ordered.add(new OrderedFormula(
                        scaling.factor(),
                        scaling.pieces() == null ? 0 : (int) Math.floor(scaling.pieces() + 1e-9),
                        scaling.pieceGrams(),
                        scaling.doughGrams(),
                        scaling.minds()));
                formulas.add(FormulaReader.read(scaling.formula(), pantry));
            }
        }
        faults.refuse();
        return new Order(
                List.copyOf(ordered),
                needed(formulas),
                ordered.stream().mapToDouble(OrderedFormula::doughGrams).sum());
    }

    private static @Nullable Scaling scaled(
            OrderItem item, int at, @Nullable Double stepGrams, Pantry pantry, Faults faults) {
        String path = "items[" + at + "].";
        int before = faults.count();
        faults.needed(path + "pieces", item.pieces() == null ? null : Double.valueOf(item.pieces()), Limit.PIECES);
        if (faults.count() > before) {
            return null;
        }
        try {
            return Scaling.of(
                    new ScalingQuestion(item.formula(), null, item.pieces(), null, null, null, stepGrams), pantry);
        } catch (RefusedException refused) {
            for (Fault fault : refused.faults()) {
                faults.add(fault.line(), path + fault.field(), fault.code(), fault.value());
            }
            return null;
        }
    }

    /** What is needed for formulas, as it is bought, the most first. */
    public static List<NeededIngredient> needed(List<Formula> formulas) {
        Map<Ingredient, double[]> needed = new LinkedHashMap<>();
        for (int at = 0; at < formulas.size(); at++) {
            int place = at;
            bought(formulas.get(at))
                    .forEach((ingredient, grams) ->
                            needed.computeIfAbsent(ingredient, each -> new double[formulas.size()])[place] += grams);
        }
        return needed.entrySet().stream()
                .map(each -> needed(each.getKey(), each.getValue()))
                .sorted(Comparator.comparingDouble(NeededIngredient::grams).reversed())
                .toList();
    }

    /** What is bought for a formula: of what was prepared, what goes in at the beginning and on the way. */
    private static Map<Ingredient, Double> bought(Formula formula) {
        Map<Ingredient, Double> bought = new LinkedHashMap<>();
        for (Line line : formula.lines()) {
            boolean ownLiquid =
                    line.source() == LineSource.PREPARED && line.ingredient().isPressedLiquid();
            if (line.prep() == null && !ownLiquid) {
                bought.merge(line.ingredient(), line.grams(), Double::sum);
            }
        }
        for (Chain chain : formula.preps()) {
            bought.merge(chain.bought(), chain.boughtGrams(), Double::sum);
        }
        return bought;
    }

    private static NeededIngredient needed(Ingredient ingredient, double[] grams) {
        List<Double> of = new ArrayList<>();
        double all = 0;
        for (double each : grams) {
            of.add(each);
            all += each;
        }
        return new NeededIngredient(ingredient.code(), ingredient.name(), all, List.copyOf(of));
    }
}
