package grastel.app.projects;

import grastel.core.exercise.LightFrom;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.reference.Focus;
import grastel.core.reference.Frame;
import grastel.core.reference.ValueMap;
import grastel.core.reference.ValueMap.Wanted;
import grastel.core.reference.View;
import grastel.core.reference.Zones;
import grastel.core.reference.Zones.Join;
import grastel.core.reference.Zones.Split;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a picture lies in its frame and is measured; as asked for and as kept.
 *
 * @param version of this shape, {@value #VERSION}
 * @param frameWidthMm and frameHeightMm of what is drawn in
 * @param quarterTurns of the picture to the right
 * @param zoom 1 for as much as the frame holds
 * @param centreX and centreY of what is seen, shares of the turned picture
 * @param steps of value
 * @param islandMm2 areas under this join a neighbour
 * @param smoothMm how wide details are that may go
 * @param followMm how far outlines may leave the edges they follow
 * @param columns and rows of the grid
 * @param zones at most so many areas of one colour each
 * @param set pencils it is drawn with; null for the whole kit
 * @param paper it is drawn on; null for the kit's first
 * @param pencils at most so many; null for as many as help
 * @param splits zones made two by hand, before any are joined: a place in each, two shares of the frame parted by a blank
 * @param joins zones made one by hand: a place in the one and a place in the other, four shares of the frame parted by blanks
 * @param focus where the eye is to go first, two shares of the frame parted by a blank; null for nowhere
 * @param light where it comes from; null for not said
 * @param glazed true where one thin glaze is to tie zones together
 * @param names of zones: a place in it, two shares of the frame, and the name, without commas
 */
public record ProjectData(
        Integer version,

        @NotNull @DecimalMin("" + Frame.LEAST_MM) @DecimalMax("" + Frame.MOST_MM)
        Double frameWidthMm,

        @NotNull @DecimalMin("" + Frame.LEAST_MM) @DecimalMax("" + Frame.MOST_MM)
        Double frameHeightMm,

        @NotNull @Min(0) @Max(3) Integer quarterTurns,

        @NotNull @DecimalMin("1") @DecimalMax("" + View.MOST_ZOOM)
        Double zoom,

        @NotNull @DecimalMin("0") @DecimalMax("1") Double centreX,
        @NotNull @DecimalMin("0") @DecimalMax("1") Double centreY,

        @NotNull @Min(ValueMap.FEWEST_STEPS) @Max(ValueMap.MOST_STEPS)
        Integer steps,

        @NotNull @DecimalMin("0") @DecimalMax("" + ValueMap.MOST_ISLAND_MM2)
        Double islandMm2,

        @NotNull @DecimalMin("0") @DecimalMax("" + ValueMap.MOST_SMOOTH_MM)
        Double smoothMm,

        @NotNull @DecimalMin("0.2") @DecimalMax("5") Double followMm,
        @NotNull @Min(2) @Max(12) Integer columns,
        @NotNull @Min(2) @Max(12) Integer rows,
        @Min(Zones.FEWEST) @Max(Zones.MOST) Integer zones,
        @Nullable UUID set,
        @Nullable UUID paper,
        @Min(2) @Max(36) Integer pencils,
        @Size(max = 22) List<@Pattern(regexp = PLACE) String> splits,
        @Size(max = 50) List<@Pattern(regexp = JOIN) String> joins,
        @Size(max = 50) List<@Pattern(regexp = NAME) @Size(max = 60) String> names,
        @Pattern(regexp = PLACE) @Nullable String focus,
        @Nullable LightFrom light,
        Boolean glazed) {
    static final int VERSION = 1;
    private static final String SHARE = "(0(\\.\\d{1,6})?|1)";
    private static final String JOIN = SHARE + " " + SHARE + " " + SHARE + " " + SHARE;
    private static final String PLACE = SHARE + " " + SHARE;
    private static final String NAME = SHARE + " " + SHARE + " [^,]*[^,\\s][^,]*";
    private static final int USUAL_ZONES = 10;
    /** What a page has key boxes for. */
    private static final int USUAL_PENCILS = 12;

    public ProjectData {
        version = version == null ? VERSION : version;
        zones = zones == null ? USUAL_ZONES : zones;
        glazed = glazed != null && glazed;
        splits = splits == null ? List.of() : List.copyOf(splits);
        joins = joins == null ? List.of() : List.copyOf(joins);
        names = names == null ? List.of() : List.copyOf(names);
    }

    /** @param islandMm2 that suits a class; @param wide true for a picture that is wider than high: the frame lies as it does */
    static ProjectData usual(double islandMm2, boolean wide) {
        return new ProjectData(
                VERSION,
                wide ? 180.0 : 150.0,
                wide ? 135.0 : 200.0,
                0,
                1.0,
                0.5,
                0.5,
                5,
                islandMm2,
                1.5,
                1.0,
                wide ? 6 : 4,
                wide ? 4 : 6,
                USUAL_ZONES,
                null,
                null,
                USUAL_PENCILS,
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                false);
    }

    /** In the frame of another, by its grid, with its pencils, on its paper. */
    ProjectData within(ProjectData other) {
        return new ProjectData(
                version,
                other.frameWidthMm,
                other.frameHeightMm,
                quarterTurns,
                zoom,
                centreX,
                centreY,
                steps,
                islandMm2,
                smoothMm,
                followMm,
                other.columns,
                other.rows,
                zones,
                other.set,
                other.paper,
                other.pencils,
                splits,
                joins,
                names,
                focus,
                light,
                glazed);
    }

    /** What does not hang on the picture, for another one. */
    ProjectData ofAnother() {
        return new ProjectData(
                VERSION,
                frameWidthMm,
                frameHeightMm,
                0,
                1.0,
                0.5,
                0.5,
                steps,
                islandMm2,
                smoothMm,
                followMm,
                columns,
                rows,
                zones,
                set,
                paper,
                pencils,
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                glazed);
    }

    Frame frame() {
        return new Frame(frameWidthMm, frameHeightMm);
    }

    View view() {
        return new View(quarterTurns, zoom, centreX, centreY);
    }

    List<Split> splitsByHand() {
        return splits.stream()
                .map(s -> s.split(" "))
                .map(at -> new Split(Double.parseDouble(at[0]), Double.parseDouble(at[1])))
                .toList();
    }

    List<Join> joinsByHand() {
        return joins.stream()
                .map(j -> Arrays.stream(j.split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .map(at -> new Join(at[0], at[1], at[2], at[3]))
                .toList();
    }

    /** As it is drawn; null for none. */
    PicturePlan.@Nullable FocusPoint focused() {
        if (focus == null) {
            return null;
        }
        String[] at = focus.split(" ");
        Point middle = new Point(Double.parseDouble(at[0]) * frameWidthMm, Double.parseDouble(at[1]) * frameHeightMm);
        return new PicturePlan.FocusPoint(middle, Focus.radiusMm(frame()));
    }

    /** What a zone was called last; empty for nothing. */
    String name(Zones of, int zone) {
        String name = "";
        for (String one : names) {
            String[] parts = one.split(" ", 3);
            if (of.at(Double.parseDouble(parts[0]), Double.parseDouble(parts[1])) == zone) {
                name = parts[2].strip();
            }
        }
        return name;
    }

    Wanted wanted() {
        return new Wanted(steps, islandMm2, smoothMm);
    }
}
