package grastel.app.platform.start;

import grastel.core.words.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Refuses a language that there are no words in: what was meant would come out in English and nobody would say why. */
class LanguageCheck implements EnvironmentPostProcessor {
    /** English, and the made-up language in which it is looked whether others will fit. */
    private static final Set<String> WITHOUT_FILES = Set.of("en", "en-XA");

    /** There are no words in the language. */
    static final class Unknown extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final Set<String> known;

        Unknown(String asked, Set<String> known) {
            super("There are no words in the language “" + asked + "”.");
            this.known = known;
        }

        Set<String> known() {
            return known;
        }
    }

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        requireKnown(environment.getProperty(Words.PROPERTY, "en"));
    }

    static void requireKnown(String asked) {
        Set<String> known = known();
        if (!known.contains(asked)) {
            throw new Unknown(asked, known);
        }
    }

    private static Set<String> known() {
        try {
            Resource[] files =
                    new PathMatchingResourcePatternResolver().getResources("classpath*:grastel/words/*_*.properties");
            Set<String> known = new TreeSet<>(WITHOUT_FILES);
            Arrays.stream(files)
                    .map(Resource::getFilename)
                    .filter(Objects::nonNull)
                    .map(name -> name.replaceAll("^[a-z]+_|[.]properties$", "").replace('_', '-'))
                    .forEach(known::add);
            return known;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
