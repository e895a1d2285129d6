package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** How far a version has come, and what it can become. */
public class VersionStandingTest {

    @Test
    public void everyStandingIsReachedFromADraftAndCanBeLeft() {
        Set<VersionStanding> reached = EnumSet.of(VersionStanding.DRAFT);
        for (int step = 0; step < VersionStanding.values().length; step++) {
            for (VersionStanding from : List.copyOf(reached)) {
                reached.addAll(from.next());
            }
        }
        assertEquals(reached, EnumSet.allOf(VersionStanding.class));
        assertTrue(Arrays.stream(VersionStanding.values())
                .noneMatch(each -> each.next().isEmpty()));
        assertTrue(Arrays.stream(VersionStanding.values())
                .noneMatch(each -> each.next().contains(each)));
    }

    @Test
    public void nothingIsReleasedUntried() {
        assertFalse(VersionStanding.DRAFT.next().contains(VersionStanding.RELEASED));
        assertFalse(VersionStanding.SET_ASIDE.next().contains(VersionStanding.RELEASED));
    }

    @Test
    public void whatIsReleasedIsLockedUntilItIsSetAside() {
        assertEquals(VersionStanding.RELEASED.next(), List.of(VersionStanding.SET_ASIDE));
        for (VersionStanding standing : VersionStanding.values()) {
            assertEquals(standing.isLocked(), standing == VersionStanding.RELEASED);
        }
    }
}
