package grastel.app.returns.page;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A straightened picture of a page or of one of its boxes. */
@Entity
@Table(name = "page_image")
public class PageImage extends Owned {
    /** The part that is the whole page; boxes have their own ids. */
    public static final String WHOLE = "page";

    @Column(name = "page_id", nullable = false, updatable = false)
    private UUID page;

    @Column(nullable = false, length = 20)
    private String part;

    /** The stored file, a JPEG. */
    @Column(nullable = false, length = 64)
    private String sha256;

    protected PageImage() {}

    PageImage(UUID page, String part, String sha256) {
        this.page = page;
        this.part = part;
        this.sha256 = sha256;
    }

    String sha256() {
        return sha256;
    }
}
