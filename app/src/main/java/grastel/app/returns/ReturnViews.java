package grastel.app.returns;

import grastel.core.exercise.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What returned pages look like at the edge. Levels are 0…4; lightness in L*, shares in %. */
final class ReturnViews {
    private ReturnViews() {}

    /** Something to know about a page that could be read. */
    enum Notice {
        /** Another page of the same student and sheet is here too. */
        SECOND_PAGE,
        /** The sheet was printed for this class again later. */
        OLDER_RUN,
        /** Read from three markers. */
        MARKER_MISSING,
        /** The sheet did not lie flat; figures are a little less sure. */
        NOT_FLAT,
        /** Too few pixels to trust specks. */
        COARSE,
        /** Matched by hand. */
        BY_HAND
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

    record PageRow(
            @NotNull UUID id,
            @NotNull String file,
            @NotNull int pageInFile,
            @NotNull Instant received,
            @NotNull ReturnedPage.State state,
            String problem,
            Double problemFigure,
            String code,
            PlaceView place,
            @NotNull List<Integer> levels,
            @NotNull boolean close,
            @NotNull boolean confirmed,
            @NotNull List<Notice> notices) {}

    record BoxReadingView(
            @NotNull String field,
            @NotNull double x,
            @NotNull double y,
            @NotNull double width,
            @NotNull double height,
            @NotNull double askedValue,
            @NotNull double askedLightness,
            @NotNull double value,
            @NotNull double lightness,
            @NotNull double plusMinus,
            @NotNull double specks,
            @NotNull double unevenness,
            @NotNull double outside,
            @NotNull boolean blank,
            Double step) {}

    /** @param exercise its title where the sheet holds several; @param figureName what the figure is */
    record GoalView(
            @NotNull UUID id,
            @NotNull Goal goal,
            @NotNull String exercise,
            @NotNull String label,
            @NotNull String figureName,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull String praise,
            @NotNull int proposed,
            Integer level,
            Double figure,
            Double plusMinus,
            @NotNull double nearly,
            @NotNull double secure,
            @NotNull double beyond,
            @NotNull boolean close,
            Cause cause,
            String field) {}

    record QualityView(
            @NotNull double dpi,
            @NotNull double flatnessMm,
            @NotNull double lightSpread,
            @NotNull int markers) {}

    record PageDetail(
            @NotNull PageRow row,
            Double pageWidth,
            Double pageHeight,
            QualityView quality,
            @NotNull List<BoxReadingView> boxes,
            @NotNull List<GoalView> goals) {}

    record OutcomeView(
            @NotNull String name,
            @NotNull int pages,
            String problem,
            @NotNull double figure) {
        static OutcomeView of(Intake.Outcome outcome) {
            return new OutcomeView(outcome.name(), outcome.pages().size(), outcome.problem(), outcome.figure());
        }
    }

    record GoalLevel(@NotNull UUID mark, @NotNull Level level) {}

    /** @param changed goals whose level differs from the proposal */
    record ConfirmRequest(@NotNull @Valid @Size(max = 60) List<GoalLevel> changed) {}

    record Point(@NotNull double x, @NotNull double y) {}

    /** @param corners the four marker centres as shares of the picture, from the top left clockwise; null to find them */
    record MatchRequest(@NotNull UUID printedPage, @Valid List<Point> corners) {}
}
