package grastel.app.sheets;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.back.BackPage;
import grastel.app.sheets.back.Backs;
import grastel.app.sheets.card.Cards;
import grastel.app.sheets.paper.SheetPdf;
import grastel.app.sheets.paper.SvgInk;
import grastel.app.sheets.paper.TeacherPages;
import grastel.app.sheets.rows.PrintedPages;
import grastel.app.sheets.rows.SheetVersion;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.app.sheets.rows.StoredSheets;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.page.Card;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets as they come out of a printer. */
@Service
@Transactional
public class SheetPapers {
    private final Printings printings;
    private final StoredSheets kept;
    private final PrintedPages pages;
    private final Kit kit;
    private final Classes classes;
    private final Backs backs;

    SheetPapers(Printings printings, StoredSheets kept, PrintedPages pages, Kit kit, Classes classes, Backs backs) {
        this.printings = printings;
        this.kept = kept;
        this.pages = pages;
        this.kit = kit;
        this.classes = classes;
        this.backs = backs;
    }

    /** The run's pages in the order of the class list, as a PDF. */
    public byte[] pdf(UUID id) {
        return pdf(id, null, false);
    }

    /**
     * @param student whose pages alone, as where one was lost; null for everyone's
     * @param withBacks true for a back after each page, to be printed on its other side
     */
    public byte[] pdf(UUID id, @Nullable UUID student, boolean withBacks) {
        RunInfo run = printings.run(id);
        ClassInfo to = classes.one(run.schoolClass());
        Map<UUID, String> names = to.namesHidden() ? Map.of() : to.names();
        List<PrintedPages.OfRun> rows = pages.ofRun(id).stream()
                .filter(p -> student == null || student.equals(p.student()))
                .toList();
        if (rows.isEmpty()) {
            throw ApiProblem.notFound(say("thing.printed-page"));
        }
        Map<UUID, StoredSheetVersion> printedFrom =
                kept.settled(rows.stream().map(PrintedPages.OfRun::version).collect(Collectors.toSet()));
        if (run.card()) {
            return SheetPdf.document(
                    run.title(),
                    cards(run, to, rows, Require.key(printedFrom, rows.get(0).version())));
        }
        // one for all who have the same page, so that it stands in the document once
        Map<BackOf, List<BackPage>> made = new HashMap<>();
        List<SheetPdf.Copy> copies = rows.stream()
                .flatMap(p -> {
                    StoredSheetVersion sheet = Require.key(printedFrom, p.version());
                    PageLayout page = sheet.pages().get(p.part());
                    SheetPdf.Copy drawn = new SheetPdf.Copy(
                            page,
                            Printings.forStudent(
                                    page.bare(), new PageCode(p.code(), p.number()), p.student(), to, names),
                            withBacks
                                    ? made.computeIfAbsent(
                                                    new BackOf(p.version(), p.paper()), key -> backs(run, p, sheet))
                                            .get(p.part())
                                    : null);
                    return Stream.concat(Stream.of(drawn), instructions(sheet, p.part(), withBacks));
                })
                .toList();
        return SheetPdf.document(run.title(), copies);
    }

    /** The pages of instructions after a drawn page, each with an empty back where the others have one. */
    private static Stream<SheetPdf.Copy> instructions(StoredSheetVersion sheet, int part, boolean withBacks) {
        return sheet.withInstructions(part).stream()
                .skip(1)
                .flatMap(page -> withBacks ? Stream.of(page, PageLayout.empty(page.size())) : Stream.of(page))
                .map(SheetPdf.Copy::alike);
    }

    private static List<SheetPdf.Copy> cards(
            RunInfo run, ClassInfo to, List<PrintedPages.OfRun> rows, StoredSheetVersion sheet) {
        Map<UUID, String> names = to.namesHidden() ? Map.of() : to.names();
        List<Integer> places = StoredSheetVersion.drawn(sheet.pages());
        List<Card.Label> labels = rows.stream()
                .map(p -> Cards.label(
                        names.getOrDefault(p.student(), ""),
                        places.indexOf(p.part()),
                        run.parts(),
                        new PageCode(p.code(), p.number())))
                .toList();
        List<PageLayout> drawn = places.stream().map(sheet.pages()::get).toList();
        return Cards.document(drawn, run.title() + " · " + to.name(), labels).stream()
                .map(SheetPdf.Copy::alike)
                .toList();
    }

    private record BackOf(UUID version, UUID paper) {}

    private List<BackPage> backs(RunInfo run, PrintedPages.OfRun page, StoredSheetVersion sheet) {
        return backs.of(
                page.version(),
                sheet.plan(),
                sheet.pages(),
                kit.paper(page.paper()).paper(),
                run.band());
    }

    /** What the teacher keeps: pages as they should come out, figures, rubric, notes. */
    public byte[] teacherPdf(UUID sheet) {
        SheetVersion version = kept.latest(sheet);
        StoredSheetVersion settled = kept.settledOrDraft(version);
        GradeBand band = version.schoolClass() == null
                ? GradeBand.DEVELOPING
                : classes.one(version.schoolClass()).band();
        return TeacherPages.pdf(version.sheet().title(), settled.plan(), settled.pages(), band);
    }

    /** One page of the latest version without a student. @param number from 1 */
    public String svg(UUID sheet, int number) {
        List<PageLayout> layouts = kept.settledOrDraft(kept.latest(sheet)).pages();
        if (number < 1 || number > layouts.size()) {
            throw ApiProblem.notFound(say("thing.page"));
        }
        return SvgInk.document(layouts.get(number - 1));
    }
}
