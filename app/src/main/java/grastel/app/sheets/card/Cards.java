package grastel.app.sheets.card;

import static grastel.core.words.Words.say;

import grastel.core.page.Card;
import grastel.core.page.Card.Label;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** The front door: cards of a sheet's pages, and the labels that say whose a drawing is. */
public final class Cards {
    private static final Card.Words WORDS = new Card.Words(say("paper.card-an-adult-cuts"), say("paper.bare-paper"));

    private Cards() {}

    /** What stands against printing pages as cards, in words; empty if nothing does. */
    public static Optional<String> problem(List<PageLayout> pages) {
        if (pages.stream().anyMatch(Card::hasForms)) {
            return Optional.of(say("paper.zones-of-one-form"));
        }
        OptionalDouble narrow = pages.stream()
                .map(Card::tooNarrow)
                .flatMapToDouble(OptionalDouble::stream)
                .min();
        return narrow.isEmpty()
                ? Optional.empty()
                : Optional.of(say("paper.through-a-window-only", Card.LEAST_MM, narrow.getAsDouble()));
    }

    /** A page as it is photographed: the card, with a label in its window. */
    public static PageLayout page(PageLayout sheet, String student, PageCode code) {
        return Card.labelled(Card.of(sheet, WORDS), new Label(student, code));
    }

    /** One card of each page, then labels. @param title of the label sheets */
    public static List<PageLayout> document(List<PageLayout> pages, String title, List<Label> labels) {
        PageSize size = pages.get(0).size();
        List<PageLayout> all = new ArrayList<>();
        pages.forEach(page -> all.add(Card.of(page, WORDS)));
        all.addAll(Card.labels(size, title, labels));
        return all;
    }

    /** Of one page of a student; of several each with its number. @param part which page, from 0 */
    public static Label label(String student, int part, int parts, PageCode code) {
        return new Label(parts > 1 ? student + " · " + (part + 1) : student, code);
    }
}
