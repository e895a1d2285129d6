package verdamen.server.pantry;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
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

    /** Saves ingredients, the first of them at {@code firstPosition} of the pantry. */
    void saveIngredients(@Param("rows") List<IngredientRow> rows, @Param("firstPosition") int firstPosition);

    void saveBehaviours(List<IngredientRow> rows);

    void saveStyles(Collection<Style> rows);

    void saveForms(Collection<Form> rows);

    void saveFeels(Collection<Feel> rows);

    void saveMeasures(Collection<Measure> rows);
}
