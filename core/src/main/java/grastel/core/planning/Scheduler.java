package grastel.core.planning;

import grastel.core.checks.Require;
import grastel.core.planning.Items.Item;
import grastel.core.planning.Schedule.Left;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.Schedule.Why;
import grastel.core.planning.calendar.Period;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Lays lessons on periods: in order, each period filled with the stages that three of four students finish in it, cut only
 * where one may stop. What was logged stays where it was, and the rest flows on from there; a period that is past and was
 * not logged counts as having gone as planned. A pinned lesson begins in its period, or, where that is not held, in the next;
 * what does not fit before it is left out and said.
 *
 * <p>Nothing is remembered: the same asked again gives the same, and so does anything that is changed and changed back.
 */
public final class Scheduler {
    /** Stopping badly is better than leaving more than this unused, minutes. */
    private static final double WORTH_A_POOR_STOP = 12;

    private final ClassTime time;
    private final List<Period> periods;
    private final Set<LocalDateTime> logged;
    private final Items items;
    /** By period: the first stage of the course that is done in a later logged one. Nothing after it comes before it. */
    private final int[] bounds;

    private final Deque<Item> queue = new ArrayDeque<>();
    private final List<OnPeriod> laid = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();

    private Scheduler(List<Lesson> lessons, List<Period> periods, ClassTime time, List<Logged> log) {
        this.time = time;
        this.logged = log.stream().map(l -> l.period().key()).collect(Collectors.toSet());
        this.periods = withLogged(periods, log);
        this.items = new Items(
                lessons,
                log.stream().sorted((a, b) -> a.period().compareTo(b.period())).toList());
        this.bounds = bounds();
    }

    /**
     * @param lessons in the order they are taught
     * @param periods of the term; the cancelled ones are passed over
     * @param log what happened, at most one for a period
     */
    public static Schedule lay(List<Lesson> lessons, List<Period> periods, ClassTime time, List<Logged> log) {
        Scheduler laying = new Scheduler(lessons, periods, time, log);
        for (Lesson lesson : lessons) {
            if (lesson.pin() != null && !laying.items.isBegun(lesson)) {
                laying.fillUntil(lesson.pin());
                laying.leaveAll(Why.NOT_BEFORE_THE_PINNED);
            }
            laying.queue.addAll(laying.items.open(lesson));
        }
        laying.fillUntil(LocalDateTime.MAX);
        laying.leaveAll(Why.NO_PERIOD_LEFT);
        return new Schedule(laying.laid, laying.left);
    }

    /** What was logged was held, and nothing else at that time. */
    private static List<Period> withLogged(List<Period> periods, List<Logged> log) {
        List<Period> past = log.stream().map(Logged::period).toList();
        Stream<Period> others = periods.stream()
                .filter(Period::isHeld)
                .filter(p -> past.stream()
                        .noneMatch(l -> l.key().equals(p.key())
                                || l.starts().isBefore(p.ends()) && p.starts().isBefore(l.ends())));
        return Stream.concat(others, past.stream()).sorted().toList();
    }

    private int[] bounds() {
        int[] all = new int[periods.size()];
        int bound = Integer.MAX_VALUE;
        for (int i = periods.size() - 1; i >= 0; i--) {
            all[i] = bound;
            List<Item> done = items.done(periods.get(i).key());
            bound = done == null || done.isEmpty()
                    ? bound
                    : Math.min(bound, done.get(0).place());
        }
        return all;
    }

    private void fillUntil(LocalDateTime pin) {
        while (laid.size() < periods.size() && periods.get(laid.size()).starts().isBefore(pin)) {
            Period period = periods.get(laid.size());
            if (logged.contains(period.key())) {
                laid.add(onPeriod(
                        period, Require.present(items.done(period.key()), "what was done on " + period.key()), true));
            } else {
                leaveWhatIsTooLong(pin);
                laid.add(onPeriod(period, taken(time.room(period.minutes()), bounds[laid.size()]), false));
            }
        }
    }

    /** Waiting for a period that is long enough is only of use where one comes. */
    private void leaveWhatIsTooLong(LocalDateTime pin) {
        double longest = longest(pin);
        while (!queue.isEmpty() && minutes(chunk()) > longest) {
            leaveOne(longest < longest(LocalDateTime.MAX) ? Why.NOT_BEFORE_THE_PINNED : Why.LONGER_THAN_ANY_PERIOD);
        }
    }

    /** Room of the longest period from here. */
    private double longest(LocalDateTime before) {
        return periods.subList(laid.size(), periods.size()).stream()
                .filter(p -> p.starts().isBefore(before) && !logged.contains(p.key()))
                .mapToDouble(p -> time.room(p.minutes()))
                .max()
                .orElse(0);
    }

    private void leaveAll(Why why) {
        while (!queue.isEmpty()) {
            leaveOne(why);
        }
    }

    /** Leaves out what is queued of the first lesson. */
    private void leaveOne(Why why) {
        String lesson = queue.element().lesson();
        List<Stage> stages = new ArrayList<>();
        while (!queue.isEmpty() && queue.element().lesson().equals(lesson)) {
            stages.add(queue.remove().stage());
        }
        left.add(new Left(lesson, stages, why));
    }

    /** Takes from the queue what fits, up to where one may stop. @param bound see {@link #bounds} */
    private List<Item> taken(double room, int bound) {
        List<Item> taken = new ArrayList<>();
        double used = 0;
        while (!queue.isEmpty() && queue.element().place() < bound) {
            List<Item> chunk = chunk();
            double minutes = minutes(chunk);
            if (used + minutes > room) {
                break;
            }
            used += minutes;
            chunk.forEach(i -> taken.add(queue.remove()));
            if (taken.get(taken.size() - 1).stage().stop() == Stop.MUST) {
                break;
            }
        }
        giveBack(taken, room - used);
        return taken;
    }

    /** Where the last stop is a poor one, goes back to a better one if little time is lost by it. */
    private void giveBack(List<Item> taken, double unused) {
        int keep = taken.size();
        double lost = unused;
        while (keep > 0 && !isFairEnd(taken.get(keep - 1))) {
            keep--;
            lost += time.planned(taken.get(keep).stage());
        }
        if (keep == 0 || lost > WORTH_A_POOR_STOP) {
            return;
        }
        while (taken.size() > keep) {
            queue.addFirst(taken.remove(taken.size() - 1));
        }
    }

    private static boolean isFairEnd(Item item) {
        Stop stop = item.stage().stop();
        return item.last() || stop == Stop.GOOD || stop == Stop.MUST;
    }

    /** The next stages that must not be parted. */
    private List<Item> chunk() {
        List<Item> chunk = new ArrayList<>();
        for (Item item : queue) {
            chunk.add(item);
            if (item.last() || item.stage().stop() != Stop.NEVER) {
                break;
            }
        }
        return chunk;
    }

    private double minutes(List<Item> some) {
        return some.stream().mapToDouble(i -> time.planned(i.stage())).sum();
    }

    private OnPeriod onPeriod(Period period, List<Item> done, boolean isLogged) {
        List<LessonPart> pieces = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= done.size(); i++) {
            if (i == done.size() || !done.get(i).lesson().equals(done.get(from).lesson())) {
                pieces.add(piece(done.subList(from, i)));
                from = i;
            }
        }
        return new OnPeriod(
                period,
                pieces,
                time.room(period.minutes()),
                minutes(done),
                done.stream().mapToDouble(i -> time.median(i.stage())).sum(),
                done.stream().mapToDouble(i -> time.quick(i.stage())).sum(),
                isLogged);
    }

    private static LessonPart piece(List<Item> run) {
        Item last = run.get(run.size() - 1);
        return new LessonPart(
                last.lesson(),
                run.stream().map(Item::stage).toList(),
                !last.last(),
                last.last() ? Stop.GOOD : last.stage().stop());
    }
}
