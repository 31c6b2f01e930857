package grastel.app.returns.screen;

import grastel.app.platform.ApiProblem;
import grastel.app.returns.intake.Intake;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.screen.ReturnViews.OutcomeView;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** Files of one request. Each has its own outcome, and one that cannot be taken does not keep the others out. */
final class Uploads {
    private Uploads() {}

    /** @param schoolClass the only class whose pages the files may hold; null for any */
    static List<OutcomeView> take(
            Intake intake, List<MultipartFile> files, ScanFile.Source source, @Nullable UUID schoolClass) {
        List<Intake.Outcome> outcomes = new ArrayList<>();
        for (MultipartFile file : files) {
            String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
            try {
                intake.accept(name, file::getInputStream, source, schoolClass, outcomes::add);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (ApiProblem full) {
                if (outcomes.stream().noneMatch(Intake.Outcome::taken)) {
                    throw full;
                }
                // What came before is stored: each file is told what became of it.
                outcomes.add(new Intake.Outcome(name, List.of(), full.code(), 0));
            }
        }
        return outcomes.stream().map(OutcomeView::of).toList();
    }
}
