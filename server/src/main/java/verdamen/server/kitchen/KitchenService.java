package verdamen.server.kitchen;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.server.json.JsonText;

/** The kitchen's settings. */
@Service
public class KitchenService {

    private final KitchenMapper mapper;
    private final JsonText json;

    KitchenService(KitchenMapper mapper, JsonText json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** The settings as they are. */
    @Transactional(readOnly = true)
    public Kitchen kitchen() {
        KitchenMapper.KitchenRow row = mapper.kitchen();
        return new Kitchen(
                row.name(),
                row.massUnit(),
                row.lengthUnit(),
                row.temperatureUnit(),
                row.decimalMark(),
                row.dateOrder(),
                row.cupMl(),
                row.cupFilling(),
                row.currency(),
                List.of(json.read(row.pans(), KitchenPan[].class)));
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
        if (kitchen.lengthUnit() != null) {
            choice(faults, "lengthUnit", kitchen.lengthUnit(), Set.of("cm", "in"));
        }
        choice(faults, "temperatureUnit", kitchen.temperatureUnit(), Set.of("C", "F"));
        choice(faults, "decimalMark", kitchen.decimalMark(), Set.of("point", "comma"));
        choice(faults, "dateOrder", kitchen.dateOrder(), Set.of("day-month", "month-day", "iso"));
        faults.number("cupMl", kitchen.cupMl(), Limit.CUP_ML);
        if (kitchen.cupFilling() != null) {
            choice(faults, "cupFilling", kitchen.cupFilling(), Set.of("spooned", "scooped", "not-told"));
        }
        String currency = faults.text("currency", kitchen.currency(), Limit.CURRENCY);
        pans(faults, kitchen.pansOrNone());
        faults.refuse();
        Kitchen settings = new Kitchen(
                name,
                kitchen.massUnit(),
                kitchen.lengthUnit(),
                kitchen.temperatureUnit(),
                kitchen.decimalMark(),
                kitchen.dateOrder(),
                kitchen.cupMl(),
                kitchen.cupFilling(),
                currency,
                null);
        mapper.save(settings, kitchen.pans() == null ? null : json.of(kitchen.pans()));
        return kitchen();
    }

    private static void pans(Faults faults, List<KitchenPan> asked) {
        List<KitchenPan> pans = faults.atMost("pans", asked, Limit.KITCHEN_PANS);
        for (int at = 0; at < pans.size(); at++) {
            KitchenPan pan = pans.get(at);
            String path = "pans[" + at + "].";
            if (pan == null) {
                faults.add(null, "pans[" + at + "]", FaultCode.MISSING, null);
                continue;
            }
            choice(faults, path + "kind", pan.kind(), Set.of("pan", "press", "cutter", "peel"));
            faults.text(path + "name", pan.name(), Limit.NAME);
            faults.needed(path + "diameterMm", pan.diameterMm(), Limit.PAN_MM);
            faults.number(path + "burnerW", pan.burnerW(), Limit.BURNER_W);
            faults.optionalText(path + "material", pan.material(), Limit.NAME);
        }
    }

    private static void choice(Faults faults, String field, @Nullable String value, Set<String> choices) {
        if (value == null || !choices.contains(value)) {
            faults.add(null, field, value == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, value);
        }
    }
}
