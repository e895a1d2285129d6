package verdamen.server.notebook;

import verdamen.core.model.Coded;
import verdamen.server.json.ListPlace;
import verdamen.server.notebook.NotebookPage.NotebookRow;

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

    /** The column of the table, by the name under which the mapper finds it; never what was asked for. */
    public String getColumn() {
        return column;
    }

    /** Where the page behind this row begins. */
    ListPlace placeOf(NotebookRow last) {
        return new ListPlace(this == NAME ? last.name() : last.startedAt().toString(), last.id());
    }
}
