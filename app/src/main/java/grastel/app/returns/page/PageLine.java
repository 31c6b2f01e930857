package grastel.app.returns.page;

import grastel.core.reading.PageFlag;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;

/** A returned page as lists need it: without its reading. @param flags what to know of it, parted by spaces */
public record PageLine(
        UUID id,
        String file,
        int index,
        Instant received,
        ReturnedPage.State state,
        String problem,
        Double problemFigure,
        String foundCode,
        String spot,
        UUID printedPage,
        UUID run,
        UUID student,
        Instant confirmedAt,
        Instant readAt,
        boolean flagged,
        String flags,
        Integer readerVersion) {
    public boolean isRead() {
        return state == ReturnedPage.State.READ;
    }

    public boolean isWaiting() {
        return state == ReturnedPage.State.QUEUED || state == ReturnedPage.State.READING;
    }

    public boolean confirmed() {
        return confirmedAt != null;
    }

    public List<PageFlag> pageFlags() {
        return Arrays.stream(flags.split(" "))
                .filter(f -> !f.isEmpty())
                .map(PageFlag::valueOf)
                .toList();
    }
}
