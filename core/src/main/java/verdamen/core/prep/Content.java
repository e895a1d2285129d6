package verdamen.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * What is in the bowl between two steps: an inclusion by its water and dry matter, and what was put in.
 *
 * @param ingredient the inclusion, or what it has become
 * @param waterGrams its own water and plain water put in, g
 * @param solidsGrams its own dry matter, g
 * @param additions what else was put in
 */
public record Content(Ingredient ingredient, double waterGrams, double solidsGrams, List<Addition> additions) {

    /** Copies the additions so that a content never changes. */
    public Content {
        additions = List.copyOf(additions);
    }

    /** So many grams of an ingredient as the pantry has it. */
    static Content of(Ingredient ingredient, double grams) {
        double water = grams * ingredient.composition().waterShare().fraction();
        return new Content(ingredient, water, grams - water, List.of());
    }

    /** So many grams of an ingredient that holds another share of water. */
    static Content withWater(Ingredient ingredient, double grams, Share water) {
        double wet = grams * water.fraction();
        return new Content(ingredient, wet, grams - wet, List.of());
    }

    /** The inclusion alone, g. */
    public double baseGrams() {
        return waterGrams + solidsGrams;
    }

    /** What was put in, g. */
    public double additionGrams() {
        return additions.stream().mapToDouble(Addition::grams).sum();
    }

    /** All of it, g. */
    public double grams() {
        return baseGrams() + additionGrams();
    }

    /** Water of the inclusion alone, 0 to 1. */
    public double waterShare() {
        return baseGrams() > 0 ? waterGrams / baseGrams() : 0;
    }

    /** Salt put in that is still there, g. */
    public double saltGrams() {
        return additions.stream().filter(isSalt()).mapToDouble(Addition::grams).sum();
    }

    /** As much of it as {@code share}. */
    Content times(double share) {
        return new Content(
                ingredient,
                waterGrams * share,
                solidsGrams * share,
                additions.stream().map(each -> each.times(share)).toList());
    }

    /** With other water and dry matter. */
    Content with(double water, double solids) {
        return new Content(ingredient, water, solids, additions);
    }

    /** As another ingredient: what it has become. */
    Content as(Ingredient other) {
        return new Content(other, waterGrams, solidsGrams, additions);
    }

    /** With something more put in; of an ingredient that is there already, more of it. */
    Content plus(Addition more) {
        List<Addition> all = new ArrayList<>();
        boolean there = false;
        for (Addition each : additions) {
            boolean same = each.ingredient().code().equals(more.ingredient().code());
            all.add(same ? new Addition(each.ingredient(), each.grams() + more.grams()) : each);
            there |= same;
        }
        if (!there) {
            all.add(more);
        }
        return new Content(ingredient, waterGrams, solidsGrams, all);
    }

    /** With only so much of its salt left. */
    Content keepingSalt(double share) {
        return new Content(
                ingredient,
                waterGrams,
                solidsGrams,
                additions.stream()
                        .map(each -> isSalt().test(each) ? each.times(share) : each)
                        .toList());
    }

    private static Predicate<Addition> isSalt() {
        return each -> each.ingredient().role() == Role.SALT;
    }
}
