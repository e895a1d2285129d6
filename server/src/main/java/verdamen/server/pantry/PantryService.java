package verdamen.server.pantry;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.ReferenceTables;
import verdamen.server.pantry.OwnPantryMapper.OwnValueRow;
import verdamen.server.pantry.OwnPantryMapper.PriceRow;

/**
 * Keeps the book in the database up to date with the program, lays the kitchen's own ingredients and figures over it, and
 * hands the pantry to the core.
 */
@Service
public class PantryService implements InitializingBean {

    private static final int OWN_POSITION = 100_000;
    private static final double HIGHEST_PRICE = 1_000_000;

    private final PantryMapper mapper;
    private final OwnPantryMapper own;
    private final TransactionTemplate transaction;
    private volatile Shelf shelf;

    /**
     * The pantry as read, with what it was made from.
     *
     * @param pantry the pantry with own figures over the book's
     * @param book each ingredient as the book, or its own sheet, has it
     * @param ownValues own figures by ingredient
     * @param prices prices by ingredient
     * @param ownCodes codes of the kitchen's own ingredients
     */
    record Shelf(
            Pantry pantry,
            Map<String, Ingredient> book,
            Map<String, List<OwnValue>> ownValues,
            Map<String, Price> prices,
            Set<String> ownCodes) {}

    PantryService(PantryMapper mapper, OwnPantryMapper own, TransactionTemplate transaction) {
        this.mapper = mapper;
        this.own = own;
        this.transaction = transaction;
        this.shelf = new Shelf(ReferenceTables.load(), Map.of(), Map.of(), Map.of(), Set.of());
    }

    /** Writes the program's book to the database, in one transaction, and reads the pantry back. */
    @Override
    public void afterPropertiesSet() {
        Pantry book = ReferenceTables.load();
        transaction.executeWithoutResult(status -> write(book));
        shelf = read();
    }

    /** The pantry as it is in the database. */
    public Pantry pantry() {
        return shelf.pantry();
    }

    /** Prices by ingredient code. */
    public Map<String, Price> prices() {
        return shelf.prices();
    }

    Shelf shelf() {
        return shelf;
    }

    private void write(Pantry book) {
        List<IngredientRow> rows = book.ingredients().stream()
                .map(ingredient -> IngredientRow.of(ingredient, false))
                .toList();
        save(rows, 0);
        mapper.saveStyles(book.styles());
        mapper.saveForms(book.forms());
        mapper.saveFeels(book.feels());
        mapper.saveMeasures(book.measures());
    }

    private void save(List<IngredientRow> rows, int firstPosition) {
        mapper.saveIngredients(rows, firstPosition);
        List<IngredientRow> drinkers =
                rows.stream().filter(row -> row.absorptionPct() != null).toList();
        if (!drinkers.isEmpty()) {
            mapper.saveBehaviours(drinkers);
        }
    }

    private Shelf read() {
        Map<String, List<OwnValue>> values = new HashMap<>();
        for (OwnValueRow row : own.values()) {
            Coded.find(Field.class, row.field())
                    .ifPresent(field -> values.computeIfAbsent(row.ingredientCode(), code -> new ArrayList<>())
                            .add(new OwnValue(field, row.value(), row.source())));
        }
        Map<String, Price> prices = new HashMap<>();
        for (PriceRow row : own.prices()) {
            prices.put(
                    row.ingredientCode(),
                    new Price(
                            row.amount(), Coded.find(Price.Per.class, row.per()).orElseThrow()));
        }
        Map<String, Ingredient> book = new HashMap<>();
        List<Ingredient> ingredients = new ArrayList<>();
        for (IngredientRow row : mapper.ingredients()) {
            Ingredient ingredient = row.toIngredient();
            book.put(ingredient.code(), ingredient);
            ingredients.add(OwnValue.over(ingredient, byField(values.getOrDefault(ingredient.code(), List.of()))));
        }
        return new Shelf(
                new Pantry(ingredients, mapper.styles(), mapper.forms(), mapper.feels(), mapper.measures()),
                book,
                values,
                prices,
                Set.copyOf(own.ownCodes()));
    }

    private static Map<Field, Double> byField(List<OwnValue> values) {
        Map<Field, Double> byField = new EnumMap<>(Field.class);
        values.forEach(value -> byField.put(value.field(), value.value()));
        return byField;
    }

    /**
     * Changes the pantry in one transaction and reads it anew.
     *
     * @throws verdamen.core.model.RefusedException when the change is refused; nothing is changed then
     */
    void change(Runnable change) {
        keepForRollback();
        transaction.executeWithoutResult(status -> change.run());
        shelf = read();
    }

    /** When the change is part of a larger transaction that fails, the pantry goes back to what it was before it. */
    private void keepForRollback() {
        boolean part = TransactionSynchronizationManager.isSynchronizationActive();
        if (part
                && TransactionSynchronizationManager.getSynchronizations().stream()
                        .noneMatch(BackToShelf.class::isInstance)) {
            TransactionSynchronizationManager.registerSynchronization(new BackToShelf(shelf));
        }
    }

    /** Puts the pantry back to how it was when a transaction began to change it. */
    private final class BackToShelf implements TransactionSynchronization {

        private final Shelf before;

        private BackToShelf(Shelf before) {
            this.before = before;
        }

        @Override
        public void afterCompletion(int status) {
            if (status != STATUS_COMMITTED) {
                shelf = before;
            }
        }
    }

    /** Saves an own ingredient under its code, or a new one. */
    public Ingredient saveOwn(@Nullable String code, IngredientSpec spec) {
        Faults faults = spec.check();
        String name = spec.name() == null ? "" : spec.name();
        String under = code == null ? IngredientSpec.codeOf(name) : code;
        faults.require(code != null || !shelf.book().containsKey(under), "name", FaultCode.TAKEN, name);
        faults.require(code == null || shelf.ownCodes().contains(under), "code", FaultCode.UNKNOWN_CODE, code);
        faults.refuse();
        Ingredient ingredient = spec.read(under);
        change(() -> save(List.of(IngredientRow.of(ingredient, true)), OWN_POSITION));
        return ingredient;
    }

    /** Takes an own ingredient away that nothing uses. */
    void deleteOwn(String code) {
        Faults faults = new Faults();
        faults.require(shelf.ownCodes().contains(code), "code", FaultCode.UNKNOWN_CODE, code);
        faults.require(!own.isUsed(code), "code", FaultCode.IN_USE, code);
        faults.refuse();
        change(() -> own.deleteOwn(code));
    }

    /** Whether an ingredient is the kitchen's own. */
    public boolean isOwn(String code) {
        return shelf.ownCodes().contains(code);
    }

    /** Finds everything impossible about own figures that an ingredient is to have together. */
    public Faults checkValues(String code, List<OwnValue> values) {
        Faults faults = new Faults();
        Ingredient book = shelf.book().get(code);
        faults.require(book != null, "ingredient", FaultCode.UNKNOWN_CODE, code);
        if (book != null) {
            Map<Field, Double> together = byField(shelf.ownValues().getOrDefault(code, List.of()));
            together.putAll(byField(values));
            values.forEach(value -> faults.addAll(value.check(book, together).all()));
        }
        return faults;
    }

    /**
     * Changes of the pantry that were found sound.
     *
     * @param own new ingredients of the kitchen's own
     * @param values own figures by ingredient
     * @param prices prices by ingredient
     */
    public record Changes(List<IngredientSpec> own, Map<String, List<OwnValue>> values, Map<String, Price> prices) {}

    /** Makes changes all together and reads the pantry once. */
    public void saveAll(Changes changes) {
        List<IngredientRow> rows = changes.own().stream()
                .map(spec -> spec.read(IngredientSpec.codeOf(String.valueOf(spec.name()))))
                .map(ingredient -> IngredientRow.of(ingredient, true))
                .toList();
        List<OwnValueRow> values = changes.values().entrySet().stream()
                .flatMap(each -> each.getValue().stream().map(value -> row(each.getKey(), value)))
                .toList();
        List<PriceRow> prices = changes.prices().entrySet().stream()
                .map(each -> row(each.getKey(), each.getValue()))
                .toList();
        change(() -> {
            if (!rows.isEmpty()) {
                save(rows, OWN_POSITION);
            }
            if (!values.isEmpty()) {
                own.saveValues(values);
            }
            if (!prices.isEmpty()) {
                own.savePrices(prices);
            }
        });
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
        Faults faults = new Faults();
        faults.require(shelf.book().containsKey(code), "ingredient", FaultCode.UNKNOWN_CODE, code);
        Field figure = faults.choice("field", field, Field.class);
        faults.refuse();
        if (figure == null) {
            return;
        }
        if (value == null) {
            change(() -> own.deleteValue(code, figure.code()));
            return;
        }
        OwnValue asked = new OwnValue(figure, value, source == null ? "" : source);
        checkValues(code, List.of(asked)).refuse();
        change(() -> own.saveValues(List.of(row(code, asked))));
    }

    /** Sets the price of an ingredient; without an amount there is none. */
    public void setPrice(String code, @Nullable Double amount, @Nullable String per) {
        Faults faults = new Faults();
        faults.require(shelf.book().containsKey(code), "ingredient", FaultCode.UNKNOWN_CODE, code);
        faults.number("amount", amount, 0, HIGHEST_PRICE);
        Price.Per unit = amount == null ? null : faults.choice("per", per, Price.Per.class);
        faults.refuse();
        change(() -> {
            if (amount == null || unit == null) {
                own.deletePrice(code);
            } else {
                own.savePrices(List.of(row(code, new Price(amount, unit))));
            }
        });
    }
}
