package verdamen.server.pantry;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.pantry.Stock;
import verdamen.server.pantry.StockMapper.StockRow;

/** What the kitchen has of its ingredients, where it stands, and where it is bought. */
@Service
public class StockService {

    private final StockMapper mapper;
    private final PantryService pantry;
    private final Clock clock;

    StockService(StockMapper mapper, PantryService pantry, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.clock = clock;
    }

    /**
     * What there is of an ingredient.
     *
     * @param ingredient its code
     * @param stock how much, and where
     * @param notedAt when that was noted
     */
    public record StockOf(String ingredient, Stock stock, OffsetDateTime notedAt) {}

    /** What is known of every ingredient. */
    @Transactional(readOnly = true)
    public List<StockOf> stock() {
        return mapper.stock().stream()
                .map(row -> new StockOf(
                        row.ingredientCode(), new Stock(row.inHandGrams(), row.shelf(), row.store()), row.notedAt()))
                .toList();
    }

    /** The same by the ingredients' codes. */
    @Transactional(readOnly = true)
    public Map<String, Stock> byIngredient() {
        return stock().stream().collect(Collectors.toMap(StockOf::ingredient, StockOf::stock));
    }

    /**
     * Notes what there is of an ingredient; nothing known of it is forgotten.
     *
     * @throws verdamen.core.model.RefusedException with everything impossible about it
     */
    @Transactional
    public List<StockOf> note(String ingredient, Stock stock) {
        keep(ingredient, stock, null);
        return stock();
    }

    /** Takes what a file says of an ingredient, as it was noted then. */
    @Transactional
    public void take(StockOf told) {
        keep(told.ingredient(), told.stock() == null ? Stock.UNKNOWN : told.stock(), told.notedAt());
    }

    private void keep(String ingredient, Stock stock, @Nullable OffsetDateTime at) {
        Stock checked = stock.checked(ingredient, pantry.pantry());
        if (checked.equals(Stock.UNKNOWN)) {
            mapper.delete(ingredient);
            return;
        }
        mapper.save(new StockRow(
                ingredient,
                checked.inHandGrams(),
                checked.shelf(),
                checked.store(),
                at == null ? clock.instant().atOffset(ZoneOffset.UTC) : at));
    }
}
