package verdamen.server.card;

import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import verdamen.core.model.Range;
import verdamen.server.kitchen.Kitchen;

/**
 * How figures are written on a card, as on the page: grams to 1, or 0.1 below 20 g; percentages to 1, or 0.1 below 20 %.
 *
 * @param massUnit {@code g} or {@code oz}
 * @param lengthUnit {@code cm} or {@code in}, of what is measured with a tape
 * @param temperatureUnit {@code C} or {@code F}
 * @param decimalMark {@code point} or {@code comma}
 * @param dateOrder {@code day-month}, {@code month-day} or {@code iso}
 */
public record CardFigures(
        String massUnit, String lengthUnit, String temperatureUnit, String decimalMark, String dateOrder) {

    private static final double GRAMS_PER_OUNCE = 28.349523125;
    private static final double MM_PER_CM = 10;
    private static final double MM_PER_INCH = 25.4;
    private static final double FINE_BELOW_GRAMS = 20;
    private static final double FINE_BELOW_OUNCES = 10;
    private static final double FINE_BELOW_PERCENT = 20;
    private static final double WHOLE = 0.05;

    /** As a kitchen writes them. */
    public static CardFigures of(Kitchen kitchen) {
        return new CardFigures(
                kitchen.massUnit(),
                kitchen.lengthUnitOrCm(),
                kitchen.temperatureUnit(),
                kitchen.decimalMark(),
                kitchen.dateOrder());
    }

    String number(double value, int decimals) {
        DecimalFormatSymbols symbols = new DecimalFormatSymbols(Locale.ROOT);
        symbols.setDecimalSeparator(decimalMark.equals("comma") ? ',' : '.');
        symbols.setMinusSign('−');
        DecimalFormat format = new DecimalFormat(decimals == 0 ? "0" : "0." + "0".repeat(decimals), symbols);
        format.setRoundingMode(RoundingMode.HALF_UP);
        String written = format.format(value);
        // No sign on what rounds to nothing.
        return written.matches("−[0.,]+") ? written.substring(1) : written;
    }

    private boolean ounces() {
        return massUnit.equals("oz");
    }

    String massNumber(double grams) {
        if (!ounces()) {
            return number(grams, Math.abs(grams) < FINE_BELOW_GRAMS && !isWhole(grams) ? 1 : 0);
        }
        double value = grams / GRAMS_PER_OUNCE;
        return number(value, Math.abs(value) < FINE_BELOW_OUNCES ? 2 : 1);
    }

    String mass(double grams) {
        return massNumber(grams) + " " + massUnit;
    }

    /** A mass of which less than a tenth counts, as of a nutrient, g. */
    String nutrient(double grams) {
        return number(grams, 1) + " g";
    }

    String percent(double pct) {
        return number(pct, Math.abs(pct) < FINE_BELOW_PERCENT && !isWhole(pct) ? 1 : 0) + " %";
    }

    String temperature(double celsius) {
        boolean fahrenheit = temperatureUnit.equals("F");
        return number(fahrenheit ? celsius * 9 / 5 + 32 : celsius, 0) + " °" + temperatureUnit;
    }

    String millimetres(double mm) {
        return number(mm, 1) + " mm";
    }

    /** A size that is measured with a tape, to 0.1. */
    String size(double mm) {
        double size = mm / (lengthUnit.equals("in") ? MM_PER_INCH : MM_PER_CM);
        return number(size, isWhole(size) ? 0 : 1) + " " + lengthUnit;
    }

    String minutes(double minutes) {
        return minutes >= 120 && minutes % 60 == 0 ? number(minutes / 60, 0) + " h" : number(minutes, 0) + " min";
    }

    /** Hours as one says them: days from two of them on. */
    String hours(double hours) {
        if (hours >= 48) {
            return number(hours / 24, 0) + " days";
        }
        return number(hours, hours < 10 && !isWhole(hours) ? 1 : 0) + " h";
    }

    /** Seconds with their range; minutes where nobody counts seconds. */
    String seconds(Range range) {
        boolean inMinutes = range.low() + range.high() >= 360;
        return inMinutes
                ? number(range.low() / 60, 0) + "–" + number(range.high() / 60, 0) + " min"
                : number(range.low(), 0) + "–" + number(range.high(), 0) + " s";
    }

    String date(OffsetDateTime moment) {
        String pattern = switch (dateOrder) {
            case "month-day" -> "MMM d, yyyy";
            case "iso" -> "yyyy-MM-dd";
            default -> "d MMM yyyy";
        };
        return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH)
                .format(moment.atZoneSameInstant(ZoneId.systemDefault()));
    }

    private static boolean isWhole(double value) {
        return Math.abs(value - Math.rint(value)) < WHOLE;
    }
}
