package verdamen.server.formula;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.formula.VersionStanding;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.json.JsonText;
import verdamen.server.problem.NotFoundException;

/** Promotes versions, releases them and sets them aside, each time with a reason. */
@Service
public class VersionStandings {

    private final StandingMapper mapper;
    private final FormulaService formulas;
    private final JsonText json;
    private final Clock clock;

    VersionStandings(StandingMapper mapper, FormulaService formulas, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.json = json;
        this.clock = clock;
    }

    /** Every step of a formula's versions, the oldest first. */
    @Transactional(readOnly = true)
    public List<PutStanding> steps(long formula) {
        return mapper.steps(formula).stream()
                .flatMap(row -> Coded.find(VersionStanding.class, row.standing()).stream()
                        .map(standing -> new PutStanding(row.uid(), row.version(), standing, row.reason(), row.at())))
                .toList();
    }

    /**
     * Promotes a version, releases it or sets it aside. A draft of which a version is tried is on trial from then on, a formula
     * of which one is released in use.
     *
     * @throws verdamen.core.model.RefusedException without a reason, or when it cannot become that from what it is
     * @throws NotFoundException when there is no such version
     */
    @Transactional
    public void put(long formula, int version, @Nullable String asked, @Nullable String why) {
        if (mapper.lockFormula(formula, version) == null) {
            throw FormulaService.notFound(formula, version);
        }
        Faults faults = new Faults();
        VersionStanding standing = faults.choice("standing", asked, VersionStanding.class);
        String reason = faults.text("reason", why, Limit.VERSION_NOTE);
        VersionStanding before = FormulaService.standing(mapper.standing(formula, version));
        faults.require(
                standing == null || before.next().contains(standing), "standing", FaultCode.NOT_FROM_HERE, asked);
        faults.refuse();
        if (standing != null) {
            note(
                    formula,
                    List.of(new PutStanding(
                            UUID.randomUUID().toString(),
                            version,
                            standing,
                            reason,
                            clock.instant().atOffset(ZoneOffset.UTC))));
            followState(formula, standing);
        }
    }

    private void followState(long formula, VersionStanding standing) {
        if (standing == VersionStanding.RELEASED) {
            formulas.putState(formula, FormulaState.IN_USE);
        } else if (standing == VersionStanding.TRIAL || standing == VersionStanding.CANDIDATE) {
            if (formulas.state(formula) == FormulaState.DRAFT) {
                formulas.putState(formula, FormulaState.ON_TRIAL);
            }
        }
    }

    /** Takes steps of a file that are not here yet; versions it does not know are left out. */
    @Transactional
    public void takeMissing(long formula, List<PutStanding> told, Map<Integer, Integer> numbers) {
        note(
                formula,
                told.stream()
                        .filter(each -> numbers.containsKey(each.version()))
                        .map(each -> new PutStanding(
                                each.uid(), numbers.get(each.version()), each.standing(), each.reason(), each.at()))
                        .toList());
    }

    private void note(long formula, List<PutStanding> steps) {
        mapper.noteMissing(formula, json.of(steps));
    }
}
