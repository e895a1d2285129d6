package verdamen.core.pantry;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;

/**
 * The book: typical values of ingredients, behaviours, styles, forms, feel words and measures, from the tables beside
 * this class. Read strictly: a missing column, an unreadable number or an unknown code stops the reading and is named.
 */
public final class ReferenceTables {

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    private ReferenceTables() {}

    /** The pantry of the book. */
    public static Pantry load() {
        Map<String, Behaviour> behaviours =
                read("flour_behaviour", row -> Map.entry(row.text("code"), behaviour(row))).stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return new Pantry(
                read("ingredients", row -> ingredient(row, behaviours.get(row.text("code")))),
                read("styles", ReferenceTables::style),
                read("forms", ReferenceTables::form),
                read("feel", ReferenceTables::feel),
                read("measures", ReferenceTables::measure));
    }

    private static Ingredient ingredient(TableRow row, @Nullable Behaviour behaviour) {
        return new Ingredient(
                row.text("code"),
                row.text("name"),
                row.choice("role", Role.class),
                row.text("group"),
                new Composition(
                        row.number("water_pct"),
                        row.number("protein_pct"),
                        row.number("fat_pct"),
                        row.number("carb_pct"),
                        row.number("fibre_pct"),
                        row.number("sugars_pct")),
                row.number("sodium_mg"),
                row.number("bulk_density_g_per_ml"),
                row.numberOrNull("piece_g"),
                row.textOrNull("piece_name"),
                row.list("allergens"),
                row.flag("whole_grain"),
                row.flag("legume"),
                row.flag("gluten_bearing"),
                row.textOrNull("fat_state") == null ? null : row.choice("fat_state", FatState.class),
                behaviour,
                row.note());
    }

    private static Behaviour behaviour(TableRow row) {
        return new Behaviour(
                row.number("absorption_pct"),
                row.number("absorption_tau_min"),
                row.number("gluten_quality"),
                row.number("typical_particle_um"),
                row.choice("confidence", Confidence.class),
                row.note());
    }

    private static Style style(TableRow row) {
        return new Style(
                row.text("code"),
                row.text("name"),
                row.number("softness_target"),
                row.number("softness_low"),
                row.number("softness_high"),
                row.number("sheet_mm"),
                row.number("diameter_mm"),
                row.number("rest_min"),
                row.number("rest_max_min"),
                row.number("spring_limit_pct"),
                row.number("density_g_per_ml"),
                row.flag("puffs"),
                row.number("griddle_low_c"),
                row.number("griddle_high_c"),
                row.number("side_one_s"),
                row.number("side_two_s"),
                row.number("cook_loss_pct"),
                row.flag("leavened"),
                row.note());
    }

    private static Form form(TableRow row) {
        return new Form(
                row.text("code"),
                row.text("name"),
                row.number("release_start"),
                row.number("release_end"),
                row.number("release_tau_min"),
                row.number("hold_g_per_g_solids"),
                row.number("weeps_in_filling"),
                row.number("piece_mm"),
                row.flag("piece_is_soft"),
                row.note());
    }

    private static Feel feel(TableRow row) {
        return new Feel(
                row.text("code"),
                row.text("name"),
                row.number("softness_from"),
                row.number("softness_to"),
                row.number("softness_mid"),
                row.text("touch_test"));
    }

    private static Measure measure(TableRow row) {
        return new Measure(
                row.text("code"),
                row.text("name"),
                row.text("plural"),
                row.text("kind"),
                row.numberOrNull("millilitres"),
                row.numberOrNull("grams"),
                row.number("relative_sd"),
                row.note());
    }

    private static <T> List<T> read(String table, Function<TableRow, T> reader) {
        try (InputStream in = ReferenceTables.class.getResourceAsStream(table + ".csv")) {
            if (in == null) {
                throw new IllegalStateException("the table " + table + " is missing from the program");
            }
            try (CSVParser rows = FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                List<T> read = new ArrayList<>();
                rows.forEach(row -> read.add(reader.apply(new TableRow(table, row.toMap()))));
                return read;
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the table " + table + " cannot be read", e);
        }
    }

    /** One row of a table, its cells read strictly. */
    private record TableRow(String table, Map<String, String> cells) {

        @Nullable
        String textOrNull(String column) {
            String cell = cells.get(column);
            if (cell == null) {
                throw new IllegalArgumentException("table " + table + " has no column " + column);
            }
            return cell.isBlank() ? null : cell;
        }

        String text(String column) {
            String cell = textOrNull(column);
            if (cell == null) {
                throw bad(column, "is empty");
            }
            return cell;
        }

        String note() {
            String column = "notes";
            String cell = textOrNull(column);
            return cell == null ? "" : cell;
        }

        @Nullable
        Double numberOrNull(String column) {
            String cell = textOrNull(column);
            try {
                return cell == null ? null : Double.valueOf(cell);
            } catch (NumberFormatException e) {
                throw bad(column, "is not a number: " + cell);
            }
        }

        double number(String column) {
            Double number = numberOrNull(column);
            if (number == null || !Double.isFinite(number)) {
                throw bad(column, "needs a number");
            }
            return number;
        }

        boolean flag(String column) {
            return switch (text(column)) {
                case "true" -> true;
                case "false" -> false;
                default -> throw bad(column, "is neither true nor false");
            };
        }

        List<String> list(String column) {
            String cell = textOrNull(column);
            return cell == null ? List.of() : Arrays.asList(cell.split("[;|] ?"));
        }

        <E extends Enum<E> & Coded> E choice(String column, Class<E> type) {
            return Coded.find(type, text(column)).orElseThrow(() -> bad(column, "is not known: " + text(column)));
        }

        private IllegalArgumentException bad(String column, String why) {
            return new IllegalArgumentException(
                    "table " + table + ", row " + cells.get("code") + ", column " + column + " " + why);
        }
    }
}
