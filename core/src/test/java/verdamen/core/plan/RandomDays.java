package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.PlanTask.Way;

/** Days made up by chance, from a seed. */
final class RandomDays {

    private final Random random;
    /** Trays by themselves, so that a seed has the same tasks with them and without. */
    private final Random ofTrays;

    RandomDays(long seed) {
        random = new Random(seed);
        ofTrays = new Random(seed);
    }

    /** A short day of up to eight tasks, in which every minute can be tried. */
    PlanDay small() {
        return day(1 + random.nextInt(2), 2 + random.nextInt(3), 1 + random.nextInt(2), 3, 13);
    }

    /** A day of some servings, with more to do than one could try out. */
    PlanDay large() {
        return day(1 + random.nextInt(4), 5 + random.nextInt(5), 1 + random.nextInt(3), 25, 720);
    }

    private PlanDay day(int servings, int tasksEach, int people, int longest, int last) {
        List<PlanTask> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        List<OnTrays> onTrays = new ArrayList<>();
        List<Serving> served = new ArrayList<>();
        for (int s = 0; s < servings; s++) {
            List<PlanTask> own = new ArrayList<>();
            for (int t = 0; t < tasksEach; t++) {
                own.add(task("s" + s, t, t == tasksEach - 1, longest));
                if (t > 0) {
                    Integer most = random.nextInt(3) == 0 ? random.nextInt(longest) : null;
                    int least = random.nextInt(4) == 0 && most == null ? random.nextInt(longest) : 0;
                    links.add(Link.after(own.get(t - 1), own.get(t), least, most));
                }
            }
            if (tasksEach > 3) {
                int span = longest * tasksEach / 2;
                links.add(new Link(
                        Link.Moment.startOf(own.get(0)), Link.Moment.startOf(own.get(tasksEach - 2)), 0, span, true));
            }
            tasks.addAll(own);
            onTrays.add(onTrays("s" + s, own));
            String cooked = own.get(tasksEach - 1 - random.nextInt(2)).key();
            served.add(new Serving(
                    "s" + s,
                    last / 2 + random.nextInt(last / 2),
                    cooked,
                    own.get(tasksEach - 1).key()));
        }
        return new PlanDay(
                tasks, links, onTrays, served, people(people, last), places(), Map.of(), 0, last, Begun.NOTHING);
    }

    /** What there is: in a third of all days nobody counted the trays. */
    private Map<Place, Integer> places() {
        int pans = 1 + random.nextInt(2);
        return ofTrays.nextInt(3) == 0 ? Map.of(Place.PAN, pans) : Map.of(Place.PAN, pans, Place.TRAY, 2);
    }

    /** Balls from some task of a serving until the end of that one, or of a later one. */
    private OnTrays onTrays(String serving, List<PlanTask> own) {
        int from = ofTrays.nextInt(own.size());
        int to = from + ofTrays.nextInt(own.size() - from);
        return new OnTrays(
                serving,
                1 + ofTrays.nextInt(2),
                8,
                50,
                Link.Moment.startOf(own.get(from)),
                Link.Moment.endOf(own.get(to)));
    }

    private PlanTask task(String serving, int number, boolean byHand, int longest) {
        Role role = byHand || random.nextInt(3) > 0 ? Role.values()[random.nextInt(2)] : null;
        Map<Place, Integer> one = random.nextInt(3) == 0 ? Map.of(Place.PAN, 1) : Map.of();
        int minutes = 1 + random.nextInt(longest);
        List<Way> ways = new ArrayList<>(List.of(new Way(minutes, one)));
        if (!one.isEmpty() && minutes > 1) {
            ways.add(new Way((minutes + 1) / 2, Map.of(Place.PAN, 2)));
        }
        return new PlanTask(serving + "/" + number, serving, Kind.MIX, role, ways, List.of());
    }

    /** The first can do everything. */
    private List<Worker> people(int count, int last) {
        List<Worker> people = new ArrayList<>();
        Map<String, Set<Role>> can = new LinkedHashMap<>();
        for (int p = 0; p < count; p++) {
            can.put("p" + p, p == 0 ? EnumSet.allOf(Role.class) : EnumSet.of(Role.values()[random.nextInt(2)]));
        }
        can.forEach((name, roles) -> {
            int from = random.nextInt(last / 3);
            people.add(new Worker(name, from, last - random.nextInt(last / 6 + 1), roles));
        });
        return people;
    }
}
