package verdamen.server.pantry;

import java.util.List;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Keeps the book in the database up to date with the program and hands the pantry to the core. */
@Service
public class PantryService implements InitializingBean {

    private final PantryMapper mapper;
    private final TransactionTemplate transaction;
    private volatile Pantry pantry;

    PantryService(PantryMapper mapper, TransactionTemplate transaction) {
        this.mapper = mapper;
        this.transaction = transaction;
        this.pantry = ReferenceTables.load();
    }

    /** Writes the program's book to the database, in one transaction, and reads the pantry back. */
    @Override
    public void afterPropertiesSet() {
        Pantry book = ReferenceTables.load();
        transaction.executeWithoutResult(status -> write(book));
        pantry = read();
    }

    /** The pantry as it is in the database. */
    public Pantry pantry() {
        return pantry;
    }

    private void write(Pantry book) {
        List<IngredientRow> rows =
                book.ingredients().stream().map(IngredientRow::of).toList();
        mapper.saveIngredients(rows);
        mapper.saveBehaviours(
                rows.stream().filter(row -> row.absorptionPct() != null).toList());
        mapper.saveStyles(book.styles());
        mapper.saveForms(book.forms());
        mapper.saveFeels(book.feels());
        mapper.saveMeasures(book.measures());
    }

    private Pantry read() {
        return new Pantry(
                mapper.ingredients().stream().map(IngredientRow::toIngredient).toList(),
                mapper.styles(),
                mapper.forms(),
                mapper.feels(),
                mapper.measures());
    }
}
