package grastel.app.returns.page;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** In rows of the database, beside everything else. */
@Component
class DatabaseArchive implements Archive {
    private final ScanFiles files;
    private final PageImages images;

    DatabaseArchive(ScanFiles files, PageImages images) {
        this.files = files;
        this.images = images;
    }

    @Override
    public Optional<byte[]> file(UUID file) {
        return files.findById(file).map(ScanFile::content);
    }

    @Override
    public Optional<String> kind(UUID file) {
        return files.kind(file);
    }

    @Override
    public Optional<byte[]> picture(UUID page, String part) {
        return images.findByPageAndPart(page, part).map(PageImage::jpeg);
    }

    @Override
    public void keep(UUID page, List<NewImage> pictures) {
        images.deleteOf(page);
        images.saveAll(pictures.stream()
                .map(i -> new PageImage(page, i.part(), i.jpeg()))
                .toList());
    }

    @Override
    public void forgetPictures(UUID page) {
        images.deleteOf(page);
    }
}
