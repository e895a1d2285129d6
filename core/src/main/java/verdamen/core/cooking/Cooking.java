package verdamen.core.cooking;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Heat;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Confidence;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Range;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Style;

/**
 * How pieces of a formula are cooked, one after another. Source: model page, section 12.
 *
 * @param pieceGrams a piece before it is cooked, its filling with it, g
 * @param panC surface of the pan, or the oven, °C
 * @param usualPanC that of the style and the formula's heat, °C
 * @param oven whether pieces are cooked in loads in an oven
 * @param sideOneS seconds on the first side
 * @param sideOneRange its range
 * @param sideTwoS seconds on the second side; 0 for what is not turned
 * @param sideTwoRange its range
 * @param statedSideS seconds a side as the formula's notes say; null when they say nothing
 * @param cookLossPct weight lost, % of the piece
 * @param cookedGrams what a cooked piece weighs, g
 * @param heatKj heat that a piece needs, kJ
 * @param heatS seconds in which a burner brings that
 * @param burnerW power of a burner, W
 * @param cycleS seconds from one piece, or one load, to the next
 * @param piecesPerHour pieces in an hour
 * @param limitedBy what holds them up
 * @param pans how many pans are on at a time
 * @param load pieces an oven takes at a time
 * @param pieces how many are to be cooked; null when the dough makes none
 * @param allMinutes minutes until the last of them is done; null when the dough makes none
 * @param first the first piece as a trial
 * @param pan the pan's temperature over the first pieces; null for an oven
 * @param cautions the cautions that apply where pieces are cooked
 * @param confidence how sure the times are
 * @param own what pieces of the style have taught this kitchen
 * @param steps how it is worked out
 */
public record Cooking(
        double pieceGrams,
        double panC,
        double usualPanC,
        boolean oven,
        double sideOneS,
        Range sideOneRange,
        double sideTwoS,
        Range sideTwoRange,
        @Nullable Double statedSideS,
        double cookLossPct,
        double cookedGrams,
        double heatKj,
        double heatS,
        double burnerW,
        double cycleS,
        double piecesPerHour,
        CookLimit limitedBy,
        int pans,
        int load,
        @Nullable Double pieces,
        @Nullable Double allMinutes,
        FirstPiece first,
        @Nullable PanTemperature pan,
        List<Caution> cautions,
        Confidence confidence,
        OwnBread.OwnStyle own,
        List<ExplanationStep> steps) {

    private static final String STATION = "portion";
    private static final double SECONDS_PER_MINUTE = 60;
    private static final double SECONDS_PER_HOUR = 60 * SECONDS_PER_MINUTE;

    /**
     * How pieces of a formula are cooked.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Cooking of(CookQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        faults.number("pieceGrams", asked.pieceGrams(), Limit.PIECE_GRAMS);
        faults.number("panC", asked.panC(), Limit.PAN_C);
        faults.number("burnerW", asked.burnerW(), Limit.BURNER_W);
        faults.number("pans", asDouble(asked.pans()), Limit.PANS);
        faults.number("load", asDouble(asked.load()), Limit.OVEN_LOAD);
        faults.number("pieces", asked.pieces(), Limit.PIECES);
        Dough dough = cookable(formula, faults);
        faults.refuse();
        CookedPiece piece = asked.panC() == null ? CookedPiece.of(dough) : CookedPiece.of(dough, asked.panC());
        return new Cook(piece, asked).cooking();
    }

    private static @Nullable Double asDouble(@Nullable Integer count) {
        return count == null ? null : Double.valueOf(count);
    }

    /** The dough of a formula that can be cooked; a fault when there is none, or its sheet is too thin. */
    static Dough cookable(Formula formula, Faults faults) {
        Dough dough = Dough.of(formula);
        faults.require(dough.grams() > 0, "lines", FaultCode.MISSING, null);
        faults.number("sheetMm", formula.sheetMm(), Limit.COOKED_SHEET_MM);
        return dough;
    }

    /** Works it out. */
    private record Cook(CookedPiece piece, CookQuestion asked) {

        private Formula formula() {
            return piece.dough().formula();
        }

        private double grams() {
            double withFilling = 1 + Pieces.fillingPerDough(formula());
            return asked.pieceGrams() == null ? Pieces.of(formula()).doughGrams() * withFilling : asked.pieceGrams();
        }

        private double burnerW() {
            return said(asked.burnerW(), formula().portion().burnerW(), Coefficient.BURNER_W.value());
        }

        private int pans() {
            return said(asked.pans(), formula().portion().pans(), 1);
        }

        private int load() {
            return said(asked.load(), formula().portion().load(), 1);
        }

        /** What was asked, else what the formula says, else what is usual. */
        private static <T> T said(@Nullable T asked, @Nullable T ofFormula, T usual) {
            return asked != null ? asked : ofFormula != null ? ofFormula : usual;
        }

        private boolean oven() {
            return formula().method().heat() == Heat.OVEN_STONE;
        }

        private double handlingS() {
            return Coefficient.COOK_HANDLING_S.value();
        }

        Cooking cooking() {
            Style style = formula().style();
            double one = piece.seconds(style.sideOneS());
            double two = piece.seconds(style.sideTwoS());
            double heatS = 1000 * piece.heatKj(grams()) / (Coefficient.BURNER_TO_PAN.value() * burnerW());
            Pace pace = pace(one + two, heatS);
            Double pieces = pieces();
            return new Cooking(
                    grams(),
                    piece.panC(),
                    CookedPiece.usualPanC(formula()),
                    oven(),
                    one,
                    range(one),
                    two,
                    range(two),
                    formula().notes().sideSeconds(),
                    piece.loss().pct(),
                    grams() * piece.loss().rest().fraction(),
                    piece.heatKj(grams()),
                    heatS,
                    burnerW(),
                    pace.cycleS(),
                    pace.perHour(),
                    pace.limit(),
                    pans(),
                    load(),
                    pieces,
                    pieces == null ? null : Double.valueOf(pace.seconds(pieces, one + two) / SECONDS_PER_MINUTE),
                    FirstPiece.of(piece.panC(), one, two),
                    oven() ? null : PanTemperature.of(piece, grams(), burnerW(), one + two, pace.cycleS()),
                    Cautions.of(formula()).stream()
                            .filter(caution -> caution.station().equals(STATION))
                            .toList(),
                    piece.own().timedEnough() ? Confidence.MEDIUM : Confidence.LOW,
                    piece.own(),
                    steps(style, heatS, pace, one, two));
        }

        private @Nullable Double pieces() {
            return asked.pieces() == null ? Pieces.of(formula()).count() : asked.pieces();
        }

        private Range range(double seconds) {
            double off = piece.own().timeRange() * seconds;
            return new Range(seconds - off, seconds + off);
        }

        /** Pans, or an oven, one piece or load after another. */
        private record Pace(double cycleS, int together, CookLimit limit) {

            double perHour() {
                return together * SECONDS_PER_HOUR / cycleS;
            }

            /** Seconds until so many are done, the last of which takes only its own. */
            double seconds(double pieces, double own) {
                return (Math.ceil(pieces / together) - 1) * cycleS + own;
            }
        }

        private Pace pace(double sides, double heatS) {
            if (oven()) {
                double recovers = Coefficient.STONE_RECOVERS_MINUTES.value() * SECONDS_PER_MINUTE;
                int load = load();
                return new Pace(sides + recovers, load, recovers > sides ? CookLimit.STONE : CookLimit.TIME);
            }
            double timed = sides + handlingS();
            return new Pace(Math.max(timed, heatS), pans(), heatS > timed ? CookLimit.HEAT : CookLimit.TIME);
        }

        private List<ExplanationStep> steps(Style style, double heatS, Pace pace, double one, double two) {
            List<ExplanationStep> steps = new ArrayList<>();
            steps.add(piece.secondsStep(style.sideOneS()));
            steps.add(piece.lossStep());
            steps.addAll(piece.heatSteps(grams()));
            if (!oven()) {
                Term heat = Term.of(HEAT_SECONDS, heatS, Unit.SECONDS);
                steps.add(ExplanationStep.of(
                        Rule.HEAT_SECONDS,
                        heatS,
                        Unit.SECONDS,
                        Term.of(PIECE_HEAT, piece.heatKj(grams()), Unit.KILOJOULES),
                        Term.of(BURNER, burnerW(), Unit.WATTS)));
                steps.add(ExplanationStep.of(
                        Rule.COOK_CYCLE,
                        pace.cycleS(),
                        Unit.SECONDS,
                        Term.of(SIDE_ONE, one, Unit.SECONDS),
                        Term.of(SIDE_TWO, two, Unit.SECONDS),
                        heat));
            }
            return steps;
        }
    }
}
