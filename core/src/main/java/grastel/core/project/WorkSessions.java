package grastel.core.project;

import grastel.core.checks.Require;
import grastel.core.exercise.FieldWork;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.PicturePlan.Guide;
import grastel.core.reference.Frame;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The work of a picture cut into sessions: zones in their order, a zone parted only where it does not fit. */
public final class WorkSessions {
    /** Setting up, clearing and looking together, minutes of each session: the course's usual. */
    public static final double AROUND_MINUTES = 10;
    /** Outlines onto the paper, at the beginning: an allowance, not measured. */
    public static final double OUTLINES_MINUTES = 15;
    /** Less is not worth taking up another zone's pencils for. */
    private static final double LEAST_MINUTES = 6;

    private WorkSessions() {}

    /** @param zone from 1; 0 for the outlines; @param goesOn true where the zone is not finished in this session */
    public record Share(int zone, double minutes, boolean goesOn) {}

    public record Session(List<Share> work) {
        public Session {
            work = List.copyOf(work);
        }

        public double minutes() {
            return work.stream().mapToDouble(Share::minutes).sum();
        }
    }

    /** Minutes of each zone that is drawn, by its number from 1: those of its sheet and of the course. */
    public static Map<Integer, Double> minutes(Work work, List<Integer> order, Frame frame, Setting setting) {
        if (work.tones().stream().allMatch(t -> t.layers().isEmpty())) {
            return Map.of();
        }
        PlanBuilder builder = new PlanBuilder(setting);
        builder.picture("", frame.widthMm(), frame.heightMm(), work, order, Guide.NONE);
        ExercisePlan plan = builder.plan("", "", "");
        return FieldWork.zones(
                        plan.fields().get(0), plan.palette(), setting.band().cm2PerMinute())
                .stream()
                .collect(Collectors.toMap(
                        FieldWork.Zone::number,
                        zone -> zone.work().stream()
                                .mapToDouble(FieldWork.PictureWork::minutes)
                                .sum()));
    }

    /**
     * @param order of zones; those without minutes stay bare
     * @param minutes of each zone
     * @param sessionMinutes from bell to bell, over {@value #AROUND_MINUTES}
     */
    public static List<Session> of(List<Integer> order, Map<Integer, Double> minutes, double sessionMinutes) {
        double room = sessionMinutes - AROUND_MINUTES;
        if (!(room >= LEAST_MINUTES)) {
            throw new IllegalArgumentException("A session of " + sessionMinutes + " min leaves no time to draw");
        }
        Filling filling = new Filling(room);
        filling.add(0, OUTLINES_MINUTES);
        order.stream().filter(minutes::containsKey).forEach(zone -> filling.add(zone, Require.key(minutes, zone)));
        return filling.done();
    }

    private static final class Filling {
        private final double room;
        private final List<Session> sessions = new ArrayList<>();
        private List<Share> now = new ArrayList<>();
        private double left;

        Filling(double room) {
            this.room = room;
            this.left = room;
        }

        void add(int zone, double minutes) {
            double rest = minutes;
            while (rest > left + 1e-9) {
                if (left >= LEAST_MINUTES && rest - left >= LEAST_MINUTES) {
                    now.add(new Share(zone, left, true));
                    rest -= left;
                    next();
                } else if (left < room) {
                    next();
                } else {
                    // a whole session and a remainder too small to stand alone: two halves
                    now.add(new Share(zone, rest / 2, true));
                    rest /= 2;
                    next();
                }
            }
            now.add(new Share(zone, rest, false));
            left -= rest;
        }

        private void next() {
            if (!now.isEmpty()) {
                sessions.add(new Session(now));
            }
            now = new ArrayList<>();
            left = room;
        }

        List<Session> done() {
            next();
            return List.copyOf(sessions);
        }
    }
}
