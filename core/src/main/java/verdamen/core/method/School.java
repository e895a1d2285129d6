package verdamen.core.method;

import java.util.List;
import verdamen.core.model.Table;

/**
 * One way of doing something about which practitioners disagree.
 *
 * @param question what it answers
 * @param code its code, unique within the question
 */
public record School(Question question, String code) {

    private static final List<School> ALL = Table.read(School.class, "schools", School::read);

    private static School read(Table.Row row) {
        return new School(row.choice("question", Question.class), row.text("code"));
    }

    /** All schools, question by question, the usual one of each first. */
    public static List<School> all() {
        return ALL;
    }

    /** The schools of a question. */
    public static List<School> of(Question question) {
        return ALL.stream().filter(school -> school.question() == question).toList();
    }
}
