package verdamen.core.rework;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/**
 * A series of trials: a full factorial of two or three factors at two levels with an optional run at the centre, or the rungs
 * of a ladder that were picked; the runs of each round in an order drawn from a named seed. Source: model page, section 15.
 *
 * @param name what it is called
 * @param seed the name from which the order was drawn
 * @param factors what is varied
 * @param measures what is to be measured
 * @param runs the runs, in the order in which they are made
 */
public record TrialSeries(
        String name, String seed, List<TrialFactor> factors, List<TrialMeasure> measures, List<TrialRun> runs) {

    /**
     * A run.
     *
     * @param shares the share of each factor, 0 to 1
     * @param formula what is made, in masses that a kitchen scale shows
     */
    public record TrialRun(List<Double> shares, FormulaSpec formula) {}

    /**
     * The series for a question.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static TrialSeries of(TrialQuestion asked, Pantry pantry) {
        BaseFormula base = BaseFormula.of(asked.formula(), pantry);
        Faults faults = new Faults();
        List<TrialFactor> factors = TrialFactor.read(asked.factors(), faults);
        List<TrialMeasure> measures = measures(asked.measures(), faults);
        String called = faults.optionalText("name", asked.name(), Limit.NAME);
        String drawnFrom = faults.optionalText("seed", asked.seed(), Limit.NAME);
        double rounds = faults.needed(
                "rounds", asked.rounds() == null ? Double.valueOf(1) : asked.rounds(), Limit.TRIAL_ROUNDS);
        faults.refuse();
        Maker maker = new Maker(base, factors, AskedChange.all("beside", asked.beside()), asked.without());
        // Refused as a whole, and not run by run.
        base.changed(maker.changes(factors.stream().map(TrialFactor::highest).toList()));
        String name = called.isEmpty() ? named(factors, pantry) : called;
        String seed = drawnFrom.isEmpty() ? name : drawnFrom;
        List<List<Double>> round = new ArrayList<>(combinations(factors));
        if (Boolean.TRUE.equals(asked.centre())) {
            round.add(factors.stream().map(TrialFactor::middle).toList());
        }
        Random drawn = new Random(seed.hashCode());
        List<TrialRun> runs = new ArrayList<>();
        for (int at = 0; at < rounds; at++) {
            Collections.shuffle(round, drawn);
            round.forEach(shares -> runs.add(maker.run(shares)));
        }
        return new TrialSeries(name, seed, factors, measures, runs);
    }

    /** What is varied by its names, as far as a name may be long. */
    private static String named(List<TrialFactor> factors, Pantry pantry) {
        String names = factors.stream()
                .flatMap(factor -> factor.change().comesIn().flatMap(pantry::ingredient).stream())
                .map(Ingredient::name)
                .collect(Collectors.joining(" and "));
        return names.substring(0, Math.min(names.length(), Limit.NAME.mostCount()))
                .strip();
    }

    private static List<TrialMeasure> measures(@Nullable List<String> codes, Faults faults) {
        if (codes == null) {
            return List.of(TrialMeasure.values());
        }
        Set<TrialMeasure> measures = new LinkedHashSet<>();
        for (String code : faults.atMost("measures", codes, Limit.FIGURE_LIMITS)) {
            TrialMeasure measure = faults.choice("measures", code, TrialMeasure.class);
            if (measure != null) {
                measures.add(measure);
            }
        }
        faults.require(!codes.isEmpty(), "measures", FaultCode.MISSING, null);
        return List.copyOf(measures);
    }

    /** Every share of each factor with every share of the others. */
    private static List<List<Double>> combinations(List<TrialFactor> factors) {
        List<List<Double>> all = List.of(List.of());
        for (TrialFactor factor : factors) {
            List<List<Double>> longer = new ArrayList<>();
            for (List<Double> each : all) {
                for (double share : factor.shares()) {
                    List<Double> one = new ArrayList<>(each);
                    one.add(share);
                    longer.add(one);
                }
            }
            all = longer;
        }
        return all;
    }

    /** Makes the formulas of runs. */
    private record Maker(BaseFormula base, List<TrialFactor> factors, List<AskedChange> beside, Set<Carried> without) {

        List<AskedChange> changes(List<Double> shares) {
            List<AskedChange> changes = new ArrayList<>();
            for (int at = 0; at < shares.size(); at++) {
                changes.add(factors.get(at).at(at, shares.get(at)));
            }
            changes.addAll(beside);
            return changes;
        }

        TrialRun run(List<Double> shares) {
            Rework rework = base.reworked(changes(shares), without);
            return new TrialRun(shares, rework.weighable(base.spec()).formula());
        }
    }
}
