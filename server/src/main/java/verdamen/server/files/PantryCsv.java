package verdamen.server.files;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Price;
import verdamen.server.csv.CsvFile;
import verdamen.server.csv.CsvFile.Row;
import verdamen.server.files.CsvReport.Action;
import verdamen.server.files.CsvReport.Change;
import verdamen.server.files.CsvReport.Kind;
import verdamen.server.pantry.PantryService;
import verdamen.server.pantry.PantryService.Changes;
import verdamen.server.problem.Problem.ProblemFault;

/**
 * The pantry as CSV. For an ingredient of the book, figures that differ become the kitchen's own; a code that is not known
 * makes an ingredient of the kitchen's own.
 */
@Service
class PantryCsv {

    private static final List<String> TEXTS = List.of("code", "name", "role", "group");
    private static final List<String> FURTHER = List.of(
            "ashPct",
            "pieceName",
            "allergens",
            "wholeGrain",
            "legume",
            "glutenBearing",
            "fatState",
            "priceAmount",
            "pricePer",
            "source",
            "notes");
    private static final double SAME = 1e-9;

    private final PantryService pantry;

    PantryCsv(PantryService pantry) {
        this.pantry = pantry;
    }

    private static List<String> headings() {
        List<String> headings = new ArrayList<>(TEXTS);
        Arrays.stream(Field.values()).map(Field::code).forEach(headings::add);
        headings.addAll(FURTHER);
        return headings;
    }

    String write() {
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (Ingredient ingredient : pantry.pantry().ingredients()) {
            IngredientSpec spec = IngredientSpec.of(ingredient);
            Price price = pantry.prices().get(ingredient.code());
            List<@Nullable Object> row =
                    new ArrayList<>(Arrays.asList(ingredient.code(), spec.name(), spec.role(), spec.group()));
            Arrays.stream(Field.values()).forEach(field -> row.add(field.of(ingredient)));
            row.addAll(Arrays.asList(
                    spec.ashPct(),
                    spec.pieceName(),
                    String.join(";", ingredient.allergens()),
                    spec.wholeGrain(),
                    spec.legume(),
                    spec.glutenBearing(),
                    spec.fatState(),
                    price == null ? null : price.amount(),
                    price == null ? null : price.per().code(),
                    null,
                    spec.notes()));
            rows.add(row);
        }
        return CsvFile.write(headings(), rows);
    }

    /**
     * What a row asks for.
     *
     * @param changes what changes
     * @param code the ingredient
     * @param own a new ingredient of the kitchen's own; null for one that is there
     * @param values figures that differ
     * @param price a price that differs; null when it does not
     */
    private record Asked(
            List<Change> changes,
            String code,
            @Nullable IngredientSpec own,
            List<OwnValue> values,
            @Nullable Price price) {}

    /** A row looked at; without what it asks for when it is refused. */
    private record Looked(CsvReport.Row row, @Nullable Asked asked) {}

    @Transactional
    public CsvReport read(String text, boolean apply) {
        List<Looked> looked =
                CsvFile.read(text, List.of("code")).stream().map(this::look).toList();
        List<CsvReport.Row> rows = looked.stream().map(Looked::row).toList();
        boolean takes = apply && rows.stream().noneMatch(row -> row.action() == Action.REFUSED);
        if (takes) {
            pantry.saveAll(changes(
                    looked.stream().map(Looked::asked).filter(Objects::nonNull).toList()));
        }
        return CsvReport.of(rows, takes);
    }

    private static Changes changes(List<Asked> all) {
        Map<String, List<OwnValue>> values = new LinkedHashMap<>();
        Map<String, Price> prices = new LinkedHashMap<>();
        for (Asked asked : all) {
            values.computeIfAbsent(asked.code(), code -> new ArrayList<>()).addAll(asked.values());
            if (asked.price() != null) {
                prices.put(asked.code(), asked.price());
            }
        }
        Map<String, IngredientSpec> own = new LinkedHashMap<>();
        all.stream().filter(asked -> asked.own() != null).forEach(asked -> own.put(asked.code(), asked.own()));
        return new Changes(own, values, prices, List.of());
    }

    private Looked look(Row row) {
        String code = row.text("code");
        Ingredient known =
                code == null ? null : pantry.pantry().ingredient(code).orElse(null);
        String what = known != null ? known.name() : Objects.requireNonNullElse(row.text("name"), String.valueOf(code));
        Faults faults = new Faults();
        Asked asked = null;
        try {
            asked = known == null ? added(row, faults) : changed(row, known, faults);
        } catch (RefusedException refused) {
            faults.addAll(refused.faults());
        }
        if (asked == null || !faults.none()) {
            return new Looked(row(row, what, Action.REFUSED, List.of(), ProblemFault.listed(faults.all())), null);
        }
        Action action = known == null ? Action.ADDED : asked.changes().isEmpty() ? Action.SAME : Action.CHANGED;
        return new Looked(row(row, what, action, asked.changes(), List.of()), asked);
    }

    private static CsvReport.Row row(
            Row row, String what, Action action, List<Change> changes, List<ProblemFault> faults) {
        return new CsvReport.Row(row.line(), Kind.INGREDIENT, what, action, changes, faults);
    }

    private Asked added(Row row, Faults faults) {
        IngredientSpec spec = new IngredientSpec(
                row.text("name"),
                row.text("role"),
                row.text("group"),
                row.number("waterPct", faults),
                row.number("proteinPct", faults),
                row.number("fatPct", faults),
                row.number("carbPct", faults),
                row.number("fibrePct", faults),
                row.number("sugarsPct", faults),
                row.number("ashPct", faults),
                row.number("sodiumMg", faults),
                row.number("bulkDensityGPerMl", faults),
                row.number("pieceGrams", faults),
                row.text("pieceName"),
                row.text("allergens") == null
                        ? List.of()
                        : Arrays.asList(String.valueOf(row.text("allergens")).split("\\s*;\\s*")),
                flag(row, "wholeGrain", faults),
                flag(row, "legume", faults),
                flag(row, "glutenBearing", faults),
                row.text("fatState"),
                row.number("absorptionPct", faults),
                row.number("uptakeTauMin", faults),
                row.number("glutenQuality", faults),
                row.text("notes"));
        spec.check().refuse();
        String code = IngredientSpec.codeOf(String.valueOf(spec.name()));
        faults.require(pantry.pantry().ingredient(code).isEmpty(), "name", FaultCode.TAKEN, spec.name());
        List<Change> changes = new ArrayList<>();
        return new Asked(changes, code, spec, List.of(), price(row, code, changes, faults));
    }

    private static @Nullable Boolean flag(Row row, String column, Faults faults) {
        String cell = row.text(column);
        if (cell == null) {
            return null;
        }
        boolean known = List.of("true", "false", "yes", "no").contains(cell.toLowerCase(Locale.ROOT));
        faults.require(known, column, FaultCode.UNKNOWN_CODE, cell);
        return List.of("true", "yes").contains(cell.toLowerCase(Locale.ROOT));
    }

    private Asked changed(Row row, Ingredient known, Faults faults) {
        List<Change> changes = new ArrayList<>();
        List<OwnValue> values = new ArrayList<>();
        String source = Objects.requireNonNullElse(row.text("source"), "CSV file");
        for (Field field : Field.values()) {
            Double asked = row.number(field.code(), faults);
            Double now = field.of(known);
            if (asked == null || (now != null && Math.abs(asked - now) <= SAME * Math.max(1, Math.abs(now)))) {
                continue;
            }
            changes.add(new Change(field.code(), now == null ? null : now.toString(), asked.toString()));
            values.add(new OwnValue(field, asked, source));
        }
        faults.addAll(pantry.checkValues(known.code(), values).all());
        return new Asked(changes, known.code(), null, values, price(row, known.code(), changes, faults));
    }

    /** The price of a row, told as a change; nothing when it says none or the same. */
    private @Nullable Price price(Row row, String code, List<Change> changes, Faults faults) {
        Double amount = row.number("priceAmount", faults);
        if (amount == null) {
            return null;
        }
        String per = Objects.requireNonNullElse(row.text("pricePer"), "kg");
        faults.number("priceAmount", amount, Limit.PRICE);
        Price.Per unit = faults.choice("pricePer", per, Price.Per.class);
        Price now = pantry.prices().get(code);
        if (unit == null || (now != null && now.amount() == amount && now.per() == unit)) {
            return null;
        }
        String before = now == null ? null : now.amount() + "/" + now.per().code();
        changes.add(new Change("price", before, amount + "/" + per));
        return new Price(amount, unit);
    }
}
