package verdamen.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.Keeping.KeptSplit;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Stock;
import verdamen.core.portion.Order;
import verdamen.core.portion.Order.NeededIngredient;

/**
 * What a day needs beside its plan: what is taken from the shelf or bought, what is weighed into which bowl, and how long its bread
 * is good.
 *
 * @param needs what is needed of every ingredient, as it is bought, the most first
 * @param bowls what is weighed, serving by serving
 * @param kept how the bread is kept, serving by serving
 */
public record DayLists(List<DayNeed> needs, List<ServingBowls> bowls, List<KeptPieces> kept) {

    /**
     * A serving as it is made.
     *
     * @param key its key
     * @param made what is made for it
     * @param cooked when its last piece is cooked, minutes from the beginning of the day
     */
    public record MadeServing(String key, MadeFormula made, int cooked) {}

    /**
     * What is needed of an ingredient.
     *
     * @param needed how much in all and for each serving
     * @param lots ids of the flour lots that formulas carry of it
     * @param stock what there is, and where
     * @param shortGrams how much is missing, g; 0 when there is enough, as of plain water that nobody has counted; null when nobody
     *     has counted
     */
    public record DayNeed(
            NeededIngredient needed,
            List<Long> lots,
            Stock stock,
            @Nullable Double shortGrams) {}

    /**
     * The bowls of a serving.
     *
     * @param serving its key
     * @param bowls what is weighed together
     */
    public record ServingBowls(String serving, List<LotBowl> bowls) {}

    /**
     * What is weighed together.
     *
     * @param kind which bowl it is
     * @param weighed what goes into it
     * @param grams all of it, g
     */
    public record LotBowl(WeighedBowl.Kind kind, List<LotWeighed> weighed, double grams) {}

    /**
     * One thing that is weighed.
     *
     * @param weighed what and how much
     * @param lot id of the flour lot that its line carries; null for none
     */
    public record LotWeighed(
            WeighedBowl.Weighed weighed, @Nullable Long lot) {}

    /**
     * Part of the bread of a serving.
     *
     * @param serving key of the serving
     * @param kept how it is kept, how many pieces of it, and for how long it is good
     * @param useBy until when it is typically used, minutes from the beginning of the day
     */
    public record KeptPieces(String serving, KeptSplit kept, int useBy) {}

    /**
     * The lists of a day.
     *
     * @param servings what is served
     * @param stock what there is of ingredients, by their codes
     */
    public static DayLists of(List<MadeServing> servings, Map<String, Stock> stock) {
        return new DayLists(
                needs(servings, stock),
                servings.stream()
                        .map(each -> new ServingBowls(each.key(), bowls(each.made())))
                        .toList(),
                servings.stream().flatMap(each -> kept(each).stream()).toList());
    }

    private static List<DayNeed> needs(List<MadeServing> servings, Map<String, Stock> stock) {
        List<NeededIngredient> needed = Order.needed(
                servings.stream().map(each -> each.made().formula()).toList());
        Set<String> fromTheTap = servings.stream()
                .flatMap(each -> each.made().formula().lines().stream())
                .map(Line::ingredient)
                .filter(Ingredient::isPlainWater)
                .map(Ingredient::code)
                .collect(Collectors.toSet());
        Map<String, Set<Long>> lots = lots(servings);
        List<DayNeed> needs = new ArrayList<>();
        for (NeededIngredient each : needed) {
            Stock there = stock.getOrDefault(each.ingredient(), Stock.UNKNOWN);
            boolean counted = there.inHandGrams() != null || fromTheTap.contains(each.ingredient());
            double inHand = there.inHandGrams() == null ? each.grams() : there.inHandGrams();
            Double missing = counted ? Double.valueOf(Math.max(0, each.grams() - inHand)) : null;
            needs.add(new DayNeed(each, List.copyOf(lots.getOrDefault(each.ingredient(), Set.of())), there, missing));
        }
        return List.copyOf(needs);
    }

    /** Ids of the flour lots that lines carry, by the code of the flour. */
    private static Map<String, Set<Long>> lots(List<MadeServing> servings) {
        Map<String, Set<Long>> lots = new HashMap<>();
        for (MadeServing serving : servings) {
            for (LineSpec line : serving.made().spec().linesOrNone()) {
                Long lot = lot(line);
                if (lot != null && line.ingredient() != null) {
                    lots.computeIfAbsent(line.ingredient(), none -> new TreeSet<>())
                            .add(lot);
                }
            }
        }
        return lots;
    }

    private static @Nullable Long lot(@Nullable LineSpec line) {
        LineOrigin origin = line == null ? null : line.origin();
        return origin == null ? null : origin.lot();
    }

    private static List<LotBowl> bowls(MadeFormula made) {
        List<LineSpec> lines = made.spec().linesOrNone();
        List<LotBowl> bowls = new ArrayList<>();
        for (WeighedBowl bowl : made.run().bowls()) {
            bowls.add(new LotBowl(
                    bowl.kind(),
                    bowl.weighed().stream()
                            .map(each -> new LotWeighed(
                                    each,
                                    each.line() >= 0 && each.line() < lines.size()
                                            ? lot(lines.get(each.line()))
                                            : null))
                            .toList(),
                    bowl.grams()));
        }
        return List.copyOf(bowls);
    }

    private static List<KeptPieces> kept(MadeServing serving) {
        Keeping keeping = serving.made().keeping();
        Double pieces = serving.made().cooking().pieces();
        List<KeptSplit> parts = keeping.splits().isEmpty() && pieces != null
                ? List.of(new KeptSplit(
                        keeping.storage(),
                        (int) Math.floor(pieces + 1e-9),
                        keeping.goodHours(),
                        keeping.storage().useWithinHours()))
                : keeping.splits();
        return parts.stream()
                .map(part -> new KeptPieces(serving.key(), part, serving.cooked() + minutes(part.useWithinHours())))
                .toList();
    }

    private static int minutes(double hours) {
        return (int) Math.round(Duration.ofHours(1).toMinutes() * hours);
    }
}
