package grastel.app.sheets.rows;

import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A version as it is kept. */
public record StoredSheetVersion(SheetPlan plan, List<PageLayout> pages, List<FirstTry> firstTries) {
    /** The pages that students draw on and bring back, by their places among all; others only have instructions. */
    public static List<Integer> drawn(List<PageLayout> pages) {
        return IntStream.range(0, pages.size())
                .filter(i -> !pages.get(i).fields().isEmpty())
                .boxed()
                .toList();
    }

    /** The page of a part with the pages of instructions that follow it. */
    public List<PageLayout> withInstructions(int part) {
        return Stream.concat(
                        Stream.of(pages.get(part)),
                        pages.stream()
                                .skip(part + 1L)
                                .takeWhile(page -> page.fields().isEmpty()))
                .toList();
    }
}
