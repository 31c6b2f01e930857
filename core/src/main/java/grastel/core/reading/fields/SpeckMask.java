package grastel.core.reading.fields;

import grastel.core.page.Rect;
import java.util.Arrays;

/** Which samples of a field were taken for paper, and which for pencil; the others were not looked at. */
public final class SpeckMask {
    private enum Seen {
        NOTHING,
        PAPER,
        PENCIL
    }

    public final Rect area;
    public final int width;
    public final int height;
    private final Seen[] seen;

    /** @param area what is sampled, mm */
    SpeckMask(Rect area, int width, int height) {
        this.area = area;
        this.width = width;
        this.height = height;
        this.seen = new Seen[width * height];
        Arrays.fill(seen, Seen.NOTHING);
    }

    void set(int i, boolean paper) {
        seen[i] = paper ? Seen.PAPER : Seen.PENCIL;
    }

    public boolean isLookedAt(int i) {
        return seen[i] != Seen.NOTHING;
    }

    public boolean isPaper(int i) {
        return seen[i] == Seen.PAPER;
    }
}
