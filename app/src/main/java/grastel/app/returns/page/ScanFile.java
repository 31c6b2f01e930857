package grastel.app.returns.page;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A file as it came in, whole. */
@Entity
@Table(name = "scan_file")
public class ScanFile extends Owned {
    public enum Source {
        UPLOAD,
        FOLDER,
        PHONE
    }

    @Column(nullable = false)
    private String name;

    @Column(name = "media_type", nullable = false, length = 40)
    private String mediaType;

    @Column(nullable = false, length = 64)
    private String sha256;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private Source source;

    /** The only class whose pages this file may hold; null for any. */
    @Column(name = "class_id", updatable = false)
    private @Nullable UUID schoolClass;

    protected ScanFile() {}

    /** @param sha256 of what it holds, by which it is stored */
    public ScanFile(String name, String mediaType, String sha256, Source source, @Nullable UUID schoolClass) {
        this.name = name;
        this.mediaType = mediaType;
        this.sha256 = sha256;
        this.source = source;
        this.schoolClass = schoolClass;
    }

    public String sha256() {
        return sha256;
    }

    String mediaType() {
        return mediaType;
    }
}
