package verdamen.core.balance;

import verdamen.core.formula.Timeline;

/**
 * A moment in a dough's life.
 *
 * @param minute minutes since wetting
 * @param working minutes that uptake and release have had: fewer than {@code minute} when the dough was cold
 * @param fatHardened whether fat that is soft in a kitchen is hard
 */
record Moment(double minute, double working, boolean fatHardened) {

    static Moment of(Timeline timeline, double minute) {
        return new Moment(minute, timeline.workingMinute(minute), timeline.hardensFat(minute));
    }
}
