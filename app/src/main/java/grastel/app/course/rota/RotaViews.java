package grastel.app.course.rota;

import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rotas as the screen wants them. Minutes are those of the class's middle student. */
public final class RotaViews {
    private RotaViews() {}

    /** @param tasks what every seat does, in the sheet's own order; @param tables those that are alike stand once */
    public record RotaView(
            @NotNull List<RotaTaskView> tasks, @NotNull List<RotaTableView> tables) {}

    public record RotaTaskView(
            @NotNull String label,
            @NotNull double minutes,
            @NotNull List<RotaPencilView> pencils) {}

    public record RotaPencilView(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour) {
        static RotaPencilView of(Pencil pencil) {
            return new RotaPencilView(
                    pencil.code(),
                    pencil.name(),
                    Srgb.of(pencil.masstone().toLab()).hex());
        }
    }

    /**
     * @param numbers of the tables, from 1
     * @param missing pencils of which there is no copy for such a table; with any, there are no seats
     * @param waiting minutes all seats of one such table together wait
     * @param remedies what would end it
     */
    public record RotaTableView(
            @NotNull List<Integer> numbers,
            @NotNull List<RotaPencilView> missing,
            @NotNull List<RotaSeatView> seats,
            @NotNull double waiting,
            @NotNull List<RotaRemedyView> remedies) {}

    /** @param seat a letter */
    public record RotaSeatView(
            @NotNull String seat, @NotNull List<RotaTurnView> turns) {}

    /** @param task its place, from 0; @param starts minutes from the beginning of work; @param waits minutes of it without a pencil */
    public record RotaTurnView(
            @NotNull int task,
            @NotNull double starts,
            @NotNull double ends,
            @NotNull double waits) {}

    public enum Change {
        ONE_MORE_COPY,
        SUBSTITUTE,
        SEATS_IN_PAIRS
    }

    /**
     * @param pencil the one waited for; null for seats in pairs
     * @param substitute only of a substitute; @param deltaValue its Munsell value less the other's; @param deltaHue degrees
     * @param saves minutes of waiting at one such table
     */
    public record RotaRemedyView(
            @NotNull Change change,
            @Nullable RotaPencilView pencil,
            @Nullable RotaPencilView substitute,
            @Nullable Double deltaValue,
            @Nullable Double deltaHue,
            @NotNull double saves) {}
}
