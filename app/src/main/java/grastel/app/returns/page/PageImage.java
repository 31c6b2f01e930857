package grastel.app.returns.page;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
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

    @Lob
    @Column(nullable = false)
    private byte[] jpeg;

    protected PageImage() {}

    PageImage(UUID page, String part, byte[] jpeg) {
        this.page = page;
        this.part = part;
        this.jpeg = jpeg;
    }

    byte[] jpeg() {
        return jpeg;
    }
}
