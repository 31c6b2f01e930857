package grastel.core.exercise;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.layering.Pressures;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.project.ReferencePiece;
import grastel.core.reading.picture.Picture;
import grastel.core.recipe.Method;
import grastel.core.reference.Focus;
import grastel.core.reference.Frame;
import grastel.core.reference.Reference;
import grastel.core.reference.View;
import grastel.core.reference.Zones;
import grastel.core.stilllife.HarbourFind;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Finds from the harbour as pictures to draw. */
public final class Pieces {
    /** What a piece is made of takes a second to find, and many tests draw the same ones. */
    private static final Map<Asked, Piece.Work> WORKED = new ConcurrentHashMap<>();

    private record Asked(HarbourFind find, Frame frame, Paper paper, List<Pencil> colours, Method method) {}

    public static final Piece FLOAT = of(HarbourFind.GLASS_FLOAT, 100, 125);

    private Pieces() {}

    public static Piece of(HarbourFind find, double widthMm, double heightMm) {
        Frame frame = new Frame(widthMm, heightMm);
        return new Piece() {
            @Override
            public String id() {
                return find.name();
            }

            @Override
            public String title() {
                return find.name();
            }

            @Override
            public double widthMm() {
                return widthMm;
            }

            @Override
            public double heightMm() {
                return heightMm;
            }

            @Override
            public Work work(Setting setting) {
                return WORKED.computeIfAbsent(
                        new Asked(find, frame, setting.paper(), setting.colours(), setting.method()),
                        asked -> worked(setting));
            }

            private Work worked(Setting setting) {
                Reference reference = Reference.of(Picture.of(find.picture(900, 1)), View.WHOLE, frame);
                Zones zones = Zones.of(reference, 8, 20);
                return ReferencePiece.work(
                                reference,
                                zones,
                                frame,
                                setting.paper(),
                                ReferencePiece.mixed(zones, setting.paper(), setting.colours(), setting.method()),
                                ReferencePiece.CELL_MM,
                                4,
                                5)
                        .with(focus(reference), LightFrom.UPPER_LEFT);
            }

            /** Where the picture itself is strongest. */
            private PicturePlan.FocusPoint focus(Reference reference) {
                Focus focus = Focus.proposed(reference, frame);
                return new PicturePlan.FocusPoint(
                        new Point(focus.x() * frame.widthMm(), focus.y() * frame.heightMm()), focus.radiusMm());
            }
        };
    }

    /** Two dozen pencils and one piece to draw. */
    public static Setting setting(Piece piece) {
        return new Setting(
                new PencilSet("Some", Shipped.ALL.subList(0, 24)),
                Shipped.CARTRIDGE,
                Method.USUAL,
                GradeBand.DEVELOPING,
                Pressures.TAUGHT,
                List.of(piece));
    }
}
