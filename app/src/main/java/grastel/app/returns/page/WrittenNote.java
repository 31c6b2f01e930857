package grastel.app.returns.page;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The teacher's words on a page. @param by who wrote them last; null where nobody has since that is kept */
public record WrittenNote(String words, @Nullable UUID by) {}
