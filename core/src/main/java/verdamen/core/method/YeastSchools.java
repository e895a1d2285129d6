package verdamen.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.StageKind;
import verdamen.core.leavening.YeastAmount;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/** The schools of yeast: little or much of it, and a sponge or one dough. */
final class YeastSchools {

    private static final String SPONGE = "sponge";
    private static final String ONE_DOUGH = "one-dough";
    private static final int FIRST = 0;
    private static final String LITTLE = "little";
    private static final String MUCH = "much";
    private static final String USUAL = "usual";

    private final FormulaSpec spec;
    private final Pantry pantry;

    YeastSchools(FormulaSpec spec, Pantry pantry) {
        this.spec = spec;
        this.pantry = pantry;
    }

    /** The formula with so much yeast as a school takes; as it is when it has none. */
    FormulaSpec withYeast(String school) {
        double pct = usualPct(school);
        double now = YeastAmount.pct(spec, pantry);
        return now <= 0 ? spec : YeastAmount.scaled(spec, pct / now, pantry);
    }

    private static double usualPct(String school) {
        return switch (school) {
            case LITTLE -> Coefficient.SCHOOL_YEAST_LITTLE.value();
            case MUCH -> Coefficient.SCHOOL_YEAST_MUCH.value();
            default -> Coefficient.SCHOOL_YEAST_USUAL.value();
        };
    }

    /** The school whose yeast is nearest; null without yeast. */
    @Nullable
    String chosenYeast() {
        double pct = YeastAmount.pct(spec, pantry);
        if (pct <= 0) {
            return null;
        }
        if (pct < Math.sqrt(usualPct(LITTLE) * usualPct(USUAL))) {
            return LITTLE;
        }
        return pct < Math.sqrt(usualPct(USUAL) * usualPct(MUCH)) ? USUAL : MUCH;
    }

    /** Whether the formula has a sponge. */
    String chosenSponge() {
        return StageKind.SPONGE.code().equals(spec.methodOrNone().firstStage()) ? SPONGE : ONE_DOUGH;
    }

    /**
     * The formula with a sponge of all its yeast, half of its first flour and as much of its water; or as one dough. A
     * formula without yeast, or with a soaker, stays as it is.
     */
    FormulaSpec withSponge(String school) {
        MethodSpec method = spec.methodOrNone();
        if (school.equals(chosenSponge())) {
            return spec;
        }
        if (school.equals(ONE_DOUGH)) {
            return spec.withLines(map(line -> line.withStage(null))).withMethod(method.withFirstStage(null, null));
        }
        if (method.firstStage() != null || YeastAmount.pct(spec, pantry) <= 0) {
            return spec;
        }
        return spec.withLines(sponge())
                .withMethod(method.withFirstStage(StageKind.SPONGE.code(), Coefficient.SCHOOL_SPONGE_MINUTES.value()));
    }

    private List<@Nullable LineSpec> sponge() {
        List<@Nullable LineSpec> lines = new ArrayList<>();
        double flour = 0;
        for (LineSpec line : spec.linesOrNone()) {
            if (flour == 0 && is(line, Role.FLOUR)) {
                flour = Scale.shown(grams(line) / 2);
                split(line, flour, lines);
            } else if (line != null && isYeast(line)) {
                lines.add(line.withStage(FIRST));
            } else {
                lines.add(line);
            }
        }
        for (int index = 0; index < lines.size(); index++) {
            LineSpec line = lines.get(index);
            if (flour > 0 && line != null && line.grams() != null && line.isDoughWater(pantry)) {
                List<@Nullable LineSpec> parted = new ArrayList<>();
                split(line, Math.min(flour, grams(line)), parted);
                lines.remove(index);
                lines.addAll(index, parted);
                break;
            }
        }
        return lines;
    }

    /** A line in two: so much of it in the sponge, the rest in the dough. */
    private static void split(@Nullable LineSpec line, double first, List<@Nullable LineSpec> into) {
        if (line == null) {
            return;
        }
        into.add(line.weighed(first).withStage(FIRST));
        double rest = grams(line) - first;
        if (rest > 0) {
            into.add(line.weighed(rest));
        }
    }

    private List<@Nullable LineSpec> map(UnaryOperator<LineSpec> change) {
        List<@Nullable LineSpec> lines = new ArrayList<>();
        spec.linesOrNone().forEach(line -> lines.add(line == null ? null : change.apply(line)));
        return lines;
    }

    private boolean isYeast(LineSpec line) {
        return inDough(line) && ingredient(line).filter(YeastAmount::isYeast).isPresent();
    }

    private boolean is(@Nullable LineSpec line, Role role) {
        return line != null
                && inDough(line)
                && line.grams() != null
                && ingredient(line).filter(each -> each.role() == role).isPresent();
    }

    private static boolean inDough(LineSpec line) {
        return line.open() == null && line.prep() == null && line.belongsToDough();
    }

    private Optional<Ingredient> ingredient(LineSpec line) {
        return line.ingredient() == null ? Optional.empty() : pantry.ingredient(line.ingredient());
    }

    private static double grams(@Nullable LineSpec line) {
        return line == null || line.grams() == null ? 0 : line.grams();
    }
}
