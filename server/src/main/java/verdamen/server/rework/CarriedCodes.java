package verdamen.server.rework;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.rework.Carried;

/** Codes of what does not go along, as requests send them. */
final class CarriedCodes {

    private CarriedCodes() {}

    static Set<Carried> read(@Nullable List<String> codes, Faults faults) {
        Set<Carried> without = EnumSet.noneOf(Carried.class);
        for (String code : faults.atMost("without", codes, Limit.LINES)) {
            Carried carried = faults.choice("without", code, Carried.class);
            if (carried != null) {
                without.add(carried);
            }
        }
        return without;
    }
}
