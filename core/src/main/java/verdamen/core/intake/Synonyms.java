package verdamen.core.intake;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import verdamen.core.model.Table;

/**
 * Other names of ingredients in the trades of the breads concerned, from the table {@code synonyms} beside this class,
 * and those that a kitchen has taught.
 */
public final class Synonyms {

    private Synonyms() {}

    /** Names by ingredient code, as in the product's table. */
    public static Map<String, List<String>> ofBook() {
        return Table.read(Synonyms.class, "synonyms", row -> Map.entry(row.text("ingredient"), row.list("names")))
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
