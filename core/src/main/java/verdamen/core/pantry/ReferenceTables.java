package verdamen.core.pantry;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Confidence;
import verdamen.core.model.Table;
import verdamen.core.model.Table.Row;
import verdamen.core.pantry.Aliases.Kind;
import verdamen.core.pantry.Aliases.Old;

/**
 * The book: typical values of ingredients, behaviours, styles, forms, feel words and measures, from the tables beside
 * this class. Read strictly: a missing column, an unreadable number or an unknown code stops the reading and is named.
 */
public final class ReferenceTables {

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
                read("measures", ReferenceTables::measure),
                aliases());
    }

    private static Aliases aliases() {
        return new Aliases(
                read(
                                "aliases",
                                row -> Map.entry(
                                        new Old(row.choice("kind", Kind.class), row.text("old")), row.text("new")))
                        .stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    private static Ingredient ingredient(Row row, @Nullable Behaviour behaviour) {
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

    private static Behaviour behaviour(Row row) {
        double absorptionPct = row.number("absorption_pct");
        Confidence confidence = row.choice("confidence", Confidence.class);
        return new Behaviour(
                absorptionPct,
                confidence.relativeSd() * absorptionPct,
                row.number("absorption_tau_min"),
                row.number("gluten_quality"),
                row.number("typical_particle_um"),
                row.numberOrNull("hot_absorption_pct"),
                confidence,
                row.note());
    }

    private static Style style(Row row) {
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
                row.number("feel_scale"),
                row.number("sheet_wait_max_min"),
                row.flag("folds"),
                row.note());
    }

    private static Form form(Row row) {
        return new Form(
                row.text("code"),
                row.text("name"),
                row.number("release_start"),
                row.number("release_end"),
                row.number("release_tau_min"),
                row.number("hold_g_per_g_solids"),
                row.number("starch_hold_g_per_g"),
                row.number("weeps_in_filling"),
                row.number("piece_mm"),
                row.flag("piece_is_soft"),
                row.note());
    }

    private static FeelWord feel(Row row) {
        return new FeelWord(
                new Feel(
                        row.text("code"),
                        row.text("name"),
                        row.number("softness_from"),
                        row.number("softness_to"),
                        row.number("softness_mid"),
                        row.text("touch_test")),
                row.choice("tells", FeelWord.Tells.class),
                row.textOrNull("touch_in_window"),
                row.textOrNull("touch_no_risk"),
                row.textOrNull("touch_some_risk"),
                row.textOrNull("touch_at_risk"),
                row.textOrNull("touch_without_gluten"));
    }

    private static Measure measure(Row row) {
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

    private static <T> List<T> read(String table, Function<Row, T> reader) {
        return Table.read(ReferenceTables.class, table, reader);
    }
}
