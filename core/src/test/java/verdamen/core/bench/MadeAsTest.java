package verdamen.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Objects;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.model.Faults;

public class MadeAsTest {

    private static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 600), line("water", 393), line("salt-fine", 10));

    private static List<PhaseSpec> phases(FormulaSpec spec) {
        return Objects.requireNonNull(spec.method()).phasesOrNone();
    }

    @Test
    public void asItIsWrittenNothingChanges() {
        assertSame(MadeAs.WRITTEN.of(ROTI, 1, Doughs.BOOK), ROTI);
    }

    @Test
    public void aChillComesAfterItsOwnPhasesAndAfterTheRestOfItsStyle() {
        MadeAs chilled = new MadeAs(840.0, null, null, null);
        assertEquals(
                phases(chilled.of(ROTI, 1, Doughs.BOOK)),
                List.of(new PhaseSpec("rest", 20.0, null), new PhaseSpec("chill", 840.0, null)));
        FormulaSpec own = Doughs.phased(ROTI, new PhaseSpec("rest", 45.0, 22.0));
        assertEquals(
                phases(chilled.of(own, 1, Doughs.BOOK)),
                List.of(new PhaseSpec("rest", 45.0, 22.0), new PhaseSpec("chill", 840.0, null)));
    }

    @Test
    public void itIsWeighedForItsSizeInAKitchenSoWarmWithSomePutAside() {
        List<SplitSpec> aside = List.of(new SplitSpec("freezer-bag", 3));
        FormulaSpec made = new MadeAs(null, 27.0, true, aside).of(ROTI, 2, Doughs.BOOK);
        assertEquals(made.lines().get(1).grams(), Double.valueOf(786));
        assertEquals(Objects.requireNonNull(made.method()).temperaturesOrNone().kitchenC(), Double.valueOf(27));
        assertEquals(Objects.requireNonNull(made.portion()).splits(), aside);
    }

    @Test
    public void whatCannotBeIsNamed() {
        Faults faults = new Faults();
        new MadeAs(9000.0, 900.0, null, List.of(new SplitSpec("in a drawer", 3))).check(faults);
        assertEquals(
                faults.all().stream()
                        .map(fault -> fault.field() + " " + fault.code().code())
                        .toList(),
                List.of("chillMinutes too-large", "kitchenC too-large", "splits[0].storage unknown-code"));
    }
}
