package verdamen.server.kitchen;

import org.springframework.stereotype.Component;

/** The kitchen whose things a request may see. There is one for now; with sign-in it comes from who has signed in. */
@Component
public class KitchenOfRequest {

    private static final long THE_ONE = 1;

    /** Id of the kitchen. */
    public long id() {
        return THE_ONE;
    }
}
