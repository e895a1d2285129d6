package verdamen.server.formula;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes formulas, versions and lines. */
@Mapper
interface FormulaMapper {

    /** A formula's own row. */
    record FormulaRow(long id, String uid, String state, int latestNumber) {}

    /** A version's own row. */
    record VersionRow(
            long id,
            long formulaId,
            int number,
            @Nullable Integer parentNumber,
            String name,
            String note,
            OffsetDateTime createdAt,
            String styleCode,
            @Nullable String kneading,
            @Nullable String fatTiming,
            @Nullable Double waterTemperatureC,
            @Nullable Double restMinutes,
            @Nullable Double sheetMm,
            @Nullable Double softnessTarget,
            @Nullable Double pieces,
            @Nullable Double pieceGrams,
            @Nullable String method,
            @Nullable Making making) {}

    /** A version with its formula's row, for the list. */
    record NewestRow(
            long id,
            long formulaId,
            String state,
            int number,
            String name,
            OffsetDateTime createdAt,
            String styleCode,
            @Nullable String kneading,
            @Nullable String fatTiming,
            @Nullable Double waterTemperatureC,
            @Nullable Double restMinutes,
            @Nullable Double sheetMm,
            @Nullable Double softnessTarget,
            @Nullable Double pieces,
            @Nullable Double pieceGrams,
            @Nullable String method,
            @Nullable Making making) {}

    /** A line's own row. */
    record LineRow(
            long versionId,
            int position,
            @Nullable String ingredientCode,
            @Nullable Double grams,
            @Nullable Double sd,
            @Nullable String part,
            @Nullable String formCode,
            @Nullable Double waterPct,
            @Nullable Double moisturePct,
            @Nullable Double proteinPct,
            @Nullable Double absorptionPct,
            @Nullable Double absorptionSdPct,
            @Nullable Double pieceMm,
            @Nullable String fatState,
            @Nullable String openness,
            @Nullable String sourceText,
            @Nullable String measureCode,
            @Nullable Double quantity,
            @Nullable Long lotId,
            @Nullable String prepKey,
            @Nullable String stage,
            @Nullable Double temperatureC) {}

    /** A remark set aside in a version. */
    record SetAsideRow(long versionId, int position, String slip, String reason) {}

    /** The newest version of every formula, the last saved first. */
    List<NewestRow> newest();

    /** The lines of the newest version of every formula. */
    List<LineRow> newestLines();

    @Nullable
    FormulaRow formula(long id);

    /** All versions of a formula, the newest first. */
    List<VersionRow> versions(long formulaId);

    List<LineRow> lines(long versionId);

    boolean isEmpty();

    /** Every formula's own row, the oldest first. */
    List<FormulaRow> formulas();

    /** All versions of some formulas, each formula's oldest first. */
    List<VersionRow> versionsOf(@Param("ids") List<Long> formulaIds);

    /** The lines of all versions of some formulas. */
    List<LineRow> linesOf(@Param("ids") List<Long> formulaIds);

    /** The remarks set aside in all versions of some formulas. */
    List<SetAsideRow> setAsidesOf(@Param("ids") List<Long> formulaIds);

    /** Inserts a formula under an identity of its own, or a given one. */
    long insertFormula(@Param("createdAt") OffsetDateTime createdAt, @Param("uid") @Nullable String uid);

    /**
     * Takes the next version number, provided that the newest version is still {@code latestKnown}; nothing otherwise.
     */
    @Nullable
    Integer nextNumber(@Param("formulaId") long formulaId, @Param("latestKnown") int latestKnown);

    /** The id of the inserted version; the row's own id is not used. */
    long insertVersion(VersionRow row);

    void insertLines(List<LineRow> rows);

    List<SetAsideRow> setAsides(long versionId);

    void insertSetAsides(List<SetAsideRow> rows);

    int setState(@Param("id") long id, @Param("state") String state);
}
