package verdamen.core.rework;

import java.util.List;
import java.util.Map;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;

/**
 * What a reworked formula has and its base had not, and the other way round.
 *
 * @param before what is in the base
 * @param after what is in the reworked formula
 * @param allergensGained allergens to declare from now on
 * @param allergensLost allergens that are gone
 * @param cautionsGained cautions that apply from now on
 * @param cautionsLost cautions that no longer apply
 */
public record Compared(
        Contents before,
        Contents after,
        List<String> allergensGained,
        List<String> allergensLost,
        List<Caution> cautionsGained,
        List<Caution> cautionsLost) {

    /** A reworked formula against its base. */
    public static Compared of(Formula base, Formula reworked) {
        List<String> had = Facts.of(base, Map.of()).allergens();
        List<String> has = Facts.of(reworked, Map.of()).allergens();
        List<Caution> cautionsBefore = Cautions.of(base);
        List<Caution> cautionsAfter = Cautions.of(reworked);
        return new Compared(
                Contents.of(base),
                Contents.of(reworked),
                has.stream().filter(each -> !had.contains(each)).toList(),
                had.stream().filter(each -> !has.contains(each)).toList(),
                notAmong(cautionsAfter, cautionsBefore),
                notAmong(cautionsBefore, cautionsAfter));
    }

    private static List<Caution> notAmong(List<Caution> some, List<Caution> others) {
        return some.stream()
                .filter(each -> others.stream().noneMatch(other -> other.code().equals(each.code())))
                .toList();
    }
}
