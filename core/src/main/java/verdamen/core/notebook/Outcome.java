package verdamen.core.notebook;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Water;
import verdamen.core.bench.BatchRecord;
import verdamen.core.bench.BenchRun.FeltAt;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.PieceTally.BenchPiece;
import verdamen.core.formula.FormulaReader;
import verdamen.core.handling.Handling;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Pantry;

/**
 * What was predicted of a batch, and what was seen. Predicted is what today's model says of what really was in the bowl, at the
 * minute at which it was felt or rolled. Source: model page, sections 2 to 4, 12 and 13.
 *
 * @param figure which figure
 * @param predicted what the model says, in the figure's unit; null where it says nothing
 * @param observed what was seen; null when nobody noted it. Where only bounds are known: what of them is nearest to the
 *     prediction
 * @param atLeast what it is at least, where bounds are known; else null
 * @param atMost what it is at most; else null
 */
public record Outcome(
        OutcomeFigure figure,
        @Nullable Double predicted,
        @Nullable Double observed,
        @Nullable Double atLeast,
        @Nullable Double atMost) {

    private static final Map<String, Double> PUFFED = Map.of("none", 0.0, "part", 0.5, "full", 1.0);

    /** By how much what was seen is above what was predicted, in the figure's unit, or in % of it; null when one is not known. */
    public @Nullable Double off() {
        return predicted == null || observed == null ? null : difference(figure, predicted, observed);
    }

    /** By how much a value is above another one, in the figure's unit, or in % of that one; null when that is not above 0. */
    static @Nullable Double difference(OutcomeFigure figure, double from, double to) {
        if (!figure.isRelative()) {
            return to - from;
        }
        return from > 0 ? Double.valueOf(Share.of(to - from, from).pct()) : null;
    }

    /** Every figure of a batch, in the order of the figures. */
    public static List<Outcome> of(BatchRecord batch, Pantry pantry) {
        return new Reader(batch, pantry).outcomes();
    }

    /** Every figure of a formula that nobody has made: only what is predicted. */
    public static List<Outcome> of(MadeFormula made) {
        Handling handling = made.evaluation().handling();
        return List.of(
                expected(
                        OutcomeFigure.WATER, made.evaluation().balance().water().needed()),
                expected(OutcomeFigure.FEEL, handling.softness()),
                expected(OutcomeFigure.READY, made.formula().rollAtMinute()),
                expected(OutcomeFigure.STICK, handling.stick()),
                expected(OutcomeFigure.CRACK, handling.crack()),
                expected(OutcomeFigure.TEAR, handling.tear()),
                expected(OutcomeFigure.SPRING_BACK, handling.springBackPct()),
                expected(OutcomeFigure.PUFF, handling.puff()),
                expected(OutcomeFigure.COOK_LOSS, made.cooking().cookLossPct()),
                expected(OutcomeFigure.SOFT_HOURS, made.keeping().softHours()));
    }

    private static Outcome expected(OutcomeFigure figure, @Nullable Double predicted) {
        return new Outcome(figure, predicted, null, null, null);
    }

    /** Reads one batch. */
    private static final class Reader {

        private final BatchRecord batch;
        private final Pantry pantry;
        private final Dough dough;
        private final List<BenchPiece> rolled;
        private final @Nullable Double rolledMinute;

        private Reader(BatchRecord batch, Pantry pantry) {
            this.batch = batch;
            this.pantry = pantry;
            this.dough = dough();
            this.rolled = batch.run().pieces().each().stream()
                    .filter(piece -> piece.rolled() != null)
                    .toList();
            this.rolledMinute = rolledMinute();
        }

        /** What was in the bowl; what was planned when that cannot be read. */
        private Dough dough() {
            try {
                return Dough.of(FormulaReader.read(batch.run().bowl().spec(), pantry));
            } catch (RefusedException refused) {
                return Dough.of(batch.made().formula());
            }
        }

        private @Nullable Double rolledMinute() {
            var wettedAt = batch.run().wettedAt();
            return wettedAt == null
                    ? null
                    : rolled.stream()
                            .map(BenchPiece::rolledAt)
                            .filter(Objects::nonNull)
                            .min(OffsetDateTime::compareTo)
                            .map(at -> Math.max(0, BatchRecord.minutes(wettedAt, at)))
                            .orElse(null);
        }

        private List<Outcome> outcomes() {
            double minute = rolledMinute == null ? dough.formula().rollAtMinute() : rolledMinute;
            Handling handling = Handling.at(dough, minute);
            List<Outcome> outcomes = new ArrayList<>(feel());
            outcomes.add(seen(OutcomeFigure.READY, dough.formula().rollAtMinute(), rolledMinute));
            outcomes.add(seen(OutcomeFigure.STICK, handling.stick(), share("stuck")));
            outcomes.add(seen(OutcomeFigure.CRACK, handling.crack(), share("cracked")));
            outcomes.add(seen(OutcomeFigure.TEAR, handling.tear(), share("tore")));
            outcomes.add(seen(OutcomeFigure.SPRING_BACK, handling.springBackPct(), springBackPct()));
            outcomes.add(seen(OutcomeFigure.PUFF, handling.puff(), puffPct()));
            outcomes.add(seen(OutcomeFigure.COOK_LOSS, batch.made().cooking().cookLossPct(), batch.cookLossPct()));
            Double softHours = batch.made().keeping().softHours();
            outcomes.add(softHours == null ? seen(OutcomeFigure.SOFT_HOURS, null, null) : softHours(softHours));
            return List.copyOf(outcomes);
        }

        private static Outcome seen(OutcomeFigure figure, @Nullable Double predicted, @Nullable Double observed) {
            return new Outcome(figure, predicted, observed, null, null);
        }

        /** Water and feel by the last word after kneading: with what it felt like, the flours drank brings ÷ felt softness. */
        private List<Outcome> feel() {
            FeltAt last = null;
            for (FeltAt felt : batch.run().felt()) {
                last = felt.minute() >= dough.formula().kneading().endMinute() ? felt : last;
            }
            Water water = Balance.water(dough);
            if (last == null || last.predicted() == null) {
                return List.of(
                        seen(OutcomeFigure.WATER, water.needed(), null),
                        seen(OutcomeFigure.FEEL, dough.softness(dough.formula().rollAtMinute()), null));
            }
            double target = dough.formula().softnessTarget();
            double drinks = dough.drinksGrams(last.minute());
            double others = dough.bringsGrams(last.minute()) - water.present();
            double drunk = drinks * last.predicted() / last.softness();
            return List.of(
                    seen(OutcomeFigure.WATER, target * drinks - others, target * drunk - others),
                    seen(OutcomeFigure.FEEL, last.predicted(), last.softness()));
        }

        private @Nullable Double share(String outcome) {
            if (rolled.isEmpty()) {
                return null;
            }
            long such = rolled.stream()
                    .filter(piece -> outcome.equals(piece.rolled()))
                    .count();
            return Share.of(such, rolled.size()).pct();
        }

        /** By how much the pieces that were measured came out smaller than planned. */
        private @Nullable Double springBackPct() {
            double planned = batch.made().portion().size().diameterMm();
            var across = batch.run().pieces().each().stream()
                    .map(BenchPiece::diameterMm)
                    .filter(Objects::nonNull)
                    .mapToDouble(Double::doubleValue)
                    .average();
            return across.isPresent() && planned > 0
                    ? Double.valueOf(Math.max(
                            0, Share.of(planned - across.getAsDouble(), planned).pct()))
                    : null;
        }

        private @Nullable Double puffPct() {
            var puffed = batch.run().pieces().each().stream()
                    .map(BenchPiece::puff)
                    .filter(Objects::nonNull)
                    .mapToDouble(how -> PUFFED.getOrDefault(how, 0.0))
                    .average();
            return puffed.isPresent()
                    ? Double.valueOf(Share.ofFraction(puffed.getAsDouble()).pct())
                    : null;
        }

        /** It folded: at least so long. It broke: at most. It cracked: that is where it ends. */
        private Outcome softHours(double predicted) {
            Double atLeast = null;
            Double atMost = null;
            for (BatchRecord.Folded fold : batch.folds()) {
                boolean held = !"breaks".equals(fold.outcome());
                boolean gave = !"folds".equals(fold.outcome());
                if (held) {
                    atLeast = atLeast == null ? fold.hours() : Math.max(atLeast, fold.hours());
                }
                if (gave) {
                    atMost = atMost == null ? fold.hours() : Math.min(atMost, fold.hours());
                }
            }
            if (atLeast == null && atMost == null) {
                return seen(OutcomeFigure.SOFT_HOURS, predicted, null);
            }
            double low = atLeast == null ? 0 : atLeast;
            double nearest = Math.max(low, predicted);
            return new Outcome(
                    OutcomeFigure.SOFT_HOURS,
                    predicted,
                    atMost == null ? nearest : Math.min(Math.max(low, atMost), nearest),
                    atLeast,
                    atMost);
        }
    }
}
