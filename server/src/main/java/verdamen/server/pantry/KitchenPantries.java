package verdamen.server.pantry;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.model.Coded;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.IngredientSpec;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.ReferenceTables;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenOfRequest;
import verdamen.server.pantry.PantryMapper.OwnRow;
import verdamen.server.pantry.PantryMapper.OwnValueRow;
import verdamen.server.pantry.PantryMapper.PriceRow;

/**
 * Hands out the kitchen's pantry of the request's kitchen. A request reads the pantry's revision once and takes the kitchen's pantry in memory
 * when that is of the same revision, so two servers on one database agree. A transaction that changes the pantry sees its
 * own changes; nobody else sees them before they are committed, and nothing is left of them when they are not.
 */
@Component
class KitchenPantries {

    private static final String OF_REQUEST = KitchenPantries.class.getName();

    private final PantryMapper mapper;
    private final KitchenOfRequest kitchen;
    private final JsonText json;
    private final TransactionTemplate transaction;
    private final Pantry book = ReferenceTables.load();
    private final Map<Long, KitchenPantry> inMemory = new ConcurrentHashMap<>();

    KitchenPantries(PantryMapper mapper, KitchenOfRequest kitchen, JsonText json, TransactionTemplate transaction) {
        this.mapper = mapper;
        this.kitchen = kitchen;
        this.json = json;
        this.transaction = transaction;
    }

    /** The kitchen's pantry as it counts for whoever asks. */
    KitchenPantry kitchenPantry() {
        if (TransactionSynchronizationManager.hasResource(this)) {
            return ofChange();
        }
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        String key = OF_REQUEST + " " + kitchen.id();
        if (request != null
                && request.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof KitchenPantry ofThisRequest) {
            return ofThisRequest;
        }
        KitchenPantry kitchenPantry = committed();
        if (request != null) {
            request.setAttribute(key, kitchenPantry, RequestAttributes.SCOPE_REQUEST);
        }
        return kitchenPantry;
    }

    /** Makes a change of the pantry, one at a time for a kitchen, in a transaction of its own or as part of a larger one. */
    void change(Runnable change) {
        transaction.executeWithoutResult(status -> {
            mapper.nextRevision();
            if (!TransactionSynchronizationManager.hasResource(this)) {
                TransactionSynchronizationManager.bindResource(this, new OfChange());
                TransactionSynchronizationManager.registerSynchronization(new Forget());
            }
            ((OfChange) TransactionSynchronizationManager.getResource(this)).kitchenPantry = null;
            change.run();
            ((OfChange) TransactionSynchronizationManager.getResource(this)).kitchenPantry = null;
        });
    }

    /** What a transaction that changes the pantry sees; read again after each change. */
    private static final class OfChange {
        private KitchenPantry kitchenPantry;
    }

    private KitchenPantry ofChange() {
        OfChange seen = (OfChange) TransactionSynchronizationManager.getResource(this);
        if (seen.kitchenPantry == null) {
            seen.kitchenPantry = read(mapper.revision());
        }
        return seen.kitchenPantry;
    }

    /** After the transaction everybody asks the database again. */
    private final class Forget implements TransactionSynchronization {

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(KitchenPantries.this);
            RequestAttributes request = RequestContextHolder.getRequestAttributes();
            if (request != null) {
                request.removeAttribute(OF_REQUEST + " " + kitchen.id(), RequestAttributes.SCOPE_REQUEST);
            }
        }
    }

    /**
     * What is committed. The revision is read before the rows, so a kitchen's pantry is never labelled newer than what it holds: at
     * worst it is read once more.
     */
    private KitchenPantry committed() {
        long revision = mapper.revision();
        KitchenPantry kitchenPantry = inMemory.get(kitchen.id());
        if (kitchenPantry == null || kitchenPantry.revision() != revision) {
            kitchenPantry = read(revision);
            inMemory.put(kitchen.id(), kitchenPantry);
        }
        return kitchenPantry;
    }

    private KitchenPantry read(long revision) {
        Map<String, List<OwnValue>> values = new HashMap<>();
        for (OwnValueRow row : mapper.values()) {
            Coded.find(Field.class, row.field())
                    .ifPresent(field -> values.computeIfAbsent(row.ingredientCode(), code -> new ArrayList<>())
                            .add(new OwnValue(field, row.value(), row.source())));
        }
        Map<String, Price> prices = new HashMap<>();
        for (PriceRow row : mapper.prices()) {
            Coded.find(Price.Per.class, row.per())
                    .ifPresent(per -> prices.put(row.ingredientCode(), new Price(row.amount(), per)));
        }
        List<Ingredient> plain = new ArrayList<>(book.ingredients());
        Set<String> own = new HashSet<>();
        for (OwnRow row : mapper.ownIngredients()) {
            plain.add(json.read(row.sheet(), IngredientSpec.class).read(row.code()));
            own.add(row.code());
        }
        Map<String, Ingredient> byCode = new HashMap<>();
        List<Ingredient> laidOver = new ArrayList<>();
        for (Ingredient ingredient : plain) {
            byCode.put(ingredient.code(), ingredient);
            laidOver.add(OwnValue.over(ingredient, byField(values.getOrDefault(ingredient.code(), List.of()))));
        }
        OwnBread taught = BreadRecord.learned(mapper.bread().stream()
                .map(row -> json.read(row.record(), BreadRecord.class))
                .toList());
        return new KitchenPantry(
                revision,
                book.withIngredients(laidOver).withOwnBread(taught).withLearnedTogether(mapper.learnedTogether()),
                byCode,
                values,
                prices,
                Set.copyOf(own),
                mapper.names());
    }

    static Map<Field, Double> byField(List<OwnValue> values) {
        Map<Field, Double> byField = new EnumMap<>(Field.class);
        values.forEach(value -> byField.put(value.field(), value.value()));
        return byField;
    }
}
