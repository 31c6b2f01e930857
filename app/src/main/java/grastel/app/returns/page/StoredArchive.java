package grastel.app.returns.page;

import grastel.app.platform.storage.StoredFiles;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Stored files, which rows name. */
@Component
class StoredArchive implements Archive {
    private final ScanFiles files;
    private final PageImages images;
    private final StoredFiles stored;

    StoredArchive(ScanFiles files, PageImages images, StoredFiles stored) {
        this.files = files;
        this.images = images;
        this.stored = stored;
    }

    @Override
    public Optional<byte[]> file(UUID file) {
        return files.findById(file).flatMap(f -> stored.get(f.sha256()));
    }

    @Override
    public Optional<String> kind(UUID file) {
        return files.kind(file);
    }

    @Override
    public Optional<byte[]> picture(UUID page, String part) {
        return images.findByPageAndPart(page, part).flatMap(i -> stored.get(i.sha256()));
    }

    @Override
    public boolean hasPicture(UUID page, String part) {
        return images.existsByPageAndPart(page, part);
    }

    @Override
    public void keep(UUID page, List<NewImage> pictures) {
        images.deleteOf(page);
        images.saveAll(pictures.stream()
                .map(i -> new PageImage(page, i.part(), stored.putRemade(i.jpeg())))
                .toList());
    }

    @Override
    public void forgetPictures(UUID page) {
        images.deleteOf(page);
    }
}
