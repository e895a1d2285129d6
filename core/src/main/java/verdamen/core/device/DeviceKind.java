package verdamen.core.device;

import verdamen.core.model.Coded;
import verdamen.core.model.Unit;

/** What stands on a bench and shows a figure. */
public enum DeviceKind implements Coded {
    /** A kitchen scale, g. */
    SCALE("scale", Unit.GRAMS),
    /** A probe in dough or water, °C. */
    PROBE("probe", Unit.CELSIUS),
    /** A thermometer at the surface of the pan, °C. */
    PAN("pan", Unit.CELSIUS),
    /** The temperature of the room, °C. */
    ROOM("room", Unit.CELSIUS),
    /** The relative humidity of the room, %. */
    HUMIDITY("humidity", Unit.PERCENT),
    /** A meter for the moisture of flour, %. */
    MOISTURE("moisture", Unit.PERCENT);

    private final String code;
    private final Unit unit;

    DeviceKind(String code, Unit unit) {
        this.code = code;
        this.unit = unit;
    }

    @Override
    public String code() {
        return code;
    }

    /** The unit of what it shows. */
    public Unit unit() {
        return unit;
    }
}
