package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.planning.Pace.Observation;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PaceTest {
    @Test
    void knowsNothingBeforeAnythingWasSeen() {
        assertThat(Pace.learned(List.of())).isEqualTo(Pace.UNKNOWN);
    }

    @Test
    void isTheConjugateNormalWhereAllIsSeen() {
        // precisions 1/0.35² = 8.16327 and 2/0.3² = 22.2222; mean 22.2222 · ln 0.8 / 30.3855 = −0.163195
        Pace pace = Pace.learned(List.of(seen(0.8), seen(0.8)));
        assertThat(Math.log(pace.speed())).isCloseTo(-0.163195, within(1e-5));
        assertThat(pace.sigma()).isCloseTo(1 / Math.sqrt(30.3855), within(1e-5));
        assertThat(pace.seen()).isEqualTo(2);
    }

    @Test
    void oneWhoFinishedEarlyIsNotTakenForSlow() {
        Pace finished = Pace.learned(List.of(new Observation(0.4, true)));
        assertThat(finished.speed()).isCloseTo(1, within(0.01)).isGreaterThan(1);
        assertThat(Pace.learned(List.of(seen(0.4))).speed()).isLessThan(0.7);
        assertThat(Pace.learned(List.of(new Observation(1.5, true))).speed()).isGreaterThan(1.2);
    }

    @Test
    void nonsenseInTheRecordDoesNoHarm() {
        Pace pace = Pace.learned(List.of(seen(1e300), seen(0), new Observation(1e9, true), new Observation(0, true)));
        assertThat(pace.speed()).isFinite().isPositive();
        assertThat(pace.sigma()).isFinite().isPositive();
    }

    @Test
    void aPlanThatComesOutExactlySaysTheUsualPace() {
        ClassTime usual = new ClassTime(0, 0, 1);
        assertThat(Pace.logged(20, usual.planned(drawing(20)), false).speed()).isCloseTo(1, within(1e-9));
    }

    @Test
    void aPageTellsHalfOfTheFieldThatWasUnderWay() {
        List<Stage> work = List.of(drawing(10), drawing(10), drawing(10));
        assertThat(Pace.page(work, 2, 30)).isEqualTo(new Observation(0.5, false));
        assertThat(Pace.page(work, 3, 30))
                .as("its last field may be half done")
                .isEqualTo(new Observation(20 / 30.0, true));
        assertThat(Pace.page(work, 0, 30).atLeast()).isFalse();
    }

    /** Classes whose true pace is known: many students, stages of some minutes, half of them finishing early. */
    @Test
    void findsTheTruePaceAndSaysHowSureItIs() {
        Random random = new Random(11);
        int classes = 200;
        int covered = 0;
        double bias = 0;
        for (int i = 0; i < classes; i++) {
            double truth = Math.exp(Pace.PRIOR_SIGMA * random.nextGaussian());
            Pace pace = Pace.learned(pages(truth, 24, random));
            bias += Math.log(pace.speed() / truth) / classes;
            covered += pace.least() <= truth && truth <= pace.most() ? 1 : 0;
        }
        assertThat(bias).as("mean error of the logarithm").isBetween(-0.04, 0.04);
        assertThat(covered).as("of 200 intervals of 90 %").isBetween(170, 198);
    }

    /**
     * The same where every lesson's plan is off by a factor of its own, which all its pages share: taken as if they had
     * nothing to do with one another, they would promise far too much.
     */
    @Test
    void pagesOfOneLessonDoNotPromiseMoreThanTheyKnow() {
        Random random = new Random(12);
        int covered = 0;
        int naively = 0;
        for (int i = 0; i < 200; i++) {
            double truth = Math.exp(Pace.PRIOR_SIGMA * random.nextGaussian());
            List<Observation> all = new ArrayList<>();
            List<Observation> naive = new ArrayList<>();
            for (int lesson = 0; lesson < 3; lesson++) {
                List<Observation> pages = pages(truth * Math.exp(0.2 * random.nextGaussian()), 24, random);
                all.addAll(Pace.ofOneLesson(pages));
                naive.addAll(pages);
            }
            covered += holds(Pace.learned(all), truth);
            naively += holds(Pace.learned(naive), truth);
        }
        assertThat(covered).as("of 200 intervals of 90 %").isBetween(170, 198);
        assertThat(naively).isLessThan(140);
    }

    private static int holds(Pace pace, double truth) {
        return pace.least() <= truth && truth <= pace.most() ? 1 : 0;
    }

    private static List<Observation> pages(double truth, int students, Random random) {
        List<Stage> work = List.of(drawing(6), drawing(8), drawing(4), drawing(7), drawing(5));
        List<Observation> seen = new ArrayList<>();
        for (int s = 0; s < students; s++) {
            double does = 28 * truth * Math.exp(ClassTime.SPREAD * random.nextGaussian());
            int reached = 0;
            for (double begun = 0; reached < work.size() && begun < does; reached++) {
                begun += work.get(reached).minutes();
            }
            seen.add(Pace.page(work, reached, 28));
        }
        return seen;
    }

    private static Observation seen(double speed) {
        return new Observation(speed, false);
    }

    private static Stage drawing(double minutes) {
        return new Stage("w" + minutes, Kind.WORK, Part.NONE, minutes, Stop.GOOD, List.of());
    }
}
