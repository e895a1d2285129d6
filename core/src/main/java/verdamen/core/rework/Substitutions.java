package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.leavening.LeaveningPower;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/** Puts things in the place of others in the lines of a formula, or adds them, and leaves everything else as it is. */
final class Substitutions {

    /** A share of a line that is left by rounding. */
    private static final double ROUNDING = 1e-9;

    private final FormulaSpec spec;
    private final Formula formula;
    private final Pantry pantry;
    /** Each line with what stands behind it; a line that is wholly replaced is null. */
    private final List<@Nullable LineSpec> lines;

    private final List<List<LineSpec>> behind = new ArrayList<>();
    /** Which lines are wholly replaced: what stands in their place is another line. */
    private final boolean[] gone;

    private Substitutions(FormulaSpec spec, Formula formula) {
        this.spec = spec;
        this.formula = formula;
        this.pantry = formula.pantry();
        this.lines = new ArrayList<>(spec.linesOrNone());
        lines.forEach(line -> behind.add(new ArrayList<>()));
        this.gone = new boolean[lines.size()];
    }

    /**
     * The formula with everything replaced and added that is asked for.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    static FormulaSpec made(FormulaSpec spec, Formula formula, List<AskedChange> asked) {
        Substitutions made = new Substitutions(spec, formula);
        Faults faults = new Faults();
        for (AskedChange each : asked) {
            if (each.change().add() == null) {
                made.replace(each.change(), each.field() + ".", faults);
            } else {
                made.add(each.change(), each.field() + ".", faults);
            }
        }
        faults.refuse();
        return spec.withLines(made.flat());
    }

    /** What is added goes into the dough as it was before anything changed. */
    private void add(ChangeSpec asked, String field, Faults faults) {
        int before = faults.count();
        double share = faults.needed(field + "share", asked.share(), 0, 1);
        Ingredient added = ingredient(field + "add", asked.add(), faults);
        checkForm(asked, field, faults);
        faults.require(asked.line() == null, field + "line", FaultCode.CONTRADICTS, asked.line());
        faults.require(asked.by() == null, field + "by", FaultCode.CONTRADICTS, asked.by());
        double flour = BakersPercentages.flourGrams(formula.lines());
        faults.require(flour > 0, "lines", FaultCode.NO_FLOUR, null);
        if (faults.count() > before || added == null || share <= 0) {
            return;
        }
        LineSpec place = LineSpec.of(added.code(), share * flour).withForm(asked.form());
        if (!joined(place)) {
            lines.add(place);
            behind.add(new ArrayList<>());
        }
    }

    private void checkForm(ChangeSpec asked, String field, Faults faults) {
        if (asked.form() != null && pantry.form(asked.form()).isEmpty()) {
            faults.add(null, field + "form", FaultCode.UNKNOWN_CODE, asked.form());
        }
    }

    private void replace(ChangeSpec asked, String field, Faults faults) {
        int before = faults.count();
        double share = faults.needed(field + "share", asked.share(), 0, 1);
        Basis basis = asked.basis() == null ? Basis.GRAMS : faults.choice(field + "basis", asked.basis(), Basis.class);
        Line from = line(asked.line(), field, faults);
        Ingredient to = ingredient(field + "by", asked.by(), faults);
        checkForm(asked, field, faults);
        if (faults.count() > before || from == null || to == null || basis == null || share <= 0) {
            return;
        }
        LineSpec line = Objects.requireNonNull(spec.lineOrNull(from.index()));
        if (to.code().equals(line.ingredient()) && Objects.equals(asked.form(), line.form())) {
            faults.add(null, field + "by", FaultCode.ITSELF, null);
            return;
        }
        double one = amount(basis, from.ingredient(), from.waterShare(), to);
        double other = amount(basis, to, to.composition().waterShare().fraction(), from.ingredient());
        if (one <= 0 || other <= 0) {
            faults.add(null, field + "basis", FaultCode.NOT_FOR_THIS_INGREDIENT, basis.code());
            return;
        }
        double taken = share * from.grams();
        double left = left(from) - taken;
        if (left < -ROUNDING * from.grams()) {
            faults.add(null, field + "share", FaultCode.TOO_LARGE, share, left(from) / from.grams());
            return;
        }
        boolean wholly = left <= ROUNDING * from.grams();
        put(from.index(), wholly ? null : line.weighed(left), place(line, to, asked.form(), taken * one / other));
    }

    /** What the substitutions before have left of a line, g. */
    private double left(Line line) {
        LineSpec now = lines.get(line.index());
        boolean untouched = Objects.equals(now, spec.lineOrNull(line.index()));
        return now == null || gone[line.index()] ? 0 : untouched || now.grams() == null ? line.grams() : now.grams();
    }

    private @Nullable Line line(@Nullable Integer index, String field, Faults faults) {
        if (index == null) {
            faults.add(null, field + "line", FaultCode.MISSING, null);
            return null;
        }
        Optional<Line> found = formula.askedLines().stream()
                .filter(line -> line.index() == index)
                .findFirst();
        if (found.isEmpty()) {
            faults.add(null, field + "line", FaultCode.UNKNOWN_CODE, index);
        }
        return found.orElse(null);
    }

    private @Nullable Ingredient ingredient(String field, @Nullable String code, Faults faults) {
        Ingredient found = code == null ? null : pantry.ingredient(code).orElse(null);
        if (found == null) {
            faults.add(null, field, code == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, code);
        }
        return found;
    }

    /** How much of what stays the same a gram has; 0 when it has none that the other could stand for. */
    private static double amount(Basis basis, Ingredient of, double waterShare, Ingredient other) {
        return switch (basis) {
            case GRAMS -> 1;
            case DRY_MATTER -> 1 - waterShare;
            case ROLE -> role(of, other);
        };
    }

    private static double role(Ingredient of, Ingredient other) {
        if (of.role() != other.role()) {
            return of.composition().proteinPct();
        }
        Composition holds = of.composition();
        return switch (of.role()) {
            case FAT -> holds.fatPct();
            case SWEETENER -> holds.sugarsPct();
            case SALT -> of.sodiumMg();
            case LEAVENER -> LeaveningPower.inCommon(of, other);
            case FLOUR, DRY_ADDITION, SEED, DAIRY, INCLUSION, LIQUID, SEASONING -> holds.proteinPct();
        };
    }

    private static LineSpec place(LineSpec line, Ingredient to, @Nullable String form, double grams) {
        return LineSpec.of(to.code(), grams)
                .withForm(form)
                .withPart(line.part())
                .withStage(line.stage());
    }

    private void put(int index, @Nullable LineSpec left, LineSpec place) {
        lines.set(index, left);
        gone[index] |= left == null;
        if (!joined(place)) {
            if (left == null) {
                lines.set(index, place);
            } else {
                behind.get(index).add(place);
            }
        }
    }

    /** Whether there was a line of the same thing already, which has more of it now. */
    private boolean joined(LineSpec place) {
        for (int at = 0; at < lines.size(); at++) {
            LineSpec there = lines.get(at);
            if (there != null && isSame(there, place)) {
                lines.set(at, more(there, place));
                return true;
            }
            List<LineSpec> added = behind.get(at);
            for (int i = 0; i < added.size(); i++) {
                if (isSame(added.get(i), place)) {
                    added.set(i, more(added.get(i), place));
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isSame(LineSpec one, LineSpec other) {
        return one.prep() == null
                && one.grams() != null
                && one.open() == null
                && Objects.equals(one.ingredient(), other.ingredient())
                && Objects.equals(one.form(), other.form())
                && Objects.equals(one.stage(), other.stage())
                && one.belongsToDough() == other.belongsToDough()
                && (one.belongsToDough() || Objects.equals(one.part(), other.part()));
    }

    private static LineSpec more(LineSpec there, LineSpec place) {
        double grams = there.grams() == null ? 0 : there.grams();
        return there.weighed(grams + (place.grams() == null ? 0 : place.grams()));
    }

    private List<@Nullable LineSpec> flat() {
        List<@Nullable LineSpec> flat = new ArrayList<>();
        for (int at = 0; at < lines.size(); at++) {
            boolean replaced = lines.get(at) == null && spec.lineOrNull(at) != null;
            if (!replaced) {
                flat.add(lines.get(at));
            }
            flat.addAll(behind.get(at));
        }
        return flat;
    }
}
