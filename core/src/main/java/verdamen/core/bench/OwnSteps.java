package verdamen.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchStep.Kind;
import verdamen.core.caution.Caution;
import verdamen.core.formula.StepEdit;
import verdamen.core.model.Range;

/**
 * The usual steps with what a formula changes of them. Cautions of what is left out stand at the first step that is not.
 *
 * @param steps what is done, in order
 * @param leftOut what is left out
 */
record OwnSteps(List<BenchStep> steps, List<BenchStep> leftOut) {

    /** The usual steps, those left out apart; what is added stands behind the step that it comes after, or first. */
    static OwnSteps of(List<BenchStep> usual, List<StepEdit> edits) {
        Map<String, StepEdit> changed = new HashMap<>();
        Map<@Nullable String, List<StepEdit>> added = new HashMap<>();
        List<String> keys = usual.stream().map(BenchStep::key).toList();
        for (StepEdit edit : edits) {
            if (edit.adds()) {
                String after = keys.contains(edit.after()) ? edit.after() : null;
                added.computeIfAbsent(after, key -> new ArrayList<>()).add(edit);
            } else {
                changed.put(edit.step(), edit);
            }
        }
        List<BenchStep> steps = new ArrayList<>();
        List<BenchStep> leftOut = new ArrayList<>();
        add(added.get(null), steps);
        for (BenchStep step : usual) {
            StepEdit edit = changed.get(step.key());
            boolean goes = edit != null && edit.leavesOut() && step.canBeLeftOut();
            (goes ? leftOut : steps).add(edit == null ? step : changed(step, edit));
            add(added.get(step.key()), steps);
        }
        List<Caution> cautions =
                leftOut.stream().flatMap(step -> step.cautions().stream()).toList();
        if (!cautions.isEmpty()) {
            steps.set(0, steps.get(0).cautioned(cautions));
        }
        return new OwnSteps(List.copyOf(steps), List.copyOf(leftOut));
    }

    private static BenchStep changed(BenchStep step, StepEdit edit) {
        String words = edit.words() == null || edit.words().isBlank()
                ? null
                : edit.words().strip();
        boolean asTheMethodSays = edit.minutes() == null || step.minutes() != null;
        return step.with(words, asTheMethodSays ? step.takes() : new Range(edit.minutes(), edit.minutes()));
    }

    private static void add(@Nullable List<StepEdit> edits, List<BenchStep> steps) {
        StepKindRow typical = StepKindRow.of(Kind.OWN);
        for (StepEdit edit : edits == null ? List.<StepEdit>of() : edits) {
            long number =
                    1 + steps.stream().filter(step -> step.kind() == Kind.OWN).count();
            steps.add(new BenchStep(
                    number == 1 ? Kind.OWN.code() : Kind.OWN.code() + "-" + number,
                    Kind.OWN,
                    null,
                    null,
                    edit.minutes() == null ? typical.minutes() : new Range(edit.minutes(), edit.minutes()),
                    null,
                    null,
                    null,
                    typical.handsBusy(),
                    typical.needs(),
                    List.of(),
                    typical.canBeLeftOut(),
                    edit.words() == null ? "" : edit.words().strip()));
        }
    }
}
