package grastel.app.progress.drawn;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.progress.Progress;
import grastel.app.progress.drawn.Poster.Picture;
import grastel.app.progress.drawn.Poster.PosterLine;
import grastel.app.returns.Crops;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Box;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.SkillLevel;
import grastel.core.progress.StudentRecord;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Posters of what a class drew. */
@Component
class Posters {
    private final Classes classes;
    private final Printings printings;
    private final Returns returns;
    private final Progress progress;
    private final Crops crops;

    Posters(Classes classes, Printings printings, Returns returns, Progress progress, Crops crops) {
        this.classes = classes;
        this.printings = printings;
        this.returns = returns;
        this.progress = progress;
        this.crops = crops;
    }

    /** What stands beside a student's pictures. */
    enum Labels {
        NAMES,
        /** The place in the class list. */
        NUMBERS,
        NONE
    }

    private record Place(UUID page, String field) {}

    /** The newest picture of each skill. */
    Poster ofClass(UUID schoolClass, Labels labels) {
        ClassInfo of = classes.one(schoolClass);
        Map<UUID, StudentRecord> records = progress.ofClass(of).byStudent();
        List<Skill> skills = Stream.of(Skill.values())
                .filter(s ->
                        records.values().stream().anyMatch(r -> newest(r, s).isPresent()))
                .toList();
        Map<UUID, List<Optional<Place>>> places = new HashMap<>();
        records.forEach((student, record) ->
                places.put(student, skills.stream().map(s -> newest(record, s)).toList()));
        List<String> heads = skills.stream().map(Words::called).toList();
        return poster(of, of.name(), heads, places, labels);
    }

    private static Optional<Place> newest(StudentRecord record, Skill skill) {
        return record.standing(skill)
                .map(SkillLevel::latest)
                .map(SkillLevel.Try::weakest)
                .filter(s -> s.field() != null)
                .map(Posters::place);
    }

    private static Place place(Shown shown) {
        return new Place(shown.page(), shown.field());
    }

    /** Every field of a printing. */
    Poster ofRun(UUID id, Labels labels) {
        RunInfo run = printings.run(id);
        if (run.personal()) {
            throw ApiProblem.conflict("PERSONAL", say("paper.each-of-these-pages"));
        }
        List<Attempt> attempts = returns.attempts(id);
        Map<UUID, List<Box>> boxes =
                returns.boxes(attempts.stream().map(Attempt::page).toList());
        List<String> fields = printings.plan(id).fields().stream()
                .map(f -> f.id())
                .filter(f -> boxes.values().stream()
                        .flatMap(List::stream)
                        .anyMatch(b -> b.field().equals(f) && !b.blank()))
                .toList();
        Map<UUID, List<Optional<Place>>> places =
                attempts.stream().collect(Collectors.groupingBy(Attempt::student)).entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> fields.stream()
                                        .map(f -> place(f, e.getValue(), boxes))
                                        .toList()));
        ClassInfo of = classes.one(run.schoolClass());
        return poster(of, of.name() + " · " + run.title(), fields, places, labels);
    }

    private static Optional<Place> place(String field, List<Attempt> pages, Map<UUID, List<Box>> boxes) {
        return pages.stream()
                .filter(a -> boxes.getOrDefault(a.page(), List.of()).stream()
                        .anyMatch(b -> b.field().equals(field) && !b.blank()))
                .map(a -> new Place(a.page(), field))
                .findFirst();
    }

    /** Students without any picture are left out. */
    private Poster poster(
            ClassInfo of, String title, List<String> columns, Map<UUID, List<Optional<Place>>> places, Labels labels) {
        List<PosterLine> rows = new ArrayList<>();
        int number = 0;
        for (StudentInfo student : of.students()) {
            number++;
            List<Optional<Place>> own = places.getOrDefault(student.id(), List.of());
            if (own.stream().anyMatch(Optional::isPresent)) {
                rows.add(new PosterLine(
                        label(labels, student, number),
                        own.stream().map(p -> p.map(this::picture).orElse(null)).collect(Collectors.toList())));
            }
        }
        if (rows.isEmpty()) {
            throw ApiProblem.conflict("NOTHING_BACK", say("paper.nothing-has-come-back"));
        }
        return new Poster(title, columns, rows);
    }

    private static String label(Labels labels, StudentInfo student, int number) {
        return switch (labels) {
            case NAMES -> student.name();
            case NUMBERS -> String.valueOf(number);
            case NONE -> "";
        };
    }

    private Picture picture(Place place) {
        Crops.Crop crop = crops.jpeg(place.page(), place.field());
        return new Picture(crop.jpeg(), (double) crop.width() / crop.height());
    }
}
