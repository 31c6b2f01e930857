package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.planning.Logged.Done;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.Schedule.Why;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.calendar.Period;
import grastel.core.planning.calendar.Period.State;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SchedulerTest {
    private static final LocalDateTime FIRST = LocalDateTime.of(2026, 9, 3, 11, 5);
    /** No set-up, no clearing, and shown stages, which no pace stretches: minutes are what they say. */
    private static final ClassTime PLAIN = new ClassTime(0, 0, 1);

    @Test
    void aLessonGoesOnInTheNextPeriodWhereItMayBeCut() {
        Lesson lesson = lesson("a", shown(20, Stop.GOOD), shown(15, Stop.GOOD), shown(10, Stop.GOOD));
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(3, 40), PLAIN, List.of());
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(35.0, 10.0, 0.0);
        assertThat(laid.periods().get(0).pieces()).singleElement().matches(LessonPart::goesOn);
        assertThat(laid.periods().get(1).pieces()).singleElement().matches(p -> !p.goesOn());
        assertThat(laid.periods().get(0).slack()).isEqualTo(5);
        assertThat(laid.left()).isEmpty();
    }

    @Test
    void aGradationIsNotCutAndWaitsForARoomierPeriod() {
        Lesson lesson = lesson("a", shown(25, Stop.NEVER), shown(25, Stop.GOOD));
        List<Period> periods = List.of(period(0, 40), period(1, 60));
        Schedule laid = Scheduler.lay(List.of(lesson), periods, PLAIN, List.of());
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(0.0, 50.0);
    }

    @Test
    void whatIsLongerThanAnyPeriodIsSaidAndTheRestGoesOn() {
        Lesson tooLong = lesson("long", shown(90, Stop.GOOD));
        Lesson next = lesson("next", shown(30, Stop.GOOD));
        Schedule laid = Scheduler.lay(List.of(tooLong, next), weekly(2, 40), PLAIN, List.of());
        assertThat(laid.left()).singleElement().matches(l -> l.why() == Why.LONGER_THAN_ANY_PERIOD);
        assertThat(laid.of("next")).hasSize(1);
    }

    @Test
    void aPoorStopIsAvoidedWhereLittleTimeIsLostByIt() {
        Lesson family =
                lesson("a", shown(20, Stop.GOOD), shown(8, Stop.POOR), shown(8, Stop.POOR), shown(8, Stop.GOOD));
        Schedule near = Scheduler.lay(List.of(family), weekly(2, 29), PLAIN, List.of());
        assertThat(near.periods()).extracting(OnPeriod::planned).containsExactly(20.0, 24.0);
        Schedule far = Scheduler.lay(List.of(family), weekly(2, 37), PLAIN, List.of());
        assertThat(far.periods()).extracting(OnPeriod::planned).containsExactly(36.0, 8.0);
        assertThat(far.periods().get(0).pieces().get(0).stop()).isEqualTo(Stop.POOR);
    }

    @Test
    void nothingFollowsWetWorkInItsPeriod() {
        Lesson lesson = lesson("a", shown(10, Stop.GOOD), shown(5, Stop.MUST), shown(3, Stop.GOOD));
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(2, 40), PLAIN, List.of());
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(15.0, 3.0);
    }

    @Test
    void aPinnedLessonKeepsItsDateAndWhatDoesNotFitBeforeItIsSaid() {
        Lesson before = lesson("before", shown(30, Stop.GOOD), shown(30, Stop.GOOD), shown(30, Stop.GOOD));
        Lesson pinned = pinned("pinned", FIRST.plusWeeks(2), shown(30, Stop.GOOD));
        Schedule laid = Scheduler.lay(List.of(before, pinned), weekly(4, 40), PLAIN, List.of());
        assertThat(laid.of("pinned")).extracting(p -> p.period().key()).containsExactly(FIRST.plusWeeks(2));
        assertThat(laid.left()).singleElement().satisfies(l -> {
            assertThat(l.lesson()).isEqualTo("before");
            assertThat(l.stages()).hasSize(1);
            assertThat(l.why()).isEqualTo(Why.NOT_BEFORE_THE_PINNED);
        });
    }

    @Test
    void aLessonPinnedToACancelledPeriodBeginsInTheNext() {
        Lesson pinned = pinned("pinned", FIRST.plusWeeks(1), shown(30, Stop.GOOD));
        List<Period> periods = new ArrayList<>(weekly(3, 40));
        periods.set(1, cancelled(periods.get(1)));
        Schedule laid = Scheduler.lay(List.of(pinned), periods, PLAIN, List.of());
        assertThat(laid.of("pinned")).extracting(p -> p.period().key()).containsExactly(FIRST.plusWeeks(2));
    }

    @Test
    void whatWasLoggedStaysAndTheRestFlowsOn() {
        Lesson lesson = lesson("a", shown(15, Stop.GOOD), shown(15, Stop.GOOD), shown(15, Stop.GOOD));
        Logged stopped = new Logged(period(0, 40), Set.of(new Done("a", "0")), Set.of(), false);
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(3, 40), PLAIN, List.of(stopped));
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(15.0, 30.0, 0.0);
        assertThat(laid.periods().get(0).logged()).isTrue();
    }

    @Test
    void aPeriodThatDidNotHappenMovesEverythingOn() {
        Lesson lesson = lesson("a", shown(30, Stop.GOOD), shown(30, Stop.GOOD));
        Logged nothing = new Logged(period(0, 40), Set.of(), Set.of(), false);
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(3, 40), PLAIN, List.of(nothing));
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(0.0, 30.0, 30.0);
    }

    @Test
    void whatWasLoggedOutlivesAChangeOfTheTimetable() {
        Lesson lesson = lesson("a", shown(30, Stop.GOOD), shown(30, Stop.GOOD));
        Logged done = new Logged(period(0, 40), Set.of(new Done("a", "0")), Set.of(), false);
        List<Period> later = weekly(3, 40).stream()
                .map(p ->
                        new Period(p.key().plusMinutes(5), p.starts().plusMinutes(5), p.minutes(), p.room(), p.state()))
                .toList();
        Schedule laid = Scheduler.lay(List.of(lesson), later, PLAIN, List.of(done));
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(30.0, 30.0, 0.0);
        assertThat(laid.periods()).extracting(OnPeriod::logged).containsExactly(true, false, false);
    }

    @Test
    void aPastPeriodWithoutALogTakesNothingThatComesAfterWhatWasDoneLater() {
        Lesson lesson = lesson("a", shown(30, Stop.GOOD), shown(30, Stop.GOOD), shown(30, Stop.GOOD));
        Logged second = new Logged(period(1, 40), Set.of(new Done("a", "1")), Set.of(), false);
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(4, 70), PLAIN, List.of(second));
        assertThat(laid.periods()).extracting(OnPeriod::planned).containsExactly(30.0, 30.0, 30.0, 0.0);
    }

    @Test
    void aFinishedLessonStaysFinishedThoughItsStagesAreOthersNow() {
        Lesson lesson = lesson("a", shown(30, Stop.GOOD), shown(30, Stop.GOOD));
        Logged finished = new Logged(period(0, 40), Set.of(new Done("a", "gone")), Set.of("a"), false);
        Schedule laid = Scheduler.lay(List.of(lesson), weekly(3, 40), PLAIN, List.of(finished));
        assertThat(laid.periods().get(0).planned()).isEqualTo(60);
        assertThat(laid.periods().get(1).pieces()).isEmpty();
    }

    @Test
    void theSlowestOfThreeInFourDecides() {
        Stage drawing = new Stage("w", Kind.WORK, Part.NONE, 20, Stop.GOOD, List.of());
        ClassTime slow = new ClassTime(5, 5, 0.8);
        OnPeriod only = Scheduler.lay(List.of(new Lesson("a", List.of(drawing), null)), weekly(1, 45), slow, List.of())
                .periods()
                .get(0);
        // 20 / 0.8 = 25; third quartile of a log-normal: × exp(0.25 × 0.67449) = 1.18366
        assertThat(only.median()).isEqualTo(25);
        assertThat(only.planned()).isCloseTo(29.5915, within(1e-3));
        assertThat(only.quick()).isCloseTo(21.1209, within(1e-3));
        assertThat(only.room()).isEqualTo(35);
    }

    @Test
    void withoutPeriodsEverythingIsLeft() {
        Schedule laid =
                Scheduler.lay(List.of(lesson("a", shown(5, Stop.GOOD)), lesson("empty")), List.of(), PLAIN, List.of());
        assertThat(laid.left()).extracting(Schedule.Left::lesson).containsExactly("a");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void lawsHoldForAnyCourse(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            Course course = new Course(random);
            Schedule laid = course.laid(course.periods, course.log);
            course.nothingIsLostOrDoubled(laid);
            course.orderIsKept(laid);
            course.noPeriodIsOverItsLength(laid);
            course.nothingIsCutWhereItMustNotBe(laid);
            course.pinsAreKept(laid);
            assertThat(course.laid(course.periods, course.log)).isEqualTo(laid);
            course.cancellingAndRestoringChangesNothing(laid, random);
        }
    }

    /** A course drawn by chance, with pins and a log of its first periods. */
    private static final class Course {
        private final List<Lesson> lessons = new ArrayList<>();
        private final List<Period> periods = new ArrayList<>();
        private final List<Logged> log = new ArrayList<>();
        private final ClassTime time;

        Course(Random random) {
            time = new ClassTime(random.nextInt(6), random.nextInt(6), 0.5 + random.nextDouble());
            int weeks = random.nextInt(30);
            for (int i = 0; i < weeks; i++) {
                periods.add(period(i, 20 + random.nextInt(60)));
            }
            int count = random.nextInt(12);
            for (int i = 0; i < count; i++) {
                LocalDateTime pin = random.nextInt(6) == 0 ? FIRST.plusWeeks(random.nextInt(32)) : null;
                lessons.add(new Lesson("l" + i, stages(random), pin));
            }
            List<OnPeriod> planned = laid(periods, List.of()).periods();
            for (int i = 0; i < Math.min(planned.size(), random.nextInt(6)); i++) {
                if (random.nextInt(4) > 0) {
                    log.add(logged(planned.get(i), random));
                }
            }
        }

        private static List<Stage> stages(Random random) {
            Stop[] stops = Stop.values();
            return IntStream.range(0, random.nextInt(9))
                    .mapToObj(i -> new Stage(
                            String.valueOf(i),
                            random.nextInt(3) == 0 ? Kind.SHOW : Kind.WORK,
                            Part.NONE,
                            25 * random.nextDouble(),
                            stops[random.nextInt(stops.length)],
                            List.of()))
                    .toList();
        }

        private static Logged logged(OnPeriod planned, Random random) {
            Set<Done> done = new HashSet<>();
            planned.pieces()
                    .forEach(p -> p.stages().stream()
                            .limit(random.nextInt(4))
                            .forEach(s -> done.add(new Done(p.lesson(), s.id()))));
            return new Logged(planned.period(), done, Set.of(), false);
        }

        Schedule laid(List<Period> on, List<Logged> with) {
            return Scheduler.lay(lessons, on, time, with);
        }

        private static List<Done> placed(Schedule laid) {
            return laid.periods().stream()
                    .flatMap(p -> p.pieces().stream())
                    .flatMap(p -> p.stages().stream().map(s -> new Done(p.lesson(), s.id())))
                    .toList();
        }

        private List<Done> all() {
            return lessons.stream()
                    .flatMap(l -> l.stages().stream().map(s -> new Done(l.id(), s.id())))
                    .toList();
        }

        void nothingIsLostOrDoubled(Schedule laid) {
            List<Done> found = new ArrayList<>(placed(laid));
            laid.left().forEach(l -> l.stages().forEach(s -> found.add(new Done(l.lesson(), s.id()))));
            assertThat(found).containsExactlyInAnyOrderElementsOf(all());
        }

        void orderIsKept(Schedule laid) {
            List<Done> inOrder = all();
            List<Done> planned = laid.periods().stream()
                    .filter(p -> !p.logged())
                    .flatMap(p -> p.pieces().stream())
                    .flatMap(p -> p.stages().stream().map(s -> new Done(p.lesson(), s.id())))
                    .toList();
            assertThat(planned.stream().map(inOrder::indexOf).toList()).isSorted();
            assertThat(laid.left().stream()
                            .map(l -> l.lesson().substring(1))
                            .map(Integer::valueOf)
                            .toList())
                    .isSorted();
        }

        void noPeriodIsOverItsLength(Schedule laid) {
            assertThat(laid.periods().stream().filter(p -> !p.logged())).allMatch(p -> p.planned() <= p.room() + 1e-9);
        }

        void nothingIsCutWhereItMustNotBe(Schedule laid) {
            laid.periods().stream().filter(p -> !p.logged()).forEach(p -> {
                assertThat(p.pieces())
                        .noneMatch(piece -> piece.goesOn() && piece.stop() == Stop.NEVER && !wasCutByTheLog(piece));
                for (int i = 0; i < p.pieces().size(); i++) {
                    List<Stage> stages = p.pieces().get(i).stages();
                    boolean lastPiece = i == p.pieces().size() - 1;
                    assertThat(stages.subList(0, lastPiece ? stages.size() - 1 : stages.size()))
                            .noneMatch(s -> s.stop() == Stop.MUST);
                }
            });
        }

        /** A stage whose follower has been done already has nothing left to be kept together with. */
        private boolean wasCutByTheLog(LessonPart piece) {
            List<Stage> own = lessons.stream()
                    .filter(l -> l.id().equals(piece.lesson()))
                    .findFirst()
                    .orElseThrow()
                    .stages();
            int next = own.indexOf(piece.stages().get(piece.stages().size() - 1)) + 1;
            Done follower = new Done(piece.lesson(), own.get(next).id());
            return log.stream().anyMatch(l -> l.done().contains(follower));
        }

        void pinsAreKept(Schedule laid) {
            for (Lesson lesson : lessons) {
                boolean begun = log.stream()
                        .anyMatch(
                                l -> l.done().stream().anyMatch(d -> d.lesson().equals(lesson.id())));
                if (lesson.pin() != null && !begun) {
                    assertThat(laid.of(lesson.id()))
                            .allMatch(p -> !p.period().starts().isBefore(lesson.pin()));
                }
            }
        }

        void cancellingAndRestoringChangesNothing(Schedule before, Random random) {
            if (periods.isEmpty()) {
                return;
            }
            int at = random.nextInt(periods.size());
            Period held = periods.set(at, cancelled(periods.get(at)));
            nothingIsLostOrDoubled(laid(periods, log));
            periods.set(at, held);
            assertThat(laid(periods, log)).isEqualTo(before);
        }
    }

    private static Lesson lesson(String id, Stage... stages) {
        return pinned(id, null, stages);
    }

    private static Lesson pinned(String id, LocalDateTime pin, Stage... stages) {
        List<Stage> numbered = IntStream.range(0, stages.length)
                .mapToObj(i -> new Stage(
                        String.valueOf(i),
                        stages[i].kind(),
                        Part.NONE,
                        stages[i].minutes(),
                        stages[i].stop(),
                        List.of()))
                .toList();
        return new Lesson(id, numbered, pin);
    }

    private static Stage shown(double minutes, Stop stop) {
        return new Stage("", Kind.SHOW, Part.NONE, minutes, stop, List.of());
    }

    private static Period period(int week, int minutes) {
        LocalDateTime at = FIRST.plusWeeks(week);
        return new Period(at, at, minutes, "", State.USUAL);
    }

    private static List<Period> weekly(int weeks, int minutes) {
        return IntStream.range(0, weeks).mapToObj(i -> period(i, minutes)).toList();
    }

    private static Period cancelled(Period p) {
        return new Period(p.key(), p.starts(), p.minutes(), p.room(), State.CANCELLED);
    }
}
