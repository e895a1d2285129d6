package verdamen.server.notebook;

import verdamen.core.model.Coded;

/** What the notebook is sorted by. */
enum NotebookSort implements Coded {
    STARTED("started", "started_at"),
    NAME("name", "name");

    private final String code;
    private final String column;

    NotebookSort(String code, String column) {
        this.code = code;
        this.column = column;
    }

    @Override
    public String code() {
        return code;
    }

    /** The column of the table; never what was asked for. */
    String column() {
        return column;
    }
}
