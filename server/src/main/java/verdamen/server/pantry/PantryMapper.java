package verdamen.server.pantry;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.Style;

/** Reads and writes the book. */
@Mapper
interface PantryMapper {

    List<IngredientRow> ingredients();

    List<Style> styles();

    List<Form> forms();

    List<Feel> feels();

    List<Measure> measures();

    void saveIngredients(List<IngredientRow> rows);

    void saveBehaviours(List<IngredientRow> rows);

    void saveStyles(Collection<Style> rows);

    void saveForms(Collection<Form> rows);

    void saveFeels(Collection<Feel> rows);

    void saveMeasures(Collection<Measure> rows);
}
