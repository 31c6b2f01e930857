package grastel.core.media;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The pencils a class has at hand.
 *
 * @param name as the class calls it
 * @param pencils 1…200, each range code once
 */
public record PencilSet(String name, List<Pencil> pencils) {
    public static final int MOST = 200;

    public PencilSet {
        if (name == null || name.isBlank()) {
            throw new IllegalArgumentException("A set needs a name");
        }
        pencils = List.copyOf(pencils);
        if (pencils.isEmpty() || pencils.size() > MOST) {
            throw new IllegalArgumentException("Set " + name + " must hold 1…200 pencils, holds " + pencils.size());
        }
        Set<Pencil> seen = new HashSet<>();
        for (Pencil pencil : pencils) {
            if (!seen.add(pencil)) {
                throw new IllegalArgumentException("Set " + name + " holds pencil " + pencil.code() + " twice");
            }
        }
    }
}
