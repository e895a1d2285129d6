package verdamen.server.kitchen;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;

/** The kitchen's settings. */
@Service
public class KitchenService {

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
        Faults faults = new Faults();
        String name = faults.text("name", kitchen.name(), Limit.NAME);
        choice(faults, "massUnit", kitchen.massUnit(), Set.of("g", "oz"));
        choice(faults, "temperatureUnit", kitchen.temperatureUnit(), Set.of("C", "F"));
        choice(faults, "decimalMark", kitchen.decimalMark(), Set.of("point", "comma"));
        choice(faults, "dateOrder", kitchen.dateOrder(), Set.of("day-month", "month-day", "iso"));
        faults.number("cupMl", kitchen.cupMl(), Limit.CUP_ML);
        if (kitchen.cupFilling() != null) {
            choice(faults, "cupFilling", kitchen.cupFilling(), Set.of("spooned", "scooped", "not-told"));
        }
        String currency = faults.text("currency", kitchen.currency(), Limit.CURRENCY);
        faults.refuse();
        mapper.save(new Kitchen(
                name,
                kitchen.massUnit(),
                kitchen.temperatureUnit(),
                kitchen.decimalMark(),
                kitchen.dateOrder(),
                kitchen.cupMl(),
                kitchen.cupFilling(),
                currency));
        return mapper.kitchen();
    }

    private static void choice(Faults faults, String field, @Nullable String value, Set<String> choices) {
        if (value == null || !choices.contains(value)) {
            faults.add(null, field, value == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, value);
        }
    }
}
