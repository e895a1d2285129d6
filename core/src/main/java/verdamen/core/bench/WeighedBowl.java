package verdamen.core.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.Part;
import verdamen.core.formula.Stage;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Chain;

/**
 * What is weighed together.
 *
 * @param kind which bowl it is
 * @param stage number of the stage that is weighed in it, from 0; null for what is of the dough itself, or not of the dough
 * @param weighed what goes into it, in the order of the formula
 * @param grams all of it, g
 */
public record WeighedBowl(Kind kind, @Nullable Integer stage, List<Weighed> weighed, double grams) {

    /** A bowl, in the order in which they are weighed. */
    public enum Kind implements Coded {
        /** A stage before the dough itself: sponge, soaker or scald. */
        FIRST_STAGE("first-stage"),
        /** Flour and everything dry. */
        DRY("dry"),
        /** Fat of the dough. */
        FAT("fat"),
        /** Water and everything wet. */
        WET("wet"),
        /** Vegetables, potato, greens and pulses. */
        INCLUSIONS("inclusions"),
        /** The filling. */
        FILLING("filling"),
        /** What goes on bench, hands and surface. */
        SURFACE("surface");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * One thing that is weighed.
     *
     * @param line index of its line; below 0 for what the bench adds
     * @param ingredient code of its ingredient; of what was prepared, of what was bought for it
     * @param name its name: of what was prepared, the kitchen's
     * @param grams its mass, g
     * @param bakersPct on the flour, %; null without flour
     * @param celsius temperature it has to have, °C; null when it does not matter
     * @param plainWater whether it is plain water, which is poured in parts
     * @param prepared whether it comes out of a preparation
     */
    public record Weighed(
            int line,
            String ingredient,
            String name,
            double grams,
            @Nullable Double bakersPct,
            @Nullable Double celsius,
            boolean plainWater,
            boolean prepared) {}

    /** What is weighed for a formula, bowl by bowl; no empty ones. */
    static List<WeighedBowl> of(Formula formula) {
        Map<Place, List<Weighed>> bowls = new TreeMap<>();
        double flour = BakersPercentages.flourGrams(formula.lines());
        for (List<Line> together : together(formula)) {
            Line first = together.get(0);
            double grams = together.stream().mapToDouble(Line::grams).sum();
            bowls.computeIfAbsent(Place.of(first, formula), place -> new ArrayList<>())
                    .add(weighed(first, grams, flour, formula));
        }
        return bowls.entrySet().stream()
                .map(bowl -> new WeighedBowl(
                        bowl.getKey().kind(),
                        bowl.getKey().stage() < 0
                                ? null
                                : Integer.valueOf(bowl.getKey().stage()),
                        List.copyOf(bowl.getValue()),
                        bowl.getValue().stream().mapToDouble(Weighed::grams).sum()))
                .toList();
    }

    /** Which bowl something goes into; stage −1 for none. */
    private record Place(Kind kind, int stage) implements Comparable<Place> {

        static Place of(Line line, Formula formula) {
            Kind kind = WeighedBowl.kind(line, formula);
            Stage stage = line.stage();
            return new Place(kind, kind == Kind.FIRST_STAGE && stage != null ? stage.number() : -1);
        }

        @Override
        public int compareTo(Place other) {
            return Comparator.comparing(Place::kind)
                    .thenComparingInt(Place::stage)
                    .compare(this, other);
        }
    }

    /** What is on the scale as one: all that a preparation put into the same part, but its liquid is poured by itself. */
    private record OnTheScale(int line, Part part, boolean liquid) {}

    private static Collection<List<Line>> together(Formula formula) {
        Map<OnTheScale, List<Line>> together = new LinkedHashMap<>();
        for (Line line : formula.lines()) {
            boolean liquid = line.ingredient().isPressedLiquid();
            OnTheScale own = new OnTheScale(line.index(), line.part(), liquid);
            OnTheScale withTheLiquid = new OnTheScale(line.index(), line.part(), true);
            boolean dissolved = !together.containsKey(own) && together.containsKey(withTheLiquid);
            together.computeIfAbsent(dissolved ? withTheLiquid : own, each -> new ArrayList<>())
                    .add(line);
        }
        return together.values();
    }

    private static Weighed weighed(Line line, double grams, double flour, Formula formula) {
        return new Weighed(
                line.index(),
                line.ingredient().code(),
                chain(line, formula).map(Chain::name).orElse(line.ingredient().name()),
                grams,
                flour > 0 ? Double.valueOf(Share.of(grams, flour).pct()) : null,
                line.ingredient().isPlainWater()
                        ? formula.waterTemperatureC(line)
                        : line.measured().temperatureC(),
                line.ingredient().isPlainWater(),
                line.prep() != null);
    }

    /** The preparation that a line comes out of. */
    public static Optional<Chain> chain(Line line, Formula formula) {
        return formula.preps().stream()
                .filter(chain -> chain.key().equals(line.prep()))
                .findFirst();
    }

    private static Kind kind(Line line, Formula formula) {
        if (line.source() == LineSource.BENCH || line.part() == Part.SURFACE) {
            return Kind.SURFACE;
        }
        if (line.part() == Part.FILLING) {
            return Kind.FILLING;
        }
        if (line.stage() != null) {
            return Kind.FIRST_STAGE;
        }
        return switch (line.ingredient().role()) {
            case FAT -> formula.fatTiming() == FatTiming.SURFACE ? Kind.SURFACE : Kind.FAT;
            case INCLUSION -> Kind.INCLUSIONS;
            default ->
                line.waterShare() >= Coefficient.WET_FROM.value()
                                || line.ingredient().role() == Role.LIQUID
                        ? Kind.WET
                        : Kind.DRY;
        };
    }
}
