package grastel.app.returns.feedback;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Phrases extends JpaRepository<Phrase, UUID> {
    List<Phrase> findAllByOrderByWords();

    boolean existsByWords(String words);
}
