package verdamen.server.formula;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.revision.RevisionTwo;
import verdamen.core.revision.Said;
import verdamen.server.formula.FormulaMapper.DocumentRow;
import verdamen.server.formula.FormulaMapper.NeverSaidRow;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryService;

/**
 * Keeps with each version what was said of it when it was saved. For versions that were saved before that was kept, it is said
 * once by the revision that they were saved under, when the server starts.
 */
@Component
public class SaidThen implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(SaidThen.class);
    private static final int AT_ONCE = 500;
    private static final int REVISION_TWO = 2;

    private final FormulaMapper mapper;
    private final StoredFormula stored;
    private final PantryService pantry;
    private final JsonText json;

    SaidThen(FormulaMapper mapper, StoredFormula stored, PantryService pantry, JsonText json) {
        this.mapper = mapper;
        this.stored = stored;
        this.pantry = pantry;
        this.json = json;
    }

    /** What was said of a version, as it goes to the database. */
    private record SaidRow(long id, int revision, @Nullable Said said) {}

    /** Says of older versions what was said of them then. */
    @Override
    public void afterSingletonsInstantiated() {
        List<NeverSaidRow> rows = mapper.neverSaid(AT_ONCE);
        if (rows.isEmpty()) {
            return;
        }
        Pantry now = pantry.pantry();
        RevisionTwo before = revisionTwo();
        while (!rows.isEmpty()) {
            LOG.info("keeping what was said of {} versions", rows.size());
            List<SaidRow> said = new ArrayList<>();
            for (NeverSaidRow row : rows) {
                Said then = said(row, now, before);
                said.add(new SaidRow(row.id(), then == null ? REVISION_TWO : then.revision(), then));
            }
            mapper.keepSaid(json.of(said));
            rows = mapper.neverSaid(AT_ONCE);
        }
    }

    private @Nullable Said said(NeverSaidRow row, Pantry now, RevisionTwo before) {
        try {
            FormulaSpec spec = stored.read(row.documentVersion(), row.document());
            return StoredFormula.isOfRevisionTwo(row.documentVersion())
                    ? before.said(spec)
                    : Said.of(FormulaReader.read(spec, now));
        } catch (IllegalArgumentException | JacksonException | RefusedException unreadable) {
            return null;
        }
    }

    /** Keeps what was said of a version that was just saved. */
    void keep(long versionId, Said said) {
        mapper.keepSaid(json.of(List.of(new SaidRow(versionId, said.revision(), said))));
    }

    /** Revision 2 with the kitchen's figures, for whoever asks it about many formulas: it is made once. */
    public RevisionTwo revisionTwo() {
        return new RevisionTwo(pantry.pantry());
    }

    /** What was said of a version then and is said of it now. */
    SaidOfVersion of(DocumentRow row) {
        FormulaSpec spec = stored.read(row.documentVersion(), row.document());
        return SaidOfVersion.of(row.number(), then(row.said()), now(spec));
    }

    /** What was said, from the database. */
    @Nullable
    Said then(@Nullable String said) {
        return said == null ? null : json.read(said, Said.class);
    }

    private @Nullable Said now(FormulaSpec spec) {
        try {
            return Said.of(FormulaReader.read(spec, pantry.pantry()));
        } catch (RefusedException fault) {
            return null;
        }
    }
}
