package verdamen.server.formula;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.server.formula.FormulaMapper.FormulaRow;
import verdamen.server.json.JsonText;

/** Deleted formulas, which can be taken back for a while. */
@Service
class FormulaBin {

    private static final int DAYS = 30;
    private static final int SHOWN = 200;

    private final FormulaMapper mapper;
    private final StandingMapper standings;
    private final JsonText json;
    private final Clock clock;

    FormulaBin(FormulaMapper mapper, StandingMapper standings, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.standings = standings;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A deleted formula.
     *
     * @param id its id
     * @param name its name
     * @param deletedAt when it was deleted
     * @param goneAt when it is deleted for good, unless a batch was made from it
     */
    record Binned(long id, String name, OffsetDateTime deletedAt, OffsetDateTime goneAt) {}

    /** What is in the bin, the latest first. */
    @Transactional(readOnly = true)
    List<Binned> bin() {
        return mapper.bin(SHOWN).stream()
                .map(row -> new Binned(
                        row.id(), row.name(), row.deletedAt(), row.deletedAt().plusDays(DAYS)))
                .toList();
    }

    /**
     * Puts a formula into the bin; what has been there too long is deleted for good.
     *
     * @throws verdamen.core.model.RefusedException when one of its versions is released, and so locked
     */
    @Transactional
    void delete(long id) {
        FormulaRow row = mapper.formula(id);
        if (row == null || row.deletedAt() != null) {
            throw FormulaService.notFound(id);
        }
        Integer released = standings.released(id);
        Faults faults = new Faults();
        faults.require(released == null, "released", FaultCode.LOCKED, released);
        faults.refuse();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        mapper.setDeleted(id, now);
        List<Long> gone = mapper.inBinSince(now.minusDays(DAYS));
        if (!gone.isEmpty()) {
            mapper.purge(json.ids(gone));
        }
    }

    /** Takes a formula out of the bin. */
    @Transactional
    void restore(long id) {
        if (mapper.setDeleted(id, null) == 0) {
            throw FormulaService.notFound(id);
        }
    }
}
