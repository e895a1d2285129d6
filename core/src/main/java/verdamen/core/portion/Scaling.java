package verdamen.core.portion;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.handling.RolledDough;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Pantry;

/**
 * A formula made larger or smaller, and rounded to what the kitchen can measure. Source: model page, section 14.
 *
 * @param factor how many times of the formula
 * @param exact the formula, nothing rounded
 * @param formula the formula as it is weighed and spooned
 * @param lines what becomes of each line
 * @param doughGrams dough as weighed, g
 * @param pieces pieces that makes; null when it is not enough for one
 * @param pieceGrams dough of each, g
 * @param before softness, salt and the rest before rounding
 * @param after the same as weighed
 * @param roundingShows whether rounding moves the softness so far that one feels it
 * @param minds what to mind with a batch so much smaller or larger
 */
public record Scaling(
        double factor,
        FormulaSpec exact,
        FormulaSpec formula,
        List<ScaledLine> lines,
        double doughGrams,
        @Nullable Double pieces,
        double pieceGrams,
        ScaledEffect before,
        ScaledEffect after,
        boolean roundingShows,
        List<Mind> minds) {

    /**
     * A line, scaled.
     *
     * @param line its index
     * @param beforeGrams what it was, g
     * @param exactGrams what it would be, g
     * @param grams what is weighed or spooned, g
     * @param teaspoonEighths eighths of a level teaspoon, where a spoon is nearer to it than the scale; null else
     * @param offPct how far that is off, % of the exact mass; 0 for an empty line
     */
    public record ScaledLine(
            int line,
            double beforeGrams,
            double exactGrams,
            double grams,
            @Nullable Integer teaspoonEighths,
            double offPct) {}

    /**
     * What a formula is like.
     *
     * @param softness softness when rolled; null when nothing drinks
     * @param saltPct salt, % of the flour
     */
    public record ScaledEffect(@Nullable Double softness, double saltPct) {

        private static ScaledEffect of(Formula formula) {
            RolledDough rolled = RolledDough.of(formula);
            return new ScaledEffect(rolled.handling().softness(), rolled.dough().saltPct());
        }
    }

    /** What to mind with a batch much smaller or larger than the one that is known. */
    public enum Mind implements Coded {
        /** A little dough slips in the machine; much of it takes longer. */
        MIXING("mixing"),
        /** A little dough takes on the kitchen's temperature sooner, much of it later. */
        TEMPERATURE("temperature"),
        /** Rest and rise follow the temperature; dividing much dough takes minutes in which the first pieces rest. */
        REST("rest");

        private final String code;

        Mind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A formula scaled as asked.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Scaling of(ScalingQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        faults.number("factor", asked.factor(), Limit.SCALE_FACTOR);
        faults.number("pieces", asked.pieces() == null ? null : Double.valueOf(asked.pieces()), Limit.PIECES);
        faults.number("flourGrams", asked.flourGrams(), Limit.GRAMS);
        faults.number("doughGrams", asked.doughGrams(), Limit.GRAMS);
        faults.number("panMm", asked.panMm(), Limit.PAN_MM);
        faults.number("stepGrams", asked.stepGrams(), Limit.SCALE_STEP);
        faults.require(Pieces.usableGrams(formula) > 0, "lines", FaultCode.MISSING, null);
        By by = By.of(asked, faults);
        faults.refuse();
        double factor = Objects.requireNonNull(by).factor(asked, formula, faults);
        faults.refuse();
        return new Scaler(formula, asked, factor, by).scaling();
    }

    /** By what it is scaled. */
    private enum By {
        FACTOR("factor"),
        PIECES("pieces"),
        FLOUR("flourGrams"),
        DOUGH("doughGrams"),
        PAN("panMm");

        private final String field;

        By(String field) {
            this.field = field;
        }

        /** The one that is asked for; a fault for none, and for the second of several. */
        static @Nullable By of(ScalingQuestion asked, Faults faults) {
            By found = null;
            for (By each : values()) {
                if (each.value(asked) != null) {
                    faults.require(found == null, each.field, FaultCode.CONTRADICTS, each.value(asked));
                    found = each;
                }
            }
            faults.require(found != null, FACTOR.field, FaultCode.MISSING, null);
            return found;
        }

        private @Nullable Double value(ScalingQuestion asked) {
            return switch (this) {
                case FACTOR -> asked.factor();
                case PIECES -> asked.pieces() == null ? null : Double.valueOf(asked.pieces());
                case FLOUR -> asked.flourGrams();
                case DOUGH -> asked.doughGrams();
                case PAN -> asked.panMm();
            };
        }

        /** How many times that is; a fault, in its own unit, when nobody makes so little or so much. */
        double factor(ScalingQuestion asked, Formula formula, Faults faults) {
            double value = Objects.requireNonNull(value(asked));
            if (this == PAN) {
                return panGrams(value, formula) / Pieces.of(formula).doughGrams();
            }
            double once = once(formula);
            faults.number(field, value, Limit.SCALE_FACTOR.least() * once, Limit.SCALE_FACTOR.most() * once);
            return value / once;
        }

        /** What the formula is now. */
        private double once(Formula formula) {
            double usable = Pieces.usableGrams(formula);
            return switch (this) {
                case FACTOR, PAN -> 1;
                case PIECES -> usable / Pieces.of(formula).doughGrams();
                case FLOUR -> Dough.of(formula).flourGrams();
                case DOUGH -> usable / (1 - Coefficient.BOWL_LOSS.value());
            };
        }

        private static double panGrams(double panMm, Formula formula) {
            return Portion.inPan(formula, panMm).grams();
        }
    }

    /** Scales and rounds. */
    private record Scaler(Formula formula, ScalingQuestion asked, double factor, By by) {

        Scaling scaling() {
            FormulaSpec exact = times();
            Formula exactly = read(exact);
            List<ScaledLine> lines = exactly.askedLines().stream()
                    .filter(line -> line.prep() == null)
                    .map(this::rounded)
                    .toList();
            FormulaSpec weighed = weighed(exact, lines);
            Formula rounded = read(weighed);
            ScaledEffect before = ScaledEffect.of(exactly);
            ScaledEffect after = ScaledEffect.of(rounded);
            Pieces pieces = Pieces.of(rounded);
            return new Scaling(
                    factor,
                    exact,
                    weighed,
                    lines,
                    Dough.of(rounded).grams(),
                    pieces.count(),
                    pieces.doughGrams(),
                    before,
                    after,
                    before.softness() != null
                            && after.softness() != null
                            && Math.abs(after.softness() - before.softness()) > Coefficient.ROUNDING_SHOWS.value(),
                    minds());
        }

        private Formula read(FormulaSpec spec) {
            return FormulaReader.read(spec, formula.pantry());
        }

        private FormulaSpec times() {
            FormulaSpec spec = asked.formula();
            List<@Nullable LineSpec> lines = new ArrayList<>();
            for (LineSpec line : spec.linesOrNone()) {
                lines.add(line == null ? null : line.times(factor));
            }
            MethodSpec method = spec.method();
            return spec.withLines(lines)
                    .withPreps(
                            spec.preps() == null
                                    ? null
                                    : spec.preps().stream()
                                            .map(chain -> chain.times(factor))
                                            .toList())
                    .withMethod(method == null ? null : method.times(factor))
                    .withPortion(spec.portion() == null ? null : spec.portion().times(factor))
                    .withNotes(notes(spec));
        }

        /** As many pieces as were asked for, else so many times as many as it says; the same piece unless a pan sets it. */
        private @Nullable RecipeNotes notes(FormulaSpec spec) {
            RecipeNotes notes = spec.notesOrNone();
            if (by == By.PIECES) {
                return notes.withPieces(Double.valueOf(Objects.requireNonNull(asked.pieces())));
            }
            if (by == By.PAN) {
                double each = By.panGrams(Objects.requireNonNull(asked.panMm()), formula);
                return notes.pieces() != null
                        ? notes
                        : notes.withPieceGrams(each).withDiameterMm(null);
            }
            Double said = notes.pieces();
            if (said == null) {
                return spec.notes();
            }
            double times = said * factor;
            boolean whole = Math.abs(times - Math.rint(times)) < 1e-6;
            return whole && times >= 1
                    ? notes.withPieces(Math.rint(times))
                    : notes.withPieces(null).withPieceGrams(Pieces.of(formula).doughGrams());
        }

        private ScaledLine rounded(Line line) {
            double exact = line.grams();
            double step = asked.stepGrams() == null ? Scale.step(exact) : asked.stepGrams();
            double weighed = Math.round(exact / step) * step;
            Integer eighths = null;
            Double teaspoon = teaspoonGrams(line);
            if (teaspoon != null && exact <= Coefficient.SPOONS_MOST.value() * teaspoon) {
                double eighth = Coefficient.SPOON_STEP.value() * teaspoon;
                long count = Math.max(1, Math.round(exact / eighth));
                if (exact > 0 && Math.abs(count * eighth - exact) < Math.abs(weighed - exact) - 1e-9) {
                    weighed = count * eighth;
                    eighths = (int) count;
                }
            }
            double off = exact > 0 ? 100 * (weighed / exact - 1) : 0;
            return new ScaledLine(line.index(), exact / factor, exact, weighed, eighths, off);
        }

        private @Nullable Double teaspoonGrams(Line line) {
            double density = line.ingredient().bulkDensityGPerMl();
            return formula.pantry().measures().stream()
                    .filter(measure -> measure.code().equals("tsp"))
                    .findFirst()
                    .map(measure -> measure.millilitres())
                    .filter(ml -> density > 0 && ml > 0)
                    .map(ml -> ml * density)
                    .orElse(null);
        }

        private FormulaSpec weighed(FormulaSpec exact, List<ScaledLine> lines) {
            List<@Nullable LineSpec> all = new ArrayList<>(exact.linesOrNone());
            for (ScaledLine line : lines) {
                LineSpec there = Objects.requireNonNull(all.get(line.line()));
                if (Math.abs(line.grams() - line.exactGrams()) > 1e-9) {
                    all.set(line.line(), there.withGrams(line.grams()));
                }
            }
            return exact.withLines(all);
        }

        private List<Mind> minds() {
            boolean little = factor <= Coefficient.MUCH_SMALLER.value();
            boolean much = factor >= Coefficient.MUCH_LARGER.value();
            return little || much ? List.of(Mind.values()) : List.of();
        }
    }
}
