package verdamen.server.pantry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.Role;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryMapper.OwnValueRow;
import verdamen.server.pantry.PantryMapper.PriceRow;

/** The kitchen's pantry: the book with the kitchen's own ingredients, figures, prices and names over it. */
@Service
public class PantryService {

    /** How many users of an ingredient are told of each kind. */
    private static final int TOLD = 10;

    private final KitchenPantries kitchenPantries;
    private final PantryMapper mapper;
    private final StockMapper stock;
    private final JsonText json;
    private final List<IngredientUsers> users;

    PantryService(
            KitchenPantries kitchenPantries,
            PantryMapper mapper,
            StockMapper stock,
            JsonText json,
            List<IngredientUsers> users) {
        this.stock = stock;
        this.kitchenPantries = kitchenPantries;
        this.mapper = mapper;
        this.json = json;
        this.users = users;
    }

    /** The pantry as it counts now. */
    public Pantry pantry() {
        return kitchenPantry().pantry();
    }

    /** Prices by ingredient code. */
    public Map<String, Price> prices() {
        return kitchenPantry().prices();
    }

    /** The pantry with what it was made from. */
    public KitchenPantry kitchenPantry() {
        return kitchenPantries.kitchenPantry();
    }

    /** Makes a change of what the pantry depends on; it counts for everybody once it is committed. */
    public void change(Runnable change) {
        kitchenPantries.change(change);
    }

    /** Saves an own ingredient under its code, or a new one. */
    public Ingredient saveOwn(@Nullable String code, IngredientSpec spec) {
        Faults faults = spec.check();
        String name = spec.name() == null ? "" : spec.name();
        String under = code == null ? IngredientSpec.codeOf(name) : code;
        Ingredient[] saved = new Ingredient[1];
        change(() -> {
            KitchenPantry kitchenPantry = kitchenPantry();
            faults.require(code != null || !kitchenPantry.book().containsKey(under), "name", FaultCode.TAKEN, name);
            faults.require(
                    code == null || kitchenPantry.ownCodes().contains(under), "code", FaultCode.UNKNOWN_CODE, code);
            faults.refuse();
            saved[0] = spec.read(under);
            if (code != null) {
                refuseWhatWouldBreak(saved[0], kitchenPantry, faults);
            }
            saveSheets(Map.of(under, spec));
        });
        return saved[0];
    }

    /** Refuses a change of an ingredient after which something that uses it could no longer be read, and says what. */
    private void refuseWhatWouldBreak(Ingredient changed, KitchenPantry kitchenPantry, Faults faults) {
        if (changed.role() != Role.FLOUR) {
            mapper.lotsThatUse(changed.code(), TOLD).forEach(lot -> faults.add(null, "lot", FaultCode.BREAKS, lot));
        }
        List<Ingredient> others = new ArrayList<>(kitchenPantry.pantry().ingredients());
        others.replaceAll(each -> each.code().equals(changed.code()) ? changed : each);
        Pantry then = kitchenPantry.pantry().withIngredients(others);
        for (IngredientUsers each : users) {
            each.broken(changed.code(), kitchenPantry.pantry(), then, TOLD)
                    .forEach(name -> faults.add(null, each.field(), FaultCode.BREAKS, name));
        }
        faults.refuse();
    }

    /** Deletes an own ingredient that nothing uses. */
    void deleteOwn(String code) {
        change(() -> {
            Faults faults = new Faults();
            faults.require(kitchenPantry().ownCodes().contains(code), "code", FaultCode.UNKNOWN_CODE, code);
            for (IngredientUsers each : users) {
                inUse(faults, each.field(), each.names(code, TOLD));
            }
            inUse(faults, "lot", mapper.lotsThatUse(code, TOLD));
            inUse(faults, "name", mapper.namesThatUse(code, TOLD));
            inUse(faults, "measure", mapper.measuresThatUse(code, TOLD));
            inUse(faults, "batch", mapper.batchesThatUse(code, TOLD));
            faults.refuse();
            mapper.deleteOwnIngredient(code);
            mapper.deleteValues(code);
            mapper.deletePrice(code);
            stock.delete(code);
        });
    }

    private static void inUse(Faults faults, String field, List<String> names) {
        names.forEach(name -> faults.add(null, field, FaultCode.IN_USE, name));
    }

    /** Whether an ingredient is the kitchen's own. */
    public boolean isOwn(String code) {
        return kitchenPantry().ownCodes().contains(code);
    }

    /** Finds everything impossible about own figures that an ingredient is to have together. */
    public Faults checkValues(String code, List<OwnValue> values) {
        KitchenPantry kitchenPantry = kitchenPantry();
        Faults faults = new Faults();
        Ingredient book = kitchenPantry.book().get(code);
        faults.require(book != null, "ingredient", FaultCode.UNKNOWN_CODE, code);
        if (book != null) {
            Map<Field, Double> together =
                    KitchenPantries.byField(kitchenPantry.ownValues().getOrDefault(code, List.of()));
            together.putAll(KitchenPantries.byField(values));
            values.forEach(value -> faults.addAll(value.check(book, together).all()));
        }
        return faults;
    }

    /**
     * Changes of the pantry that were found sound.
     *
     * @param own new ingredients of the kitchen's own by code
     * @param values own figures by ingredient
     * @param prices prices by ingredient
     * @param names taught names
     */
    public record Changes(
            Map<String, IngredientSpec> own,
            Map<String, List<OwnValue>> values,
            Map<String, Price> prices,
            List<TaughtName> names) {}

    /** Makes changes all together. */
    public void saveAll(Changes changes) {
        List<OwnValueRow> values = changes.values().entrySet().stream()
                .flatMap(each -> each.getValue().stream().map(value -> row(each.getKey(), value)))
                .toList();
        List<PriceRow> prices = changes.prices().entrySet().stream()
                .map(each -> row(each.getKey(), each.getValue()))
                .toList();
        change(() -> {
            saveSheets(changes.own());
            mapper.saveValues(json.of(values));
            mapper.savePrices(json.of(prices));
            mapper.saveNames(json.of(changes.names()));
        });
    }

    /** A row of the table of own ingredients. */
    private record SpecRow(String code, String name, IngredientSpec sheet) {}

    private void saveSheets(Map<String, IngredientSpec> sheets) {
        mapper.saveOwnIngredients(json.of(sheets.entrySet().stream()
                .map(each -> new SpecRow(
                        each.getKey(), String.valueOf(each.getValue().name()).strip(), each.getValue()))
                .toList()));
    }

    private static OwnValueRow row(String code, OwnValue value) {
        return new OwnValueRow(
                code, value.field().code(), value.value(), value.source().strip());
    }

    private static PriceRow row(String code, Price price) {
        return new PriceRow(code, price.amount(), price.per().code());
    }

    /** Sets a figure of the kitchen's own over the book's; without a value the book's counts again. */
    public void setValue(String code, @Nullable String field, @Nullable Double value, @Nullable String source) {
        change(() -> {
            Faults faults = new Faults();
            faults.require(kitchenPantry().book().containsKey(code), "ingredient", FaultCode.UNKNOWN_CODE, code);
            Field figure = faults.choice("field", field, Field.class);
            faults.refuse();
            if (figure == Field.ABSORPTION_PCT || figure == Field.ABSORPTION_SD_PCT) {
                mapper.deleteLearnedTogether(code);
            }
            if (figure != null && value == null) {
                mapper.deleteValue(code, figure.code());
            } else if (figure != null) {
                OwnValue asked = new OwnValue(figure, value, source == null ? "" : source);
                checkValues(code, List.of(asked)).refuse();
                mapper.saveValues(json.of(List.of(row(code, asked))));
            }
        });
    }

    /**
     * Keeps which flours were learned from the same batches. It counts for as long as both have figures of the kitchen's own that
     * nobody has set anew.
     *
     * @throws verdamen.core.model.RefusedException when a flour is unknown
     */
    public void saveLearnedTogether(List<LearnedTogether> pairs) {
        Faults faults = new Faults();
        List<LearnedTogether> inOrder = new ArrayList<>();
        for (LearnedTogether pair : pairs) {
            for (String code : List.of(pair.flour(), pair.other())) {
                faults.require(kitchenPantry().book().containsKey(code), "ingredient", FaultCode.UNKNOWN_CODE, code);
            }
            inOrder.add(
                    pair.flour().compareTo(pair.other()) < 0
                            ? pair
                            : new LearnedTogether(pair.other(), pair.flour(), pair.correlation()));
        }
        faults.refuse();
        change(() -> mapper.saveLearnedTogether(json.of(inOrder)));
    }

    /** Sets the price of an ingredient; without an amount there is none. */
    public void setPrice(String code, @Nullable Double amount, @Nullable String per) {
        change(() -> {
            Faults faults = new Faults();
            faults.require(kitchenPantry().book().containsKey(code), "ingredient", FaultCode.UNKNOWN_CODE, code);
            faults.number("amount", amount, Limit.PRICE);
            Price.Per unit = amount == null ? null : faults.choice("per", per, Price.Per.class);
            faults.refuse();
            if (amount == null || unit == null) {
                mapper.deletePrice(code);
            } else {
                mapper.savePrices(json.of(List.of(row(code, new Price(amount, unit)))));
            }
        });
    }

    /** The names that this kitchen has taught. */
    public List<TaughtName> names() {
        return kitchenPantry().names();
    }

    /**
     * Remembers names for ingredients.
     *
     * @throws verdamen.core.model.RefusedException when a name is none or an ingredient is unknown
     */
    public List<TaughtName> teach(List<TaughtName> asked) {
        change(() -> {
            Map<String, TaughtName> names = new LinkedHashMap<>();
            Faults faults = new Faults();
            for (TaughtName each : asked) {
                String name = faults.text("name", lowerCase(each.name()), Limit.NAME);
                faults.require(
                        pantry().ingredient(each.ingredient()).isPresent(),
                        "ingredient",
                        FaultCode.UNKNOWN_CODE,
                        each.ingredient());
                names.put(name, new TaughtName(name, each.ingredient()));
            }
            faults.refuse();
            mapper.saveNames(json.of(names.values()));
        });
        return names();
    }

    /** Forgets a name; one that was never taught is no fault. */
    public List<TaughtName> forget(String asked) {
        Faults faults = new Faults();
        String name = faults.text("name", lowerCase(asked), Limit.NAME);
        faults.refuse();
        change(() -> mapper.deleteName(name));
        return names();
    }

    private static String lowerCase(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
