package verdamen.server.plan;

import verdamen.core.model.Coded;
import verdamen.server.json.ListPlace;

/** What the days that are kept are sorted by. */
enum DaySort implements Coded {
    DAY("day"),
    NAME("name");

    private final String code;

    DaySort(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** The column of the table, by the name under which the mapper finds it; never what was asked for. */
    public String getColumn() {
        return code;
    }

    /** Where the page behind this row begins. */
    ListPlace placeOf(DayPage.DayRow last) {
        return new ListPlace(this == NAME ? last.name() : last.day().toString(), last.id());
    }
}
