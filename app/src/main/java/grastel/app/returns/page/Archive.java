package grastel.app.returns.page;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where files as they came in and pictures of pages are kept. Nothing else knows where that is. Call as their owner. */
public interface Archive {
    /** A file as it came in, whole. */
    Optional<byte[]> file(UUID file);

    /** The kind of a file, as a media type. */
    Optional<String> kind(UUID file);

    /** A straightened picture. @param part {@link PageImage#WHOLE} or a field */
    Optional<byte[]> picture(UUID page, String part);

    /** True where a picture was kept, though it may be damaged since. */
    boolean hasPicture(UUID page, String part);

    /** Keeps pictures of a page in place of those it has. */
    void keep(UUID page, List<NewImage> pictures);

    void forgetPictures(UUID page);
}
