package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What of all places is taken up, over time. */
final class Spans {

    private final List<Span> all;

    Spans(List<Span> all) {
        this.all = all;
    }

    /** The most of a place that is taken up at a time. */
    int most(Place place) {
        return most(place, Integer.MIN_VALUE, Integer.MAX_VALUE);
    }

    /** The most of a place that is taken up from a minute until another: the most is when something was just begun. */
    int most(Place place, int from, int to) {
        List<Span> there = of(place).filter(each -> each.meets(from, to)).toList();
        return there.stream()
                .mapToInt(each -> at(there, Math.max(from, each.from())))
                .max()
                .orElse(0);
    }

    /** Whether there is room for one more while it lasts. */
    boolean hasRoom(Span wanted, int there) {
        return most(wanted.place(), wanted.from(), wanted.to()) <= there - wanted.amount();
    }

    /**
     * When more of a place is taken up than there is, place by place.
     *
     * @param there how much there is of each
     */
    List<TooMuch> tooMuch(ToIntFunction<Place> there) {
        return Stream.of(Place.values())
                .flatMap(place -> tooMuch(place, there.applyAsInt(place)).stream())
                .toList();
    }

    private List<TooMuch> tooMuch(Place place, int there) {
        List<Span> taken = of(place).toList();
        TreeSet<Integer> marks = new TreeSet<>();
        taken.forEach(each -> marks.addAll(List.of(each.from(), each.to())));
        List<TooMuch> over = new ArrayList<>();
        @Nullable TooMuch last = null;
        for (int from : marks) {
            int by = at(taken, from) - there;
            Integer to = marks.higher(from);
            if (by <= 0 || to == null) {
                continue;
            }
            boolean goesOn = last != null && last.to() == from && last.by() == by;
            if (goesOn) {
                over.remove(over.size() - 1);
            }
            last = new TooMuch(place, goesOn ? last.from() : from, to, by);
            over.add(last);
        }
        return over;
    }

    private Stream<Span> of(Place place) {
        return all.stream().filter(each -> each.place() == place);
    }

    private static int at(List<Span> taken, int minute) {
        return taken.stream()
                .filter(each -> each.lies(minute))
                .mapToInt(Span::amount)
                .sum();
    }
}
