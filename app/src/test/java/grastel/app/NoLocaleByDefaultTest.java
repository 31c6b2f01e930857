package grastel.app;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.core.domain.properties.HasParameterTypes.Predicates.rawParameterTypes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass.Predicates;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.PrintStream;
import java.text.DecimalFormat;
import java.text.NumberFormat;
import java.time.format.DateTimeFormatter;
import java.util.Formatter;
import java.util.Scanner;
import org.junit.jupiter.api.Test;

/** No figure and no code is written in the digits of the place where the machine stands, in the core as well as here. */
@AnalyzeClasses(packages = "grastel", importOptions = DoNotIncludeTests.class)
class NoLocaleByDefaultTest {
    private static DescribedPredicate<JavaCall<?>> call(Class<?> of, String name, Class<?>... parameters) {
        return target(owner(Predicates.equivalentTo(of)))
                .and(target(nameMatching(name)))
                .and(target(rawParameterTypes(parameters)));
    }

    @ArchTest
    static final ArchRule WRITES_NUMBERS_AND_CASE_BY_A_NAMED_LOCALE = noClasses()
            .should()
            .callMethodWhere(call(String.class, "format", String.class, Object[].class))
            .orShould()
            .callMethodWhere(call(String.class, "formatted", Object[].class))
            .orShould()
            .callMethodWhere(call(String.class, "to(Lower|Upper)Case"))
            .orShould()
            .callMethodWhere(call(PrintStream.class, "printf|format", String.class, Object[].class))
            .orShould()
            .callMethodWhere(call(NumberFormat.class, "get.*Instance"))
            .orShould()
            .callMethodWhere(call(DateTimeFormatter.class, "ofPattern", String.class))
            .orShould()
            .callConstructor(DecimalFormat.class, String.class)
            .orShould()
            .callConstructor(Formatter.class)
            .orShould()
            .callConstructor(Scanner.class, String.class);

    @Test
    void theRuleSeesWhatItForbids() {
        assertThat(WRITES_NUMBERS_AND_CASE_BY_A_NAMED_LOCALE
                        .evaluate(new ClassFileImporter().importClasses(Careless.class))
                        .getFailureReport()
                        .getDetails())
                .hasSize(3);
    }

    @SuppressWarnings("unused")
    private static final class Careless {
        String written(int n) {
            return String.format("%d", n) + "%d".formatted(n) + "I".toLowerCase();
        }
    }
}
