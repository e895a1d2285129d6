package verdamen.core.rework;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughTotals;
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
import verdamen.core.handling.Handling;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Scale;
import verdamen.core.model.Share;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.rework.Proposal.Because;
import verdamen.core.rework.Proposal.Reason;

/**
 * A formula in which some things stand in the place of others, with all that goes along: salt, fat and leavener keep their
 * share of the flour, kneading and rest suit the new flours, the water brings it to its target, and the sheet is no thinner
 * than it holds. Source: model page, section 15.
 *
 * @param formula the reworked formula
 * @param proposals what goes along, what was left out too
 */
public record Rework(FormulaSpec formula, List<Proposal> proposals) {

    /**
     * A formula reworked.
     *
     * @param asked what takes the place of what, at least one
     * @param without what does not go along
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Rework of(FormulaSpec spec, List<SubstitutionSpec> asked, Set<Carried> without, Pantry pantry) {
        Formula base = FormulaReader.read(spec, pantry);
        Worker worker = new Worker(base, without, pantry);
        FormulaSpec after = Substitutions.made(spec, base, asked);
        if (!after.equals(spec)) {
            after = worker.alongWithFlour(after);
            after = worker.kneading(after);
            after = worker.rest(after);
            after = worker.water(after);
            after = worker.sheet(after);
        }
        return new Rework(after, List.copyOf(worker.proposals));
    }

    /**
     * The same with masses as a kitchen scale shows them.
     *
     * @param base the formula it comes from: what did not change stays to the last digit
     */
    public Rework weighable(FormulaSpec base) {
        List<@Nullable LineSpec> before = base.linesOrNone();
        List<@Nullable LineSpec> lines = formula.linesOrNone().stream()
                .map(line -> line == null || line.grams() == null || before.contains(line)
                        ? line
                        : line.withGrams(Scale.shown(line.grams())))
                .toList();
        return new Rework(
                formula.withLines(lines),
                proposals.stream().map(Proposal::weighable).toList());
    }

    /** Works out one thing after another, and keeps what it proposes. */
    private static final class Worker {

        private static final double LITTLE_GLUTEN = Coefficient.REWORK_LITTLE_GLUTEN.value();
        private static final double SHEET_STEP = Coefficient.REWORK_SHEET_STEP_MM.value();
        /** A change smaller than this shows on no scale and no clock. */
        private static final double NOTHING = 1e-9;

        private final Formula base;
        private final Set<Carried> without;
        private final Pantry pantry;
        private final List<Proposal> proposals = new ArrayList<>();

        Worker(Formula base, Set<Carried> without, Pantry pantry) {
            this.base = base;
            this.without = without;
            this.pantry = pantry;
        }

        private Formula read(FormulaSpec spec) {
            return FormulaReader.read(spec, pantry);
        }

        private boolean takes(Carried kind) {
            return !without.contains(kind);
        }

        /** Salt, fat and leavener of the dough that were not replaced themselves keep their share of the flour. */
        FormulaSpec alongWithFlour(FormulaSpec spec) {
            double before = BakersPercentages.flourGrams(base.lines());
            double after = BakersPercentages.flourGrams(read(spec).lines());
            if (before <= 0 || after <= 0 || Math.abs(after - before) < NOTHING) {
                return spec;
            }
            FormulaSpec with = spec;
            Set<Integer> done = new HashSet<>();
            for (Line line : base.askedLines()) {
                Carried kind = kind(line);
                int index = kind == null ? -1 : sameLine(spec, line, done);
                if (kind == null || index < 0 || !done.add(index)) {
                    continue;
                }
                double grams = line.grams() * after / before;
                Because why = new Because(
                        Reason.SHARE_OF_FLOUR, Share.of(line.grams(), before).pct(), Unit.PERCENT);
                proposals.add(
                        Proposal.ofLine(kind, index, line.ingredient().code(), line.grams(), grams, why, takes(kind)));
                if (takes(kind)) {
                    with = with.withLine(
                            index,
                            Objects.requireNonNull(with.lineOrNull(index)).weighed(grams));
                }
            }
            return with;
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
        private static int sameLine(FormulaSpec spec, Line line, Set<Integer> done) {
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
        FormulaSpec kneading(FormulaSpec spec) {
            double before = Gluten.of(DoughTotals.of(base)).points();
            double after = Gluten.of(DoughTotals.of(read(spec))).points();
            Kneading now = base.kneading();
            Kneading then = now;
            if (after < LITTLE_GLUTEN && before >= LITTLE_GLUTEN) {
                then = Kneading.JUST_COMBINED;
            } else if (after >= LITTLE_GLUTEN && before < LITTLE_GLUTEN && now == Kneading.JUST_COMBINED) {
                then = Kneading.HAND;
            }
            if (then == now) {
                return spec;
            }
            Reason reason = after < LITTLE_GLUTEN ? Reason.LITTLE_GLUTEN : Reason.ENOUGH_GLUTEN;
            proposals.add(Proposal.ofChoice(
                    Carried.KNEADING,
                    now.code(),
                    then.code(),
                    new Because(reason, after, Unit.GLUTEN_POINTS),
                    takes(Carried.KNEADING)));
            String code = then == Kneading.HAND ? null : then.code();
            return takes(Carried.KNEADING)
                    ? spec.withSettings(code, spec.fatTiming(), spec.waterTemperatureC(), spec.restMinutes())
                    : spec;
        }

        /** The rest grows with what drinks slowly, and shrinks again only where it followed that before. */
        FormulaSpec rest(FormulaSpec spec) {
            if (!spec.methodOrNone().phasesOrNone().isEmpty()) {
                return spec;
            }
            double now = base.restMinutes();
            double usual = base.style().restMin();
            double slowest = Math.ceil(Dough.of(read(spec)).minutesToDrink());
            double then = following(now, usual, Math.ceil(Dough.of(base).minutesToDrink()), slowest);
            if (Math.abs(then - now) < NOTHING) {
                return spec;
            }
            Because why = slowest >= usual
                    ? new Because(Reason.SLOWEST_DRINKER, slowest, Unit.MINUTES)
                    : new Because(Reason.STYLE, usual, Unit.MINUTES);
            proposals.add(Proposal.ofSetting(Carried.REST, now, then, Unit.MINUTES, why, takes(Carried.REST)));
            return takes(Carried.REST)
                    ? spec.withSettings(
                            spec.kneading(), spec.fatTiming(), spec.waterTemperatureC(), then == usual ? null : then)
                    : spec;
        }

        /** The sheet grows to what holds together, and shrinks again only where it followed that before. */
        FormulaSpec sheet(FormulaSpec spec) {
            double now = base.sheetMm();
            double usual = base.style().sheetMm();
            double thinnest = thinnest(read(spec));
            double then = following(now, usual, thinnest(base), thinnest);
            if (Math.abs(then - now) < NOTHING) {
                return spec;
            }
            Because why = thinnest >= usual
                    ? new Because(Reason.THINNEST_SHEET, thinnest, Unit.MILLIMETRES)
                    : new Because(Reason.STYLE, usual, Unit.MILLIMETRES);
            proposals.add(Proposal.ofSetting(Carried.SHEET, now, then, Unit.MILLIMETRES, why, takes(Carried.SHEET)));
            return takes(Carried.SHEET) ? spec.withSheet(then == usual ? null : then) : spec;
        }

        private static double thinnest(Formula formula) {
            double mm = Handling.at(Dough.of(formula), formula.rollAtMinute()).minSheetMm();
            return Math.ceil(mm / SHEET_STEP - NOTHING) * SHEET_STEP;
        }

        /** A setting that was as the rule has it follows the rule; one that somebody chose only grows to what is needed. */
        private static double following(double now, double usual, double neededBefore, double needed) {
            boolean followed = Math.abs(now - Math.max(usual, neededBefore)) < NOTHING;
            return followed ? Math.max(usual, needed) : Math.max(now, needed);
        }

        /** Plain water last, because everything else moves it. */
        FormulaSpec water(FormulaSpec spec) {
            Formula formula = read(spec);
            FormulaSpec with = WaterLines.exactly(spec, formula, pantry);
            for (int index = 0; index < with.linesOrNone().size(); index++) {
                LineSpec then = with.lineOrNull(index);
                LineSpec now = spec.lineOrNull(index);
                Double from = now == null ? null : now.grams();
                if (then == null || then.grams() == null || Objects.equals(from, then.grams())) {
                    continue;
                }
                Because why = new Because(Reason.TARGET, formula.softnessTarget(), Unit.SOFTNESS);
                proposals.add(Proposal.ofLine(
                        Carried.WATER,
                        index,
                        Objects.requireNonNull(then.ingredient()),
                        from,
                        then.grams(),
                        why,
                        takes(Carried.WATER)));
            }
            return takes(Carried.WATER) ? with : spec;
        }
    }
}
