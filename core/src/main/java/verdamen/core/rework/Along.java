package verdamen.core.rework;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.edit.WaterLines;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Role;
import verdamen.core.rework.Proposal.Because;
import verdamen.core.rework.Proposal.Reason;

/** What goes along with changed lines: one thing after another, water last of what the dough is made of. */
final class Along {

    private static final double LITTLE_GLUTEN = Coefficient.REWORK_LITTLE_GLUTEN.value();
    /** A change smaller than this shows on no scale and no clock. */
    private static final double NOTHING = 1e-9;

    private final BaseFormula base;
    private final Set<Carried> without;
    private final List<Proposal> proposals = new ArrayList<>();
    private FormulaSpec spec;
    /** The dough of {@link #spec}; null until it is asked for. */
    private @Nullable Dough dough;

    private Along(FormulaSpec changed, BaseFormula base, Set<Carried> without) {
        this.spec = changed;
        this.base = base;
        this.without = without;
    }

    /** Changed lines with all that goes along, but for what is left out. */
    static Rework with(FormulaSpec changed, BaseFormula base, Set<Carried> without) {
        Along along = new Along(changed, base, without);
        along.shareOfFlour();
        along.kneading();
        along.rest();
        along.water();
        along.sheet();
        along.piece();
        return new Rework(along.spec, List.copyOf(along.proposals));
    }

    private Dough dough() {
        if (dough == null) {
            dough = Dough.of(FormulaReader.read(spec, base.pantry()));
        }
        return dough;
    }

    private void become(FormulaSpec other) {
        spec = other;
        dough = null;
    }

    private boolean takes(Carried kind) {
        return !without.contains(kind);
    }

    /** Salt, fat and leavener of the dough that were not replaced themselves keep their share of the flour. */
    private void shareOfFlour() {
        double before = base.flourGrams();
        double after = BakersPercentages.flourGrams(dough().formula().lines());
        if (before <= 0 || after <= 0 || Math.abs(after - before) < NOTHING) {
            return;
        }
        Set<Integer> done = new HashSet<>();
        for (Line line : base.formula().askedLines()) {
            Carried kind = kind(line);
            int index = kind == null ? -1 : sameLine(line, done);
            if (kind == null || index < 0 || !done.add(index)) {
                continue;
            }
            double grams = line.grams() * after / before;
            Because why = new Because(
                    Reason.SHARE_OF_FLOUR, Share.of(line.grams(), before).pct(), Unit.PERCENT);
            proposals.add(
                    Proposal.ofLine(kind, index, line.ingredient().code(), line.grams(), grams, why, takes(kind)));
            if (takes(kind)) {
                become(spec.withLine(
                        index, Objects.requireNonNull(spec.lineOrNull(index)).weighed(grams)));
            }
        }
    }

    private static @Nullable Carried kind(Line line) {
        if (line.part() != Part.DOUGH || line.grams() <= 0) {
            return null;
        }
        Role role = line.ingredient().role();
        return role == Role.SALT
                ? Carried.SALT
                : role == Role.FAT
                        ? Carried.FAT
                        : role == Role.LEAVENER && !line.ingredient().isStarter() ? Carried.LEAVENER : null;
    }

    /** Where a line stands that nothing was done to and that was not found before; -1 when something was. */
    private int sameLine(Line line, Set<Integer> done) {
        for (int index = 0; index < spec.linesOrNone().size(); index++) {
            LineSpec each = spec.lineOrNull(index);
            if (each != null
                    && !done.contains(index)
                    && line.ingredient().code().equals(each.ingredient())
                    && each.belongsToDough()
                    && each.grams() != null
                    && each.grams() == line.grams()) {
                return index;
            }
        }
        return -1;
    }

    /** A dough with little gluten is only brought together; one that has enough again is kneaded again. */
    private void kneading() {
        double before = base.glutenPoints();
        double after = Gluten.of(dough().totals()).points();
        Kneading now = base.formula().kneading();
        Kneading then = now;
        if (after < LITTLE_GLUTEN && before >= LITTLE_GLUTEN) {
            then = Kneading.JUST_COMBINED;
        } else if (after >= LITTLE_GLUTEN && before < LITTLE_GLUTEN && now == Kneading.JUST_COMBINED) {
            then = Kneading.HAND;
        }
        if (then == now) {
            return;
        }
        Reason reason = after < LITTLE_GLUTEN ? Reason.LITTLE_GLUTEN : Reason.ENOUGH_GLUTEN;
        proposals.add(Proposal.ofChoice(
                Carried.KNEADING,
                now.code(),
                then.code(),
                new Because(reason, after, Unit.GLUTEN_POINTS),
                takes(Carried.KNEADING)));
        if (takes(Carried.KNEADING)) {
            String code = then == Kneading.HAND ? null : then.code();
            become(spec.withSettings(code, spec.fatTiming(), spec.waterTemperatureC(), spec.restMinutes()));
        }
    }

    /** The rest grows with what drinks slowly. Phases are somebody's own. */
    private void rest() {
        Formula formula = base.formula();
        if (spec.methodOrNone().phasesOrNone().isEmpty()) {
            follow(
                    new Following(
                            Carried.REST,
                            Unit.MINUTES,
                            Reason.SLOWEST_DRINKER,
                            formula.restMinutes(),
                            formula.style().restMin(),
                            base.minutesToDrink(),
                            BaseFormula.minutesToDrink(dough())),
                    minutes -> spec.withSettings(spec.kneading(), spec.fatTiming(), spec.waterTemperatureC(), minutes));
        }
    }

    /** The sheet grows to what holds together. */
    private void sheet() {
        Formula formula = base.formula();
        follow(
                new Following(
                        Carried.SHEET,
                        Unit.MILLIMETRES,
                        Reason.THINNEST_SHEET,
                        formula.sheetMm(),
                        formula.style().sheetMm(),
                        base.thinnestMm(),
                        BaseFormula.thinnestMm(dough())),
                spec::withSheet);
    }

    /** A piece of another sheet is as wide as before. How many there are is somebody's own, and their weight follows from it. */
    private void piece() {
        Formula formula = base.formula();
        RecipeNotes notes = spec.notesOrNone();
        double before = formula.sheetMm();
        double after = spec.sheetMm() == null ? formula.style().sheetMm() : spec.sheetMm();
        if (notes.pieces() != null || Math.abs(after - before) < NOTHING) {
            return;
        }
        double now = Pieces.of(formula).doughGrams();
        double then = now * after / before;
        boolean taken = takes(Carried.PIECE);
        Because why = new Because(Reason.SAME_DIAMETER, after, Unit.MILLIMETRES);
        proposals.add(Proposal.ofSetting(Carried.PIECE, now, then, Unit.GRAMS, why, taken));
        if (taken) {
            boolean usual = Math.abs(then - formula.style().pieceGrams()) < NOTHING;
            become(spec.withNotes(notes.withPieceGrams(usual ? null : then)));
        }
    }

    /**
     * A setting that is the style's usual one, or more where more is needed. One that was so follows the rule; one that
     * somebody chose only grows to what is needed.
     */
    private record Following(
            Carried kind, Unit unit, Reason needs, double now, double usual, double neededBefore, double needed) {

        double then() {
            boolean followed = Math.abs(now - Math.max(usual, neededBefore)) < NOTHING;
            return followed ? Math.max(usual, needed) : Math.max(now, needed);
        }

        Because why() {
            return needed >= usual ? new Because(needs, needed, unit) : new Because(Reason.STYLE, usual, unit);
        }
    }

    private void follow(Following setting, Function<@Nullable Double, FormulaSpec> set) {
        double then = setting.then();
        if (Math.abs(then - setting.now()) < NOTHING) {
            return;
        }
        boolean taken = takes(setting.kind());
        proposals.add(Proposal.ofSetting(setting.kind(), setting.now(), then, setting.unit(), setting.why(), taken));
        if (taken) {
            become(set.apply(then == setting.usual() ? null : then));
        }
    }

    /** Plain water last of the lines, because everything else moves it. */
    private void water() {
        Formula formula = dough().formula();
        FormulaSpec with = WaterLines.exactly(spec, formula, base.pantry());
        for (int index = 0; index < with.linesOrNone().size(); index++) {
            LineSpec then = with.lineOrNull(index);
            LineSpec now = spec.lineOrNull(index);
            Double from = now == null ? null : now.grams();
            if (then == null || then.grams() == null || Objects.equals(from, then.grams())) {
                continue;
            }
            proposals.add(Proposal.ofLine(
                    Carried.WATER,
                    index,
                    Objects.requireNonNull(then.ingredient()),
                    from,
                    then.grams(),
                    new Because(Reason.TARGET, formula.softnessTarget(), Unit.SOFTNESS),
                    takes(Carried.WATER)));
        }
        if (takes(Carried.WATER)) {
            become(with);
        }
    }
}
