package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.Shipped;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.media.Pencil;
import grastel.core.progress.ClassPressures.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ClassPressuresTest {
    private static final Pencil BLUE = Shipped.pencil("S16");
    private static final int STUDENTS = 24;

    /** A class that presses each grade by a factor, its students scattered by a fifth. */
    private static List<Box> scales(double factor, Random random, PressureGrade... grades) {
        return scales(factor, 0, random, grades);
    }

    /** @param off what the real pencil is lighter than it is thought to be, L* */
    private static List<Box> scales(double factor, double off, Random random, PressureGrade... grades) {
        List<Box> boxes = new ArrayList<>();
        for (int student = 0; student < STUDENTS; student++) {
            double hand = factor * Math.exp(0.2 * random.nextGaussian());
            for (PressureGrade grade : grades) {
                Pass pass = new Pass(BLUE, Math.min(1, hand * grade.pressure()), Pass.USUAL_POINT, Stroke.CIRCLES);
                double drawn =
                        Swatch.bare(Shipped.CARTRIDGE).with(pass, 2).colour().lightness();
                boxes.add(new Box(BLUE, Shipped.CARTRIDGE, grade, 2, drawn + off + random.nextGaussian()));
            }
        }
        return boxes;
    }

    @Test
    void whatNobodyDrewIsAsTaught() {
        ClassPressures none = ClassPressures.of(List.of());
        assertThat(none.pressures().shares())
                .usingElementComparator(ClassPressuresTest::nearly)
                .isEqualTo(Pressures.TAUGHT.shares());
        assertThat(none.boxes()).containsOnly(0);
        ClassPressures one = ClassPressures.of(scales(1.4, new Random(1), PressureGrade.LIGHT));
        assertThat(one.pressures().of(PressureGrade.FIRM)).isCloseTo(PressureGrade.FIRM.pressure(), within(1e-6));
        assertThat(one.pressures().of(PressureGrade.LIGHT)).isGreaterThan(PressureGrade.LIGHT.pressure());
        assertThat(one.plusMinus().get(1)).isLessThan(one.plusMinus().get(3) / 2);
    }

    private static int nearly(double a, double b) {
        return Math.abs(a - b) < 1e-6 ? 0 : Double.compare(a, b);
    }

    @Test
    void aClassThatPressesHarderOrSofterIsFoundWithinWhatIsSaidThoughThePencilIsOff() {
        int within = 0;
        int asked = 0;
        for (double factor : new double[] {0.7, 0.85, 1, 1.2, 1.4}) {
            for (int seed = 0; seed < 8; seed++) {
                Random random = new Random(seed);
                ClassPressures found = ClassPressures.of(scales(
                        factor,
                        2 * random.nextGaussian(),
                        random,
                        PressureGrade.WHISPER,
                        PressureGrade.LIGHT,
                        PressureGrade.MEDIUM));
                for (PressureGrade grade : List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.MEDIUM)) {
                    double off = Math.abs(found.pressures().of(grade) - factor * grade.pressure());
                    within += off <= found.plusMinus().get(grade.ordinal()) ? 1 : 0;
                    asked++;
                }
            }
        }
        assertThat((double) within / asked).isGreaterThanOrEqualTo(0.9);
    }

    @Test
    void aFewOddHandsDoNotMoveIt() {
        List<Box> boxes = scales(1, new Random(5), PressureGrade.LIGHT);
        for (int odd = 0; odd < 4; odd++) {
            boxes.add(new Box(BLUE, Shipped.CARTRIDGE, PressureGrade.LIGHT, 2, 25));
        }
        assertThat(ClassPressures.of(boxes).pressures().of(PressureGrade.LIGHT)).isCloseTo(0.2, within(0.05));
    }

    @Test
    void aHarderGradeIsNeverTheSofter() {
        List<Box> boxes = new ArrayList<>(scales(2, new Random(2), PressureGrade.WHISPER));
        boxes.addAll(scales(0.4, new Random(3), PressureGrade.LIGHT));
        assertThat(ClassPressures.of(boxes).pressures().shares()).isSorted();
    }
}
