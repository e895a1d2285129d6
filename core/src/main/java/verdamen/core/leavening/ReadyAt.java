package verdamen.core.leavening;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.DoughTemperature;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Place;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;

/**
 * What makes a dough ready at a given time: the yeast where it stands, or one place for the yeast it has. Found by
 * bisection on the rise itself.
 *
 * @param minutes the time asked for, minutes after kneading
 * @param yeast the yeast for it, when it stays where it stands last
 * @param place the place for it
 */
public record ReadyAt(int minutes, YeastFor yeast, PlaceFor place) {

    private static final int HALVINGS = (int) Coefficient.READY_HALVINGS.value();

    /** Why there is no answer. */
    public enum Limit implements Coded {
        /** Not even with the most is it ready so soon. */
        TOO_SOON("too-soon"),
        /** Even with the least it is ready sooner. */
        TOO_LATE("too-late"),
        /** There is no yeast, or only a starter, whose amount changes the dough. */
        NO_YEAST("no-yeast"),
        /** This dough cannot hold such a rise at all. */
        OUT_OF_REACH("out-of-reach");

        private final String code;

        Limit(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * The yeast for a time.
     *
     * @param pct as instant yeast, % of the flour; with a limit, that of the limit
     * @param lines what each line of yeast weighs then, g
     * @param limit why there is no answer; null when there is one
     * @param minutes when it is ready with it, minutes after kneading; null when not within a day
     */
    public record YeastFor(
            double pct,
            List<LineGrams> lines,
            @Nullable Limit limit,
            @Nullable Integer minutes) {}

    /**
     * A line of yeast.
     *
     * @param line its index
     * @param ingredient code of its ingredient
     * @param grams how much, g
     */
    public record LineGrams(int line, String ingredient, double grams) {}

    /**
     * The place for a time.
     *
     * @param celsius how warm, °C; with a limit, that of the limit
     * @param limit why there is no answer; null when there is one
     * @param minutes when it is ready there, minutes after kneading; null when not within a day
     */
    public record PlaceFor(
            double celsius, @Nullable Limit limit, @Nullable Integer minutes) {}

    /** What makes a dough ready so many minutes after kneading. */
    public static ReadyAt of(Dough dough, int minutes) {
        Rise now = Rise.of(dough);
        return new ReadyAt(minutes, yeastFor(dough, now, minutes), placeFor(dough, now, minutes));
    }

    private static YeastFor yeastFor(Dough dough, Rise now, int minutes) {
        Double present = now.yeastPct();
        List<Line> lines = dough.formula().lines().stream()
                .filter(line -> line.part() == Part.DOUGH
                        && line.isAsked()
                        && YeastAmount.isYeast(line.ingredient())
                        && line.grams() > 0)
                .toList();
        if (present == null || present <= 0 || lines.isEmpty()) {
            return new YeastFor(0, List.of(), Limit.NO_YEAST, null);
        }
        double flour = dough.totals().flourGrams();
        double ofLines = lines.stream()
                .mapToDouble(line -> line.grams() * Leavener.instantEquivalent(line.ingredient()))
                .sum();
        double starterPct = Math.max(0, present - Share.of(ofLines, flour).pct());
        DoughTemperature temperature = dough.formula().timeline().temperature().staying();
        DoubleFunction<Rise> with = pct -> Rise.withYeast(dough, temperature, pct);
        Found found = find(
                with,
                Math.max(starterPct, Coefficient.READY_YEAST_LEAST.value()),
                Coefficient.READY_YEAST_MOST.value(),
                minutes);
        double factor = (found.amount() - starterPct) / (present - starterPct);
        List<LineGrams> grams = new ArrayList<>();
        lines.forEach(line ->
                grams.add(new LineGrams(line.index(), line.ingredient().code(), Math.max(0, factor * line.grams()))));
        return new YeastFor(found.amount(), List.copyOf(grams), found.limit(), found.minutes());
    }

    private static PlaceFor placeFor(Dough dough, Rise now, int minutes) {
        if (!now.hasYeast() || now.yeastPct() == null) {
            return new PlaceFor(Coefficient.READY_PLACE_LEAST_C.value(), Limit.NO_YEAST, null);
        }
        double start = dough.formula().timeline().temperature().startC();
        DoubleFunction<Rise> at = celsius -> Rise.of(
                dough,
                new DoughTemperature(start, List.of(new Place(Double.POSITIVE_INFINITY, celsius)), dough.grams()));
        Found found =
                find(at, Coefficient.READY_PLACE_LEAST_C.value(), Coefficient.READY_PLACE_MOST_C.value(), minutes);
        return new PlaceFor(found.amount(), found.limit(), found.minutes());
    }

    private record Found(
            double amount, @Nullable Limit limit, @Nullable Integer minutes) {}

    /** The least amount with which a dough is ready by a minute: the more of it, the sooner. */
    private static Found find(DoubleFunction<Rise> with, double least, double most, int minutes) {
        Rise soonest = with.apply(most);
        if (Boolean.FALSE.equals(soonest.canReachTarget())) {
            return new Found(most, Limit.OUT_OF_REACH, null);
        }
        if (!isReady(soonest, minutes)) {
            return new Found(most, Limit.TOO_SOON, soonest.minutesToTarget());
        }
        Rise latest = with.apply(least);
        if (isReady(latest, minutes - 1)) {
            return new Found(least, Limit.TOO_LATE, latest.minutesToTarget());
        }
        double low = least;
        double high = most;
        for (int step = 0; step < HALVINGS; step++) {
            double middle = (low + high) / 2;
            if (isReady(with.apply(middle), minutes)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return new Found(high, null, with.apply(high).minutesToTarget());
    }

    private static boolean isReady(Rise rise, int minutes) {
        return rise.minutesToTarget() != null && rise.minutesToTarget() <= minutes;
    }
}
