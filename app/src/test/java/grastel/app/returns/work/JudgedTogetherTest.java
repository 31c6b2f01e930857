package grastel.app.returns.work;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.work.PageStore.Result;
import grastel.app.returns.work.PageStore.Taken;
import grastel.app.sheets.Printings.PageInfo;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Two who keep pages of one sheet at the same moment, as two nodes do: one judges after the other and sees its page. */
@Tag("database")
class JudgedTogetherTest extends ApplicationTest {
    @Autowired
    private ReadingJob job;

    @Autowired
    private PageStore store;

    @Autowired
    private PageRows rows;

    private SignedIn teacher;

    @Test
    void aGoalOverTwoPagesIsJudgedByWhoeverKeepsTheSecond() throws Exception {
        teacher = newTeacher();
        List<UUID> pages = bothPagesOfAStudent();
        List<Result> read = pages.stream()
                .map(p -> as(teacher, () -> {
                    try {
                        return job.again(Taken.of(rows.find(p), null)).result();
                    } catch (UnreadablePage e) {
                        throw new IllegalStateException(e);
                    }
                }))
                .toList();
        jdbc.update("delete from goal_mark where page_id in (?, ?)", pages.get(0), pages.get(1));
        jdbc.update(
                "update returned_page set state = 'READING', reading = null, printed_page_id = null where id in (?, ?)",
                pages.get(0),
                pages.get(1));

        CountDownLatch firstJudges = new CountDownLatch(1);
        CountDownLatch secondJudges = new CountDownLatch(1);
        Result first = waiting(read.get(0), firstJudges, secondJudges);
        Result second = waiting(read.get(1), secondJudges, new CountDownLatch(0));
        CompletableFuture<Void> one = keep(pages.get(0), first);
        assertThat(firstJudges.await(10, TimeUnit.SECONDS)).isTrue();
        CompletableFuture<Void> other = keep(pages.get(1), second);
        one.get(20, TimeUnit.SECONDS);
        other.get(20, TimeUnit.SECONDS);

        List<String> goals = jdbc.queryForList(
                "select goal from goal_mark where page_id in (?, ?)", String.class, pages.get(0), pages.get(1));
        assertThat(goals).contains("HUE_HOLDS").doesNotHaveDuplicates();
    }

    private CompletableFuture<Void> keep(UUID page, Result result) {
        return CompletableFuture.supplyAsync(() -> Ownership.as(teacher.id(), () -> {
            store.keep(page, result);
            return null;
        }));
    }

    /** The same, but it says when it judges, and gives the other a moment to judge too if nothing keeps it from that. */
    private static Result waiting(Result of, CountDownLatch judges, CountDownLatch other) {
        return new Result(
                of.whose(),
                of.code(),
                of.kept(),
                of.readerVersion(),
                of.readAt(),
                siblings -> {
                    judges.countDown();
                    await(other);
                    return of.judging().beside(siblings);
                },
                of.siblings());
    }

    private static void await(CountDownLatch other) {
        try {
            other.await(700, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private List<UUID> bothPagesOfAStudent() {
        List<PageInfo> all = onTwoPages(teacher);
        return all.stream()
                .filter(p -> p.student().equals(all.get(0).student()))
                .map(p -> {
                    UUID id = upload(teacher, p.number() + ".jpg", scan(teacher, p.id(), Hand.EXACT, p.number()))
                            .get(0);
                    awaitRead(teacher, id);
                    return id;
                })
                .toList();
    }
}
