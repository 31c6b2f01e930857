package grastel.app.course.paper;

import grastel.app.course.CourseViews.StageView;
import grastel.core.planning.Skill;
import grastel.core.planning.Stop;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words of courses on paper. */
public final class PaperWords {
    private static final DateTimeFormatter MEETING = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private PaperWords() {}

    static String skill(Skill skill) {
        return switch (skill) {
            case TINT_HUE_SHADE -> "tint, hue, shade";
            case TEMPERATURE -> "temperature and glaze";
            case TONED_PAPER -> "light and dark on toned paper";
            default -> skill.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }

    static String skills(List<Skill> skills, String between) {
        return skills.stream().map(PaperWords::skill).collect(Collectors.joining(between));
    }

    /** What is done in a stage. */
    public static String stage(StageView stage) {
        return switch (stage.kind()) {
            case SHOW -> "Show and explain";
            case LOOK_TOGETHER -> "Look together";
            case DISSOLVE -> "Dissolve, leave to dry";
            case WORK -> stage.field().isEmpty() ? "Draw" : field(stage);
        };
    }

    private static String field(StageView stage) {
        String label = stage.label().isEmpty() ? "field " + stage.field() : stage.label();
        return Stream.of(stage.group(), label).filter(w -> !w.isEmpty()).collect(Collectors.joining(" "));
    }

    static String stop(Stop stop) {
        return switch (stop) {
            case GOOD -> "may stop here";
            case POOR -> "better not stop here";
            case NEVER -> "do not stop here";
            case MUST -> "stop: nothing touches it until it is dry";
        };
    }

    static String meeting(LocalDateTime at) {
        return MEETING.format(at);
    }

    static String day(LocalDate date) {
        return DAY.format(date);
    }

    static String minutes(double minutes) {
        return Math.round(minutes) + " min";
    }
}
