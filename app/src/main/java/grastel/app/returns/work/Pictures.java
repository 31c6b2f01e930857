package grastel.app.returns.work;

import grastel.app.returns.page.NewImage;
import grastel.app.returns.page.PageImage;
import grastel.app.returns.work.ReadingJob.Read;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.light.EvenPage;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * EvenPage pictures of pages and their boxes. They are made when a page's figures have been kept, so that figures wait for
 * no picture; whoever asks for one meanwhile waits until it is there.
 */
@Component
public class Pictures {
    /** Paper shown around a box in its picture, mm. */
    private static final double CROP_MARGIN_MM = 2.5;

    private static final double PAGE_PX_PER_MM = 2.2;
    private static final double CROP_PX_PER_MM = 6;

    private final PageStore store;

    Pictures(PageStore store) {
        this.store = store;
    }

    Optional<byte[]> find(UUID page, String part) {
        return store.picture(page, part);
    }

    /** Makes and keeps the pictures of a reading. One page at a time: both cores work on it. */
    synchronized void make(UUID page, Read read) {
        store.keepPictures(page, read.result().readAt(), of(read.page(), read.layout()));
    }

    /** A picture that is missing or damaged; empty where a page has no such part. @param again reads the page */
    synchronized Optional<byte[]> makeMissing(UUID page, String part, Instant readAt, Supplier<Read> again) {
        Optional<byte[]> meanwhile = find(page, part);
        boolean noSuchPart = find(page, PageImage.WHOLE).isPresent() && !store.hasPicture(page, part);
        if (meanwhile.isPresent() || noSuchPart) {
            return meanwhile;
        }
        Read read = again.get();
        List<NewImage> made = of(read.page(), read.layout());
        store.keepPictures(page, readAt, made);
        return made.stream().filter(i -> i.part().equals(part)).findFirst().map(NewImage::jpeg);
    }

    /** A page as a JPEG. */
    static byte[] whole(EvenPage page, PageLayout layout) {
        return Jpeg.encode(
                page.part(new Rect(0, 0, layout.size().widthMm(), layout.size().heightMm()), PAGE_PX_PER_MM));
    }

    /** The page and its boxes, made side by side: the page alone takes as long as all boxes. */
    private static List<NewImage> of(EvenPage page, PageLayout layout) {
        record Part(String name, Rect area, double pxPerMm) {}
        List<Part> parts = new ArrayList<>();
        Rect whole = new Rect(0, 0, layout.size().widthMm(), layout.size().heightMm());
        parts.add(new Part(PageImage.WHOLE, whole, PAGE_PX_PER_MM));
        layout.fields().forEach(f -> parts.add(new Part(f.id(), f.rect().inset(-CROP_MARGIN_MM), CROP_PX_PER_MM)));
        return parts.parallelStream()
                .map(part -> new NewImage(part.name(), Jpeg.encode(page.part(part.area(), part.pxPerMm()))))
                .toList();
    }
}
