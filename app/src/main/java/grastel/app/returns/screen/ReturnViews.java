package grastel.app.returns.screen;

import grastel.app.returns.api.CauseView;
import grastel.app.returns.intake.Intake;
import grastel.app.returns.page.ReturnedPage;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.reading.PageFlag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What returned pages look like at the edge. Levels are 0…4; lightness in L*, shares in %. */
final class ReturnViews {
    private ReturnViews() {}

    /** Something to know about a page that could be read. */
    enum Notice {
        /** Another page of the same student and sheet is here too. */
        SECOND_PAGE,
        /** The sheet was printed for this class again later. */
        OLDER_RUN,
        /** One of several sheets in its picture. */
        SHARED_PICTURE,
        /** Matched by hand. */
        BY_HAND,
        /** A newer reader is here than the one that read this page. */
        OLDER_READER,
        /** See {@link PageFlag}. */
        BLURRED,
        COARSE,
        GLARE,
        SHADOW,
        STAINED,
        GREY,
        THREE_MARKERS,
        CLIPPED,
        ANOTHER_SHEET,
        BENT,
        OTHER_PAPER,
        WITHOUT_MARKERS;

        static Notice of(PageFlag flag) {
            return valueOf(flag.name());
        }
    }

    record PersonView(@NotNull UUID id, @NotNull String name) {}

    /** The printed page a returned page belongs to. */
    record PlaceView(
            @NotNull UUID printedPage,
            @NotNull UUID run,
            @NotNull String title,
            @NotNull int version,
            @NotNull Instant printedAt,
            @NotNull PersonView student,
            @NotNull PersonView schoolClass) {}

    /** @param read when its present reading was made: its pictures are asked for by it; @param doubts goals that are close; @param seen its state,
     * which whoever decides about it sends back */
    record PageRow(
            @NotNull UUID id,
            @NotNull String file,
            @NotNull int pageInFile,
            @NotNull Instant received,
            Instant read,
            @NotNull ReturnedPage.State state,
            String problem,
            Double problemFigure,
            String code,
            @Nullable PlaceView place,
            @NotNull List<Integer> levels,
            @NotNull boolean close,
            @NotNull int doubts,
            @NotNull boolean confirmed,
            @NotNull boolean flagged,
            @NotNull List<Notice> notices,
            @NotNull String seen) {}

    /**
     * A field as asked and as read.
     *
     * @param picture true where it was read as a picture and held against its plan
     */
    record BoxReadingView(
            @NotNull String field,
            @NotNull String label,
            @NotNull LyingView lies,
            @NotNull WantedView asked,
            @NotNull FiguresView read,
            @NotNull AlongView along,
            @NotNull boolean picture) {}

    /** Where a field lies, mm. @param outline closed lines of a shape, x and y by turns; empty for a rectangle */
    record LyingView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double width,
            @NotNull double height,
            @NotNull List<List<Double>> outline) {}

    /**
     * What was asked for.
     *
     * @param colours from left to right; one for an even field, none where nothing is asked
     * @param value Munsell value, 0…10
     * @param lightness L*
     */
    record WantedView(
            @NotNull List<String> colours,
            @NotNull double value,
            @NotNull double lightness) {}

    /**
     * What was measured.
     *
     * @param value Munsell value, 0…10
     * @param lightness L*; plusMinus its 95 % interval
     * @param difference ΔE00 to what was asked; null for strips and where a value or nothing was asked
     * @param specks % of the area
     * @param unevenness L*
     * @param outside % of the area; null for zones of forms
     * @param step L* from the field before; null for the first, and for strips
     * @param direction of the strokes, degrees anticlockwise from the horizontal; null where there is none
     * @param glare % of the area
     */
    record FiguresView(
            @NotNull String colour,
            @NotNull double value,
            @NotNull double lightness,
            @NotNull double plusMinus,
            @Nullable Double difference,
            @NotNull double specks,
            @NotNull double unevenness,
            @Nullable Double outside,
            @NotNull boolean blank,
            @Nullable Double step,
            @Nullable Double direction,
            @NotNull double glare) {}

    /** L* along a strip; both empty for other fields. @param read mm by mm; @param asked at equal distances */
    record AlongView(@NotNull List<Double> read, @NotNull List<Double> asked) {
        static final AlongView NONE = new AlongView(List.of(), List.of());
    }

    /** @param exercise its title where the sheet holds several; @param level as decided, null before it is */
    record GoalView(
            @NotNull UUID id,
            @NotNull Goal goal,
            @NotNull String exercise,
            @NotNull CalledView called,
            @NotNull int proposed,
            @Nullable Integer level,
            @NotNull boolean close,
            @NotNull LadderView ladder,
            @NotNull GoalFigureView found) {}

    /** A figure that is measured beside the goals and has no level. */
    record MeasuredFigureView(
            @NotNull CalledView called,
            @NotNull double value,
            @NotNull double plusMinus) {}

    /** What a goal is called. @param figure what its figure is; @param digits decimal places it is shown with */
    record CalledView(
            @NotNull String label,
            @NotNull String figure,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull String praise) {
        static CalledView of(Goal goal) {
            return new CalledView(goal.label(), goal.figure(), goal.unit(), goal.digits(), goal.praise());
        }
    }

    /** The figures from which each level is reached, rising or falling. */
    record LadderView(
            @NotNull double nearly,
            @NotNull double secure,
            @NotNull double beyond) {}

    /** What was found for a goal. @param figure null where nothing was drawn; @param field to look at; @param atMm along it */
    record GoalFigureView(
            @Nullable Double figure,
            @Nullable Double plusMinus,
            @Nullable CauseView cause,
            @Nullable String field,
            @Nullable Double atMm) {}

    record QualityView(
            @NotNull double dpi,
            @NotNull double flatnessMm,
            @NotNull double lightSpread,
            @NotNull int markers,
            @NotNull KeysView keys) {}

    /**
     * What the key boxes told.
     *
     * @param before mean ΔE00 to their pencils as the camera saw them
     * @param after the same once corrected
     */
    record KeysView(
            @NotNull int used,
            @NotNull double before,
            @NotNull double after,
            @NotNull List<SuspectView> suspects) {}

    /** @param asked the pencil the key box is for; @param looksLike the one it is nearer to */
    record SuspectView(@NotNull String asked, @NotNull String looksLike) {}

    /** One decision. @param exercise its title where the sheet holds several; @param from null for the first; @param to null where it was taken back */
    record DecisionView(
            @NotNull Instant when,
            @NotNull String by,
            @NotNull String exercise,
            @NotNull String goal,
            @NotNull int proposed,
            @Nullable Integer from,
            @Nullable Integer to) {}

    /** A level reached before. @param exercise its title where the sheet holds several */
    record LevelBeforeView(
            @NotNull Goal goal,
            @NotNull String exercise,
            @NotNull int level,
            @Nullable Double figure) {}

    /** A field as it was done before. @param field its name here; @param there its name on that page */
    record BeforeBoxView(
            @NotNull String field,
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull String there) {}

    /** What the student gave in of the same fields before: the page of the same sheet, or those of which some are done again. */
    record BeforeView(
            @NotNull Instant received,
            @NotNull List<BeforeBoxView> fields,
            @NotNull List<LevelBeforeView> levels) {}

    /** @param before null where there is none */
    record PageDetail(
            @NotNull PageRow row,
            @Nullable Double pageWidth,
            @Nullable Double pageHeight,
            @Nullable QualityView quality,
            @NotNull List<BoxReadingView> boxes,
            @NotNull List<GoalView> goals,
            @NotNull List<MeasuredFigureView> figures,
            @NotNull String note,
            @NotNull List<DecisionView> history,
            @Nullable BeforeView before) {}

    /** What is left out stays as it is. @param seen the note as it was when this one was begun */
    record NoteRequest(
            Boolean flagged,
            @Size(max = 600) String note,
            @NotNull @Size(max = 600) String seen) {}

    /** @param seen the page’s state that was decided about, {@link PageRow#seen} */
    record ReopenRequest(@NotNull @Size(max = 80) String seen) {}

    record PhraseView(@NotNull UUID id, @NotNull String words) {}

    record PhraseRequest(@NotBlank @Size(max = 200) String words) {}

    record SwapRequest(@NotNull UUID with) {}

    record OutcomeView(
            @NotNull String name,
            @NotNull int pages,
            @Nullable String problem,
            @NotNull double figure) {
        static OutcomeView of(Intake.Outcome outcome) {
            return new OutcomeView(outcome.name(), outcome.pages().size(), outcome.problem(), outcome.figure());
        }
    }

    record GoalLevel(@NotNull UUID mark, @NotNull Level level) {}

    /** @param seen the page’s state that was decided about, {@link PageRow#seen}; @param changed goals whose level differs from the proposal */
    record ConfirmRequest(
            @NotNull @Size(max = 80) String seen,
            @NotNull @Size(max = 60) List<@NotNull @Valid GoalLevel> changed) {}

    record Point(@NotNull double x, @NotNull double y) {}

    /**
     * @param corners shares of the picture, from the top left clockwise; null to find them
     * @param drawing true where they are those of a drawing without markers, else or with null the four markers’ centres
     */
    record MatchRequest(@NotNull UUID printedPage, List<@NotNull @Valid Point> corners, Boolean drawing) {}

    /**
     * @param offered whether the sheet holds a picture, which can be read without markers
     * @param corners where it seems to lie, as {@link MatchRequest#corners}; empty where nothing is seen
     */
    record DrawingView(@NotNull boolean offered, @NotNull List<@NotNull Point> corners) {}
}
