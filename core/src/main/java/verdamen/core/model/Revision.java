package verdamen.core.model;

/** Which revision of the dough model this program computes. */
public final class Revision {

    private static final int OF_THE_MODEL = 3;

    private Revision() {}

    /** A number that is raised with every change after which the same formula may have other figures. */
    public static int ofTheModel() {
        return OF_THE_MODEL;
    }
}
