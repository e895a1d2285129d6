package verdamen.server.prep;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Reads and writes the yields that a kitchen has weighed. */
@Mapper
interface YieldMapper {

    /** How often a step was weighed for an ingredient, and what it gave on average. */
    record YieldRow(String step, String ingredient, double share, long times) {}

    /** What is known of the steps of some ingredients. */
    List<YieldRow> yields(@Param("ingredients") String[] ingredients);

    void forget(@Param("formula") long formula);

    void keep(@Param("formula") long formula, @Param("yields") String yields);
}
