package verdamen.server.pantry;

import java.util.List;
import verdamen.core.pantry.Pantry;

/** Something saved that names ingredients and lots. The pantry asks it before one of them is changed or deleted. */
public interface IngredientUsers {

    /** What its faults call it. */
    String field();

    /** Names of what uses an ingredient, {@code most} at the most. */
    List<String> names(String code, int most);

    /** Names of what carries a flour lot, {@code most} at the most. */
    List<String> namesWithLot(long lot, int most);

    /** Names of what could be read with the pantry as it is and no longer with another one, {@code most} at the most. */
    List<String> broken(String code, Pantry now, Pantry then, int most);
}
