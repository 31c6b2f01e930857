package grastel.app.returns;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Phrases extends JpaRepository<Phrase, UUID> {
    List<Phrase> findAllByOrderByWords();

    boolean existsByWords(String words);
}
