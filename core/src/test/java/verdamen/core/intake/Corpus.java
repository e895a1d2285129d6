package verdamen.core.intake;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Table;

/** Ingredient lines written by us, with what is to be understood by each. */
record Corpus(
        String text,
        @Nullable String ingredient,
        @Nullable Double grams,
        @Nullable Double gramsLow,
        @Nullable Double gramsHigh,
        @Nullable String form,
        String part,
        String status) {

    static List<Corpus> lines() {
        return Table.read(
                Corpus.class,
                "corpus",
                row -> new Corpus(
                        row.text("text"),
                        row.textOrNull("ingredient"),
                        row.numberOrNull("grams"),
                        row.numberOrNull("grams_low"),
                        row.numberOrNull("grams_high"),
                        row.textOrNull("form"),
                        row.text("part"),
                        row.text("status")));
    }
}
