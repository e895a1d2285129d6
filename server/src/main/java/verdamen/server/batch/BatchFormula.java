package verdamen.server.batch;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import verdamen.core.bench.MadeAs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Pantry;
import verdamen.server.json.JsonText;

/** The formula of a batch as it was to be made: its version, so many times of it, with what was different this time. */
@Component
public class BatchFormula {

    private final JsonText json;

    BatchFormula(JsonText json) {
        this.json = json;
    }

    /**
     * The formula.
     *
     * @param version as it is written
     * @param factor how many times of it
     * @param madeAs what was different, as it is kept; null for nothing
     * @throws verdamen.core.model.RefusedException when it cannot be read or weighed
     */
    public FormulaSpec of(FormulaSpec version, double factor, @Nullable String madeAs, Pantry pantry) {
        return of(version, factor, read(madeAs), pantry);
    }

    /** The same with what was different as it was read. */
    FormulaSpec of(FormulaSpec version, double factor, @Nullable MadeAs madeAs, Pantry pantry) {
        return (madeAs == null ? MadeAs.WRITTEN : madeAs).of(version, factor, pantry);
    }

    @Nullable
    MadeAs read(@Nullable String madeAs) {
        return madeAs == null ? null : json.read(madeAs, MadeAs.class);
    }

    /** As it is kept; null for as it is written. */
    @Nullable
    String kept(@Nullable MadeAs madeAs) {
        return madeAs == null || madeAs.equals(MadeAs.WRITTEN) ? null : json.of(madeAs);
    }
}
