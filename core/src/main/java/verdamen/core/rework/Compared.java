package verdamen.core.rework;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Share;

/**
 * What a reworked formula has and its base had not, and the other way round.
 *
 * @param lines what both are made of, in the order of the reworked formula
 * @param allergensGained allergens to declare from now on
 * @param allergensLost allergens that are gone
 * @param cautionsGained cautions that apply from now on
 * @param cautionsLost cautions that no longer apply
 */
public record Compared(
        List<Ingredients> lines,
        List<String> allergensGained,
        List<String> allergensLost,
        List<Caution> cautionsGained,
        List<Caution> cautionsLost) {

    /**
     * All of one ingredient in one part, in both formulas.
     *
     * @param ingredient code of the ingredient
     * @param part where it goes
     * @param before how much there is in the base; null for none
     * @param after how much there is in the reworked formula; null for none
     */
    public record Ingredients(
            String ingredient,
            Part part,
            @Nullable HowMuch before,
            @Nullable HowMuch after) {}

    /**
     * How much there is of something.
     *
     * @param grams its mass, g
     * @param bakersPct on the flour, %; null without flour
     */
    public record HowMuch(double grams, @Nullable Double bakersPct) {}

    /** A reworked formula against its base. */
    public static Compared of(Formula base, Formula reworked) {
        List<String> had = Facts.of(base, Map.of()).allergens();
        List<String> has = Facts.of(reworked, Map.of()).allergens();
        List<Caution> cautionsBefore = Cautions.of(base);
        List<Caution> cautionsAfter = Cautions.of(reworked);
        return new Compared(
                lines(base, reworked),
                has.stream().filter(each -> !had.contains(each)).toList(),
                had.stream().filter(each -> !has.contains(each)).toList(),
                notAmong(cautionsAfter, cautionsBefore),
                notAmong(cautionsBefore, cautionsAfter));
    }

    /** What a line is of: lines of the same are told together. */
    private record Key(String ingredient, Part part) {}

    private static List<Ingredients> lines(Formula base, Formula reworked) {
        Map<Key, HowMuch> before = amounts(base);
        Map<Key, HowMuch> after = amounts(reworked);
        List<Key> keys = new ArrayList<>(after.keySet());
        before.keySet().stream().filter(key -> !after.containsKey(key)).forEach(keys::add);
        return keys.stream()
                .map(key -> new Ingredients(key.ingredient(), key.part(), before.get(key), after.get(key)))
                .toList();
    }

    private static Map<Key, HowMuch> amounts(Formula formula) {
        double flour = BakersPercentages.flourGrams(formula.lines());
        Map<Key, Double> grams = new LinkedHashMap<>();
        for (Line line : formula.askedLines()) {
            grams.merge(new Key(line.ingredient().code(), line.part()), line.grams(), Double::sum);
        }
        Map<Key, HowMuch> amounts = new LinkedHashMap<>();
        grams.forEach((key, mass) -> amounts.put(
                key,
                new HowMuch(
                        mass, flour > 0 ? Double.valueOf(Share.of(mass, flour).pct()) : null)));
        return amounts;
    }

    private static List<Caution> notAmong(List<Caution> some, List<Caution> others) {
        return some.stream()
                .filter(each -> others.stream().noneMatch(other -> other.code().equals(each.code())))
                .toList();
    }
}
