package grastel.app.sheets.paper;

import grastel.app.platform.paper.CanvasInk;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.sheets.back.BackPage;
import grastel.core.page.PageLayout;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A printing as a PDF. */
public final class SheetPdf {
    private SheetPdf() {}

    /** One copy of a page. @param sheet the same for every student; @param own what is this student's alone; @param back null for none */
    public record Copy(
            PageLayout sheet, PageLayout own, @Nullable BackPage back) {
        /** A page that has nothing of any student's own. */
        public static Copy alike(PageLayout page) {
            return new Copy(page, page.bare(), null);
        }
    }

    private record Side(PageLayout sheet, Object stamped, Consumer<PdfCanvas> shared, Consumer<PdfCanvas> own) {}

    /** One PDF page a copy, and one a back. */
    public static byte[] document(String title, List<Copy> copies) {
        List<Side> sides = copies.stream().flatMap(SheetPdf::sides).toList();
        return PdfCanvas.document(title, sides, side -> side.sheet().size(), (canvas, side) -> {
            canvas.stamp(side.stamped(), side.shared());
            side.own().accept(canvas);
        });
    }

    private static Stream<Side> sides(Copy copy) {
        Side front = new Side(copy.sheet(), copy.sheet(), on(copy.sheet()), on(copy.own()));
        if (copy.back() == null) {
            return Stream.of(front);
        }
        PageLayout marks = copy.back().marks();
        return Stream.of(front, new Side(marks, copy.back(), on(marks).andThen(copy.back()::draw), canvas -> {}));
    }

    private static Consumer<PdfCanvas> on(PageLayout page) {
        return canvas -> CanvasInk.draw(page, canvas);
    }
}
