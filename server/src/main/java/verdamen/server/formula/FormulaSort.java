package verdamen.server.formula;

import verdamen.core.model.Coded;

/** What the list of formulas can be sorted by. */
public enum FormulaSort implements Coded {
    NAME("name", "sort_name", "text"),
    STYLE("style", "sort_style", "text"),
    FLOUR("flour", "sort_flour", "text"),
    INCLUSION("inclusion", "sort_inclusion", "text"),
    HYDRATION("hydration", "sort_hydration", "double precision"),
    STATE("state", "sort_state", "integer"),
    /** When its newest version was saved. */
    SAVED("saved", "saved_at", "timestamptz");

    private final String code;
    private final String column;
    private final String type;

    FormulaSort(String code, String column, String type) {
        this.code = code;
        this.column = column;
        this.type = type;
    }

    @Override
    public String code() {
        return code;
    }

    String column() {
        return column;
    }

    String type() {
        return type;
    }
}
