package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.model.Faults;
import verdamen.core.plan.PlanSpec.PinSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanSpec.TraySpec;
import verdamen.core.plan.PlanSpec.WorkerSpec;
import verdamen.core.portion.Tray;

/** What is asked of a plan: read, and changed by what would help. */
public class PlanSpecTest {

    private static final ServingSpec ROTI = new ServingSpec(3L, null, 12, 720, null, null, null);
    private static final ServingSpec PITA = new ServingSpec(5L, 2, null, 750, null, null, null);
    private static final WorkerSpec BENCH = new WorkerSpec("Bench", 480, 780, List.of("dough", "shape"));
    private static final WorkerSpec MILL = new WorkerSpec("Mill", 600, 700, List.of("cook"));
    private static final PlanSpec SPEC = new PlanSpec(
            List.of(ROTI, PITA),
            List.of(BENCH, MILL),
            2,
            1,
            0,
            30,
            false,
            List.of(new PinSpec("s1/roll", 650)),
            new TraySpec(3, 600.0, null),
            null);

    private static Remedy remedy(Demand.Kind kind, String subject, int by, int before, int after) {
        return new Remedy(new Demand(kind, subject), by, before, after);
    }

    private static PlanSpec after(Remedy remedy) {
        return Objects.requireNonNull(remedy.taken(SPEC));
    }

    private static List<String> told(Faults faults) {
        return faults.all().stream()
                .map(fault ->
                        fault.line() + " " + fault.field() + " " + fault.code().code())
                .toList();
    }

    @Test
    public void whatIsRightIsReadWithoutAFault() {
        Faults faults = new Faults();
        PlanReading read = PlanReading.of(SPEC, faults);
        assertEquals(read.servings(), List.of(ROTI, PITA));
        assertEquals(
                read.workers(),
                List.of(
                        new Worker("Bench", 480, 780, EnumSet.of(Role.DOUGH, Role.SHAPE)),
                        new Worker("Mill", 600, 700, EnumSet.of(Role.COOK))));
        assertEquals(
                read.places(), Map.of(Place.PAN, 2, Place.OVEN, 1, Place.MIXER, 0, Place.FRIDGE, 30, Place.TRAY, 3));
        assertEquals(read.pins(), Map.of("s1/roll", 650));
        assertEquals(read.tray(), new Tray(600, Tray.USUAL.shortMm()));
        assertEquals(told(faults), List.of());
    }

    @Test
    public void whatAPlanUsuallyHasLacksOnlyWhatIsServed() {
        Faults faults = new Faults();
        PlanReading read = PlanReading.of(PlanSpec.USUAL, faults);
        assertEquals(read.servings(), List.of());
        assertFalse(read.places().containsKey(Place.TRAY), "trays are as many as it takes until they are counted");
        assertEquals(told(faults), List.of("null servings missing"));
        assertEquals(read.workers().get(0).roles(), EnumSet.allOf(Role.class));
    }

    @DataProvider
    Object[][] wrongServings() {
        return new Object[][] {
            {new ServingSpec(null, null, 12, 720, null, null, null), "0 formula missing"},
            {new ServingSpec(3L, null, 0, 720, null, null, null), "0 pieces too-small"},
            {new ServingSpec(3L, null, 12, null, null, null, null), "0 due missing"},
            {new ServingSpec(3L, null, 12, 2881, null, null, null), "0 due too-large"},
            {new ServingSpec(3L, null, 12, -1441, null, null, null), "0 due too-small"},
        };
    }

    @Test(dataProvider = "wrongServings")
    public void aWrongServingIsNamedByItsField(ServingSpec wrong, String fault) {
        Faults faults = new Faults();
        PlanReading.of(SPEC.withServings(List.of(wrong)), faults);
        assertEquals(told(faults), List.of(fault));
    }

    @DataProvider
    Object[][] wrongWorkers() {
        return new Object[][] {
            {new WorkerSpec("  ", 480, 780, List.of("cook")), "1 name missing"},
            {new WorkerSpec("Bench", 480, 780, List.of("cook")), "1 name taken"},
            {new WorkerSpec("Mill", 780, 780, List.of("cook")), "1 goes contradicts"},
            {new WorkerSpec("Mill", null, 780, List.of("cook")), "1 comes missing"},
            {new WorkerSpec("Mill", 480, 780, List.of("sing")), "1 roles unknown-code"},
            {new WorkerSpec("Mill", 480, 780, Arrays.asList("cook", null)), "1 roles unknown-code"},
            {new WorkerSpec("M".repeat(61), 480, 780, List.of()), "1 name too-long"},
        };
    }

    @Test(dataProvider = "wrongWorkers")
    public void aWrongWorkerIsNamedByItsField(WorkerSpec wrong, String fault) {
        Faults faults = new Faults();
        PlanReading.of(SPEC.withWorkers(List.of(BENCH, wrong)), faults);
        assertEquals(told(faults), List.of(fault));
    }

    @Test
    public void whatIsAbsentIsSaidAndNothingIsRead() {
        Faults faults = new Faults();
        PlanSpec nothing = new PlanSpec(
                Collections.singletonList(null),
                Collections.singletonList(null),
                null,
                21,
                -1,
                null,
                null,
                Collections.singletonList(null),
                new TraySpec(21, 99.0, 2001.0),
                null);
        PlanReading.of(nothing, faults);
        assertEquals(
                told(faults),
                List.of(
                        "0 formula missing",
                        "0 due missing",
                        "0 name missing",
                        "0 comes missing",
                        "0 goes missing",
                        "null ovens too-large",
                        "null mixers too-small",
                        "null trays.count too-large",
                        "0 task missing",
                        "null trays.longMm too-small",
                        "null trays.shortMm too-large"));
    }

    @Test
    public void moreThanAPlanTakesIsRefusedBeforeItIsRead() {
        Faults faults = new Faults();
        List<ServingSpec> read = PlanReading.of(SPEC.withServings(Collections.nCopies(5000, ROTI)), faults)
                .servings();
        assertTrue(read.size() <= 12, read.size() + " are read");
        assertEquals(told(faults), List.of("null servings too-many"));
    }

    @Test
    public void aServingIsLaterByWhatWouldHelp() {
        assertEquals(
                after(remedy(Demand.Kind.ON_TIME, "s2", 15, 0, 0)).servings(),
                List.of(ROTI, new ServingSpec(5L, 2, null, 765, null, null, null)));
    }

    @Test
    public void somebodyComesSoonerAndGoesLater() {
        assertEquals(
                after(remedy(Demand.Kind.HOURS, "Mill", 30, 30, 10)).workers(),
                List.of(BENCH, new WorkerSpec("Mill", 570, 710, List.of("cook"))));
    }

    @Test
    public void thereIsMoreOfAPlaceAndNothingElseChanges() {
        PlanSpec pans = after(remedy(Demand.Kind.PLACE, "pan", 1, 0, 0));
        assertEquals(pans.pans(), Integer.valueOf(3));
        assertEquals(pans.ovens(), SPEC.ovens());
        assertEquals(pans.servings(), SPEC.servings());
        assertEquals(after(remedy(Demand.Kind.PLACE, "oven", 1, 0, 0)).ovens(), Integer.valueOf(2));
        assertEquals(after(remedy(Demand.Kind.PLACE, "mixer", 1, 0, 0)).mixers(), Integer.valueOf(1));
        assertEquals(after(remedy(Demand.Kind.PLACE, "fridge", 8, 0, 0)).fridgeLitres(), Integer.valueOf(38));
    }

    @Test
    public void whatWasPinnedIsLetGoOfAndAWindowCannotBeAskedFor() {
        assertEquals(after(remedy(Demand.Kind.PIN, "s1/roll", 5, 0, 0)).pins(), List.of());
        assertEquals(after(remedy(Demand.Kind.PIN, "s2/roll", 5, 0, 0)).pins(), SPEC.pins());
        assertNull(remedy(Demand.Kind.WINDOW, "s1", 5, 0, 0).taken(SPEC));
    }
}
