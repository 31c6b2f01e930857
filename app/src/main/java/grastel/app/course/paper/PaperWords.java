package grastel.app.course.paper;

import static grastel.core.words.Words.say;

import grastel.app.course.CourseViews.StageView;
import grastel.core.planning.Skill;
import grastel.core.planning.Stop;
import grastel.core.words.Words;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words of courses on paper. */
public final class PaperWords {
    private static final DateTimeFormatter MEETING = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Words.locale());
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Words.locale());

    private PaperWords() {}

    static String skills(List<Skill> skills, String between) {
        return skills.stream().map(Words::called).collect(Collectors.joining(between));
    }

    /** What is done in a stage. */
    public static String stage(StageView stage) {
        return switch (stage.kind()) {
            case SHOW -> say("paper.show-and-explain");
            case LOOK_TOGETHER -> say("paper.look-together");
            case DISSOLVE -> say("paper.dissolve-leave-to-dry");
            case WORK -> stage.field().isEmpty() ? say("paper.draw") : field(stage);
        };
    }

    private static String field(StageView stage) {
        String label = stage.label().isEmpty() ? say("paper.field", stage.field()) : stage.label();
        return Stream.of(stage.group(), label).filter(w -> !w.isEmpty()).collect(Collectors.joining(" "));
    }

    static String stop(Stop stop) {
        return switch (stop) {
            case GOOD -> say("paper.may-stop-here");
            case POOR -> say("paper.better-not-stop-here");
            case NEVER -> say("paper.do-not-stop-here");
            case MUST -> say("paper.stop-nothing-touches-it");
        };
    }

    static String meeting(LocalDateTime at) {
        return MEETING.format(at);
    }

    static String day(LocalDate date) {
        return DAY.format(date);
    }

    static String minutes(double minutes) {
        return say("paper.min", Math.round(minutes));
    }
}
