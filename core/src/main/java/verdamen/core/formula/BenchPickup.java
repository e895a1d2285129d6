package verdamen.core.formula;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/** What a dough takes up from bench and hands when it is rolled: it counts in the dough, but not as its flour. */
final class BenchPickup {

    private static final String OIL = "neutral-oil";

    private BenchPickup() {}

    /** The lines with what the bench adds. */
    static List<Line> added(List<Line> lines, Method method, Pantry pantry) {
        Optional<Ingredient> what = what(lines, method, pantry);
        if (what.isEmpty() || method.pickupGrams() <= 0) {
            return lines;
        }
        List<Line> all = new ArrayList<>(lines);
        all.add(Line.of(Line.BENCH_INDEX, what.get(), method.pickupGrams(), Part.DOUGH, LineSource.BENCH));
        return all;
    }

    private static Optional<Ingredient> what(List<Line> lines, Method method, Pantry pantry) {
        if (method.sticking() == null) {
            return Optional.empty();
        }
        return switch (method.sticking()) {
            case BENCH_FLOUR ->
                lines.stream()
                        .filter(line -> BakersPercentages.flourGrams(line) > 0)
                        .filter(line -> !line.ingredient().isStarter())
                        .max(Comparator.comparingDouble(Line::grams))
                        .map(Line::ingredient);
            case WET_HANDS -> Optional.of(pantry.plainWater());
            case OILED -> pantry.ingredient(OIL);
            case SHEETS -> Optional.empty();
        };
    }
}
