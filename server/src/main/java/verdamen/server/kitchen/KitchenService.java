package verdamen.server.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;

/** The kitchen's settings. */
@Service
public class KitchenService {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CURRENCY = 5;
    private static final double SMALLEST_CUP_ML = 200;
    private static final double LARGEST_CUP_ML = 300;

    private final KitchenMapper mapper;

    KitchenService(KitchenMapper mapper) {
        this.mapper = mapper;
    }

    /** The settings as they are. */
    @Transactional(readOnly = true)
    public Kitchen kitchen() {
        return mapper.kitchen();
    }

    /**
     * Saves the settings.
     *
     * @throws RefusedException when a setting is none of its choices or the name has no fitting length
     */
    @Transactional
    public Kitchen save(Kitchen kitchen) {
        List<Fault> faults = new ArrayList<>();
        String name = kitchen.name() == null ? "" : kitchen.name().strip();
        if (name.isEmpty()) {
            faults.add(new Fault(null, "name", FaultCode.MISSING, null, null));
        } else if (name.length() > LONGEST_NAME) {
            faults.add(
                    new Fault(null, "name", FaultCode.TOO_LARGE, name.length() + " characters", (double) LONGEST_NAME));
        }
        choice(faults, "massUnit", kitchen.massUnit(), Set.of("g", "oz"));
        choice(faults, "temperatureUnit", kitchen.temperatureUnit(), Set.of("C", "F"));
        choice(faults, "decimalMark", kitchen.decimalMark(), Set.of("point", "comma"));
        choice(faults, "dateOrder", kitchen.dateOrder(), Set.of("day-month", "month-day", "iso"));
        between(faults, "cupMl", kitchen.cupMl());
        String currency = kitchen.currency() == null ? "" : kitchen.currency().strip();
        if (currency.isEmpty() || currency.length() > LONGEST_CURRENCY) {
            FaultCode code = currency.isEmpty() ? FaultCode.MISSING : FaultCode.TOO_LONG;
            faults.add(
                    new Fault(null, "currency", code, currency.isEmpty() ? null : currency, (double) LONGEST_CURRENCY));
        }
        if (!faults.isEmpty()) {
            throw new RefusedException(faults);
        }
        mapper.save(new Kitchen(
                name,
                kitchen.massUnit(),
                kitchen.temperatureUnit(),
                kitchen.decimalMark(),
                kitchen.dateOrder(),
                kitchen.cupMl(),
                currency));
        return mapper.kitchen();
    }

    private static void between(List<Fault> faults, String field, double millilitres) {
        if (!(millilitres >= SMALLEST_CUP_ML)) {
            faults.add(new Fault(null, field, FaultCode.TOO_SMALL, String.valueOf(millilitres), SMALLEST_CUP_ML));
        } else if (millilitres > LARGEST_CUP_ML) {
            faults.add(new Fault(null, field, FaultCode.TOO_LARGE, String.valueOf(millilitres), LARGEST_CUP_ML));
        }
    }

    private static void choice(List<Fault> faults, String field, @Nullable String value, Set<String> choices) {
        if (value == null || !choices.contains(value)) {
            FaultCode code = value == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE;
            faults.add(new Fault(null, field, code, value, null));
        }
    }
}
