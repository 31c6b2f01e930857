package grastel.core.scanner.hand;

import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import java.util.List;
import java.util.random.RandomGenerator;

/** What a student does with the boxes that ask for each pencil at full pressure. */
public enum KeyHabit {
    AS_ASKED,
    /** As lightly as everything else. */
    LIGHT,
    /** Rubbed until it shines. */
    BURNISHED,
    /** Some are forgotten. */
    FORGOTTEN,
    /** Some are filled with whichever pencil lay nearest. */
    MISTAKEN;

    /** Of a box that may be forgotten or mistaken. */
    private static final double OFTEN = 0.4;

    private static final double MOST_AS_ASKED = 0.7;

    /** Most do as they are asked; nobody knows what the others do instead. */
    public static KeyHabit any(RandomGenerator random) {
        return random.nextDouble() < MOST_AS_ASKED ? AS_ASKED : values()[random.nextInt(1, values().length)];
    }

    /** What is drawn in a pencil's box: nothing where it is forgotten. @param all the sheet's pencils */
    public List<Layer> layers(Pencil asked, List<Pencil> all, RandomGenerator random) {
        Layer full = full(asked);
        return switch (this) {
            case AS_ASKED -> List.of(full);
            case LIGHT -> List.of(new Layer.Colour(Pass.of(asked, PressureGrade.LIGHT), 1));
            case BURNISHED -> List.of(full, new Layer.Burnish(asked, 2));
            case FORGOTTEN -> random.nextDouble() < OFTEN ? List.of() : List.of(full);
            case MISTAKEN -> List.of(random.nextDouble() < OFTEN ? full(all.get(random.nextInt(all.size()))) : full);
        };
    }

    private static Layer full(Pencil pencil) {
        return new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 2);
    }
}
